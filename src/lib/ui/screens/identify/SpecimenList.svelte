<script lang="ts">
  import { sayCount } from '#words/counts.ts';
  import { sayDay } from '#words/days.ts';
  import { threads } from '../../threads.ts';
  import type { Specimen } from '#core/identify';
  import type { LengthUnit } from '#core/units';
  import { sayObservation } from '#words/identify.ts';
  import { nameThread } from '#words/threads.ts';
  import { VERDICT_WORDS } from '#words/verdicts.ts';
  import TroubleNote from '../../controls/TroubleNote.svelte';
  import type { SpecimensStore } from '../../store/specimens-store.svelte.ts';

  interface Props {
    store: SpecimensStore;
    unit: LengthUnit;
    onbegin: (specimen: Specimen) => void;
  }
  let { store, unit, onbegin }: Props = $props();
  const nameById = (id: string) => {
    const thread = threads.findThread(id);
    return thread ? nameThread(thread) : id;
  };
  const sayFound = ({ verdict, end }: Specimen): string => {
    if (end?.certainty === 'tie') return [end.thread, ...end.orElse].map(nameById).join(', or ');
    if (end) {
      const others = end.orElse.map(nameById).join(', ');
      return `${nameById(end.thread)}${others ? ` (or ${others}: only the marking tells)` : ''}`;
    }
    return verdict.kind === 'none'
      ? `nearest: ${verdict.threads.map(nameById).join(', ')}`
      : 'not identified yet';
  };
</script>

<section aria-label="Specimens" class="flex flex-col gap-2">
  <h2 class="text-2xl font-semibold">Specimens of this job</h2>
  {#if store.refused}<TroubleNote refusal={{ code: 'device-store-refused', unsafe: store.unkept }} />{/if}
  {#if store.trouble}<TroubleNote refusal={store.trouble} />{/if}
  <ul class="grid gap-x-8 lg:grid-cols-2">
    {#each store.list as { specimen, where } (specimen.id)}
      <li class="flex break-inside-avoid flex-col gap-1 border-b border-base-300 py-2">
        <p class="flex flex-wrap items-baseline gap-x-3">
          <strong class="text-lg">{specimen.name}</strong>
          <span>{VERDICT_WORDS[specimen.verdict.kind]}: {sayFound(specimen)}</span>
        </p>
        {#if specimen.note}<p class="chart-label">{specimen.note}</p>{/if}
        <p class="text-sm">
          {specimen.by}, {sayDay(specimen.at)}, {where === 'server'
            ? 'on the server'
            : where === 'window'
              ? 'in this window only'
              : 'on this device, not yet on the server'}{#if specimen.simulated}, <strong class="text-warning"
              >simulated readings</strong
            >{/if}
        </p>
        <p class="print-only text-sm">
          {specimen.readings
            .map(
              ({ observation, instrument, simulated }) =>
                `${sayObservation(observation, unit)}${instrument ? `, ${instrument}` : ''}${simulated ? ' (simulated)' : ''}`,
            )
            .join('; ')}
        </p>
        <details class="no-print text-sm">
          <summary
            class="tap flex w-fit cursor-pointer items-center underline decoration-dotted underline-offset-4"
            >{sayCount(specimen.readings.length, 'reading')}</summary
          >
          <ul class="list-disc pl-5">
            {#each specimen.readings as { id, observation, instrument, simulated } (id)}
              <li>
                {sayObservation(observation, unit)}{instrument ? `, ${instrument}` : ''}{simulated
                  ? ' (simulated)'
                  : ''}
              </li>
            {/each}
          </ul>
        </details>
        {#if specimen.end && where === 'server'}
          <button type="button" class="tap no-print btn w-fit" onclick={() => onbegin(specimen)}
            >Begin a run here<span class="sr-only"> at {specimen.name}</span></button
          >
        {/if}
      </li>
    {:else}
      <li>
        {store.asking
          ? 'Looking for specimens…'
          : 'None yet. Identify something and keep it: it can become the start of a run.'}
      </li>
    {/each}
  </ul>
</section>
