<script lang="ts">
  import { untrack, type Snippet } from 'svelte';
  import type { LengthUnit } from '#core/units';
  import { CAUTIONS } from '#words/cautions.ts';
  import Lens from '../../instruments/Lens.svelte';
  import { listenForReadings } from '../../store/reading-channel.ts';
  import ByHandCheck from './ByHandCheck.svelte';
  import CandidateList from './CandidateList.svelte';
  import { IdentifyBench } from './identify-bench.svelte.ts';
  import QuestionCard from './QuestionCard.svelte';
  import ReadingList from './ReadingList.svelte';
  import TrayPicker from './TrayPicker.svelte';
  import VerdictBanner from './VerdictBanner.svelte';

  interface Props {
    /** Names the bench whose readings are kept on this device: a job's, or the open one. */
    of: string;
    unit: LengthUnit;
    /** What is done with the result: keep it, begin a run. */
    children?: Snippet<[IdentifyBench]>;
  }
  let { of, unit, children }: Props = $props();
  const bench = untrack(() => new IdentifyBench(of));

  $effect(() => {
    void bench.restore();
    return listenForReadings(
      (reading) => bench.takeReading(reading),
      (refusal) => (bench.refusal = refusal),
    );
  });
</script>

<div
  class="no-print grid gap-x-6 gap-y-4 p-3 sm:px-5 lg:grid-cols-[minmax(20rem,25rem)_minmax(0,1fr)_minmax(18rem,21rem)] lg:items-start"
>
  <div class="flex flex-col gap-4 max-lg:contents">
    <QuestionCard {bench} {unit} />
    <p class="chart-label max-lg:order-6">{CAUTIONS.unscrew}</p>
    <div class="max-lg:order-6"><TrayPicker {bench} /></div>
  </div>
  <div class="flex flex-col gap-3 max-lg:contents">
    <div class="max-lg:order-1"><VerdictBanner {bench} {unit} /></div>
    <div class="max-lg:order-4"><CandidateList {bench} {unit} /></div>
  </div>
  <div class="flex flex-col gap-4 max-lg:contents">
    <div class="max-lg:order-3">
      <Lens
        observations={bench.observations}
        candidate={bench.lead?.thread ?? null}
        simulated={bench.simulated}
      />
    </div>
    <div class="max-lg:order-5"><ReadingList {bench} {unit} /></div>
    <div class="max-lg:order-5"><ByHandCheck {bench} {unit} /></div>
    {#if children}<div class="max-lg:order-5">{@render children(bench)}</div>{/if}
  </div>
</div>
