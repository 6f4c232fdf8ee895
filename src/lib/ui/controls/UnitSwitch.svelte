<script lang="ts">
  import { unitSetting } from './unit-setting.svelte.ts';

  const UNITS = [
    { unit: 'in', name: 'inches' },
    { unit: 'mm', name: 'millimetres' },
  ] as const;
</script>

<div class="no-print flex shrink-0 items-center gap-1" role="group" aria-label="Measured in">
  {#each UNITS as { unit, name } (unit)}
    <button
      type="button"
      class="tap btn px-3"
      class:btn-primary={unitSetting.unit === unit}
      aria-pressed={unitSetting.unit === unit}
      onclick={() => unitSetting.choose(unit)}
      ><span class="max-sm:sr-only">{name}</span><span class="sm:hidden" aria-hidden="true">{unit}</span
      ></button
    >
  {/each}
</div>
