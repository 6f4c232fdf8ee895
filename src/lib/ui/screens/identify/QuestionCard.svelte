<script lang="ts">
  import type { Observation } from '#core/identify';
  import type { LengthUnit } from '#core/units';
  import { QUESTION_NAMES, QUESTIONS } from '#words/identify.ts';
  import TroubleNote from '../../controls/TroubleNote.svelte';
  import SimulatedAnswer from './SimulatedAnswer.svelte';
  import { sendReading } from '../../store/reading-channel.ts';
  import { newId } from '../../store/new-id.ts';
  import { getChoices } from './choices.ts';
  import { BENCH_QUESTIONS, type BenchQuestion, type IdentifyBench } from './identify-bench.svelte.ts';
  import MeasuredFields from './MeasuredFields.svelte';
  import OutcomeList from './OutcomeList.svelte';

  let { bench, unit }: { bench: IdentifyBench; unit: LengthUnit } = $props();
  const question = $derived(bench.question);
  const choices = $derived(question ? getChoices(question) : null);
  const next = $derived(bench.next.find((each) => each.question === question) ?? null);
  const isBest = $derived(bench.next[0]?.question === question);
  const simulated = $derived(bench.simulated);

  function pick(observation: Observation, instrument: string | null): void {
    if (simulated) {
      sendReading({ id: newId(), observation, instrument: instrument ?? 'simulated look', simulated: true });
    } else bench.take(observation, instrument);
  }
  const ask = (value: string) => (bench.picked = BENCH_QUESTIONS.find((each) => each === value) ?? null);
  const NEEDS_GAUGE: Partial<Record<BenchQuestion, string>> = { flank: 'profile gauge', seat: 'seat gauge' };
</script>

<section aria-label="Question" class="flex flex-col gap-3 max-lg:contents">
  {#if question}
    <div class="max-lg:order-2">
      <p class="chart-label">{isBest ? 'best next' : 'you picked this'}</p>
      <h2 class="text-2xl leading-tight font-semibold">{QUESTIONS[question].ask}</h2>
      <p class="leading-snug">{QUESTIONS[question].how}</p>
    </div>
    <div class="answer">
      {#if simulated}
        {#key `${question} ${bench.readings.length}`}
          <SimulatedAnswer {question} specimen={simulated} readings={bench.readings} {unit} onread={pick} />
        {/key}
      {:else if choices}
        <ul class="grid grid-cols-2 gap-2" aria-label="Answers">
          {#each choices as { text, observation } (text)}
            <li>
              <button
                type="button"
                class="btn h-auto min-h-12 w-full justify-start btn-outline py-1.5 text-left leading-tight whitespace-normal"
                onclick={() => pick(observation, NEEDS_GAUGE[question] ?? null)}>{text}</button
              >
            </li>
          {/each}
        </ul>
      {:else}
        {#key `${question} ${bench.readings.length}`}
          <MeasuredFields {bench} {question} {unit} />
        {/key}
      {/if}
    </div>
  {:else}
    <h2 class="text-2xl leading-tight font-semibold max-lg:order-2">Nothing more would tell</h2>
    <p class="max-lg:order-2">
      No measurement left here is expected to part what remains. What was read can be taken back and read
      again.
    </p>
  {/if}
  <div class="flex flex-col gap-3 max-lg:order-2">
    {#if bench.refusal}<TroubleNote refusal={bench.refusal} />{/if}
    {#if next}<OutcomeList {bench} outcomes={next.outcomes} {unit} />{/if}
    <label class="flex flex-wrap items-center gap-2">
      <span class="chart-label">or answer another</span>
      <select
        class="select w-auto grow"
        style:height="44px"
        value={question ?? ''}
        onchange={(event) => ask(event.currentTarget.value)}
      >
        {#if !question}<option value="">pick one</option>{/if}
        {#each BENCH_QUESTIONS as each (each)}<option value={each}>{QUESTION_NAMES[each]}</option>{/each}
      </select>
    </label>
  </div>
</section>

<style>
  /* In the hand what answers lies at the bottom, where the thumb is, whatever is read above. */
  @media (max-width: 1023px) {
    .answer {
      position: sticky;
      bottom: 0;
      z-index: 5;
      order: 9999;
      max-height: 64dvh;
      margin-inline: -0.75rem;
      padding: 0.5rem 0.75rem;
      overflow-y: auto;
      background: var(--color-base-200);
      border-top: 2px solid var(--color-accent);
    }
  }
</style>
