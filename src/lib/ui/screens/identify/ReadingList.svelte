<script lang="ts">
  import Undo from '@lucide/svelte/icons/undo-2';
  import type { LengthUnit } from '#core/units';
  import { sayObservation } from '#words/identify.ts';
  import type { IdentifyBench } from './identify-bench.svelte.ts';

  let { bench, unit }: { bench: IdentifyBench; unit: LengthUnit } = $props();
</script>

{#if bench.readings.length > 0}
  <section aria-label="Readings" class="flex flex-col gap-1">
    <div class="flex items-center justify-between gap-2">
      <h2 class="text-lg font-semibold">Readings</h2>
      <button type="button" class="tap btn" onclick={() => bench.clear()}>Clear the bench</button>
    </div>
    <ul>
      {#each bench.readings as { id, observation, instrument, simulated } (id)}
        {@const said = sayObservation(observation, unit)}
        <li class="flex items-center gap-2 border-b border-base-300">
          <span class="flex grow flex-wrap gap-x-2 leading-snug">
            <span>{said}</span>
            {#if instrument && !said.endsWith(instrument)}<span class="chart-label">{instrument}</span>{/if}
            {#if simulated}<strong class="text-warning">simulated</strong>{/if}
          </span>
          <button
            type="button"
            class="tap btn btn-ghost px-3"
            aria-label="Take back: {said}"
            onclick={() => bench.takeBack(id)}><Undo aria-hidden="true" size={20} /></button
          >
        </li>
      {/each}
    </ul>
  </section>
{/if}
