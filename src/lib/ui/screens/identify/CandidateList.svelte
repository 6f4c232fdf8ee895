<script lang="ts">
  import { getSupport, type Observation } from '#core/identify';
  import type { LengthUnit } from '#core/units';
  import { OBSERVATION_NAMES, sayObservation } from '#words/identify.ts';
  import { FAMILY_NAMES, nameThread, sayPitch } from '#words/threads.ts';
  import type { IdentifyBench } from './identify-bench.svelte.ts';

  let { bench, unit }: { bench: IdentifyBench; unit: LengthUnit } = $props();
  const shown = $derived(bench.ranking.threads.slice(0, 5).filter(({ probability }) => probability > 0.0005));
  const nameReading = (observation: Observation) => {
    const name = OBSERVATION_NAMES[observation.kind].toLowerCase();
    const same = bench.observations.filter(({ kind }) => kind === observation.kind);
    return same.length > 1 ? `${name} ${same.indexOf(observation) + 1}` : name;
  };
  const sayChance = (chance: number) =>
    chance > 0.9995
      ? 'over 999 in 1000'
      : chance < 0.001
        ? 'under 1 in 1000'
        : `${Math.round(chance * 1000)} in 1000`;
</script>

<section aria-label="Candidates" class="flex flex-col gap-2">
  <h2 class="text-lg font-semibold">Candidates</h2>
  {#if bench.observations.length === 0}
    <p>
      Every thread in the list is still possible, {bench.ranking.threads.length} of them. One measurement halves
      them many times.
    </p>
  {:else}
    <ol class="flex flex-col">
      {#each shown as { thread, sisters, probability } (thread.id)}
        {@const isShown = bench.lead?.thread.id === thread.id}
        {@const support = getSupport(thread, bench.observations)}
        <li class="border-b border-base-300 py-1.5">
          <button
            type="button"
            class="tap flex w-full cursor-pointer items-center gap-3 text-left"
            aria-pressed={isShown}
            aria-label="Lay {nameThread(thread)} over the specimen"
            onclick={() => (bench.overlaid = thread.id)}
          >
            <span class="h-9 w-1.5 shrink-0 {isShown ? 'bg-accent' : 'bg-transparent'}" aria-hidden="true"
            ></span>
            <span class="min-w-0 grow">
              <span class="block leading-tight font-semibold"
                >{nameThread(thread)}{#if sisters.length > 0}<span class="font-normal"
                    >, or {sisters.map(nameThread).join(', ')}</span
                  >{/if}</span
              >
              <span class="block text-sm"
                >{sayPitch(thread)}, {thread.flank}°. Seals {FAMILY_NAMES[thread.family].seals}.</span
              >
            </span>
            <span class="shrink-0 text-right text-sm tabular-nums">{sayChance(probability)}</span>
          </button>
          {#if isShown}
            <ul class="mt-1 flex flex-wrap gap-x-3 pl-4 text-sm">
              {#each support.filter(({ says }) => says !== 'little') as { observation, says }, i (i)}
                <li
                  title={sayObservation(observation, unit)}
                  class={says === 'against' ? 'font-semibold text-error' : 'text-success'}
                >
                  {says}: {nameReading(observation)}
                </li>
              {/each}
            </ul>
          {/if}
        </li>
      {/each}
      <li class="flex items-center gap-3 py-2 pl-4">
        <span class="grow">none of these</span>
        <span class="text-sm tabular-nums">{sayChance(bench.ranking.none)}</span>
      </li>
    </ol>
  {/if}
</section>
