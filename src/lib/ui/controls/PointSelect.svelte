<script lang="ts">
  import { REF_POINTS, type RefPoint } from '#core/runs/document';
  import type { Length, LengthUnit } from '#core/units';
  import { REF_POINT_NAMES } from '#words/refs.ts';
  import MeasureField from './MeasureField.svelte';

  interface Props {
    label: string;
    unit: LengthUnit;
    at: RefPoint;
    gap: Length;
    onpick: (at: RefPoint, gap: Length) => void;
  }
  let { label, unit, at, gap, onpick }: Props = $props();
</script>

<div class="flex flex-wrap items-end gap-2">
  <label class="flex flex-col text-sm"
    ><span class="chart-label">{label}</span>
    <select
      class="tap select w-40"
      value={at}
      onchange={(event) => onpick(event.currentTarget.value as RefPoint, gap)}
    >
      {#each REF_POINTS as point (point)}<option value={point}>{REF_POINT_NAMES[point].name}</option>{/each}
    </select></label
  >
  {#if at === 'wall'}
    <MeasureField
      label="gap from its back to the wall"
      {unit}
      value={gap === 0 ? null : gap}
      placeholder="0"
      optional
      zero
      width="w-28"
      onmeasure={(length) => onpick(at, length ?? 0)}
    />
  {/if}
</div>
