<script lang="ts">
  import { untrack } from 'svelte';
  import { getSecondPlace, type Observation, type Reading } from '#core/identify';
  import { countThreads, type SimulatedSpecimen } from '#core/instruments';
  import type { LengthUnit } from '#core/units';
  import { sayObservation } from '#words/identify.ts';
  import { getChoices } from './choices.ts';
  import type { BenchQuestion } from './identify-bench.svelte.ts';
  import Caliper from '../../instruments/Caliper.svelte';
  import PitchGauge from '../../instruments/PitchGauge.svelte';
  import ProfileGauge from '../../instruments/ProfileGauge.svelte';
  import SeatGauge from '../../instruments/SeatGauge.svelte';
  import { sayLook } from './simulated-look.ts';

  interface Props {
    question: BenchQuestion;
    specimen: SimulatedSpecimen;
    readings: readonly Reading[];
    unit: LengthUnit;
    onread: (observation: Observation, instrument: string) => void;
  }
  let { question, specimen, readings, unit, onread }: Props = $props();
  const choices = $derived(getChoices(question));
  const first = $derived(readings.find(({ observation }) => observation.kind === 'diameter')?.observation);
  const secondPlace = $derived(getSecondPlace(first?.kind === 'diameter' ? first.place : 'first'));
  /** Counted once for this look: the error does not change while it is looked at. */
  const counted = untrack(() => countThreads(specimen, Math.random));
</script>

<div class="flex flex-col gap-2 border-2 border-dashed border-warning p-2">
  <p class="font-semibold text-warning">Simulated instrument</p>
  {#if question === 'diameter' || question === 'second-diameter'}
    <Caliper {specimen} {unit} place={question === 'diameter' ? 'first' : secondPlace} {onread} />
  {:else if question === 'leaf'}
    <PitchGauge {specimen} {onread} />
  {:else if question === 'flank'}
    <ProfileGauge {specimen} {onread} />
  {:else if question === 'seat'}
    <SeatGauge {specimen} {onread} />
  {:else if question === 'count'}
    <p>Counted with the caliper’s jaws: {sayObservation(counted, unit)}.</p>
    <button type="button" class="btn h-12 btn-primary" onclick={() => onread(counted, 'simulated caliper')}
      >Take this reading</button
    >
  {:else if choices}
    <p>{sayLook(question, specimen)}</p>
    <ul class="grid grid-cols-2 gap-2" aria-label="Answers">
      {#each choices as { text, observation } (text)}
        <li>
          <button
            type="button"
            class="btn h-auto min-h-12 w-full justify-start btn-outline py-1.5 text-left leading-tight whitespace-normal"
            onclick={() => onread(observation, 'simulated look')}>{text}</button
          >
        </li>
      {/each}
    </ul>
  {:else}
    <p>A specimen from the tray has nothing of the kind. Answer another question.</p>
  {/if}
</div>
