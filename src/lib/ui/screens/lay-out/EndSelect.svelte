<script lang="ts">
  import type { LaidLeg } from '#core/runs/pieces';
  import type { RunLayout } from '#core/runs/layout';
  import { nameFitting } from '#words/parts.ts';

  interface Props {
    laid: LaidLeg;
    layout: RunLayout | null;
    /** The end a place in the leg is measured from. */
    end: 'near' | 'far';
  }
  let { laid, layout, end = $bindable() }: Props = $props();
  const nameEnd = (node: string): string => {
    const at = layout?.nodes.get(node);
    return at ? nameFitting(at.fitting) : 'end';
  };
</script>

<label class="flex flex-col text-sm"
  ><span class="chart-label">measured from the centre of</span>
  <select class="tap select w-56" bind:value={end}>
    <option value="near">{nameEnd(laid.near)}, nearer the source</option>
    <option value="far">{nameEnd(laid.far)}, farther on</option>
  </select></label
>
