<!-- The tape along a tube, unrolled: what is marked on it before it is bent. -->
<script lang="ts">
  import X from '@lucide/svelte/icons/x';
  import { makeTubeSheet } from '#core/cutting';
  import { findPiecesThrough, type RunLayout } from '#core/runs/layout';
  import { getTapeFormat, type LengthUnit } from '#core/units';
  import { sayAdds } from '#words/tube.ts';
  import LengthText from '../../controls/LengthText.svelte';
  import TubeTape from '../../instruments/TubeTape.svelte';

  interface Props {
    layout: RunLayout;
    leg: string;
    unit: LengthUnit;
    onclose: () => void;
  }
  let { layout, leg, unit, onclose }: Props = $props();
  const graduation = $derived(layout.rules['tape-rounding'].option);
  const pieces = $derived(findPiecesThrough(layout, leg));
</script>

<section class="flex flex-col gap-1" aria-label="Tape along the tube">
  {#each pieces as piece, i (piece.id)}
    {@const sheet = makeTubeSheet(piece, layout)}
    <div class="flex flex-wrap items-end gap-x-4">
      <h2 class="text-lg leading-tight font-semibold">Tube {piece.mark}, unrolled</h2>
      {#if piece.cut}
        <p class="leading-tight">
          <span class="chart-label">cut</span>
          <strong class="text-2xl"
            ><LengthText length={piece.cut.onTape.length} {unit} format={getTapeFormat(graduation)} /></strong
          >
          <span class="text-sm">{sayAdds(piece.cut, unit)}</span>
        </p>
      {/if}
      {#if i === 0}<button
          type="button"
          class="tap btn ml-auto"
          aria-label="Put the tape away"
          onclick={onclose}><X size={20} aria-hidden="true" /></button
        >{/if}
    </div>
    {#if sheet && piece.cut}<TubeTape {sheet} cut={piece.cut.onTape.length} {unit} {graduation} />
    {:else}<p class="text-error">
        No marks yet: a measure, a radius or the fitting at its beginning is not known.
      </p>{/if}
  {/each}
</section>
