<script lang="ts">
  import CircleCheck from '@lucide/svelte/icons/circle-check';
  import CircleHelp from '@lucide/svelte/icons/circle-question-mark';
  import CircleX from '@lucide/svelte/icons/circle-x';
  import TriangleAlert from '@lucide/svelte/icons/triangle-alert';
  import { findLookAlike } from '#core/identify';
  import type { LengthUnit } from '#core/units';
  import { CONTRADICTION_TEXTS, LOOK_ALIKE_WARNINGS, sayObservation } from '#words/identify.ts';
  import { sayGasUse, sayTakenAsRight, sayVerdict, VERDICT_WORDS } from '#words/verdicts.ts';
  import type { IdentifyBench } from './identify-bench.svelte.ts';

  let { bench, unit }: { bench: IdentifyBench; unit: LengthUnit } = $props();
  const verdict = $derived(bench.verdict);
  const found = $derived('found' in verdict ? verdict.found : null);
  const warnings = $derived.by(() => {
    const texts: string[] = [];
    if (verdict.kind === 'tie') {
      const [best, ...others] = verdict.among;
      for (const { thread } of others) {
        const alike = findLookAlike(best!.thread, thread);
        if (alike && !texts.includes(LOOK_ALIKE_WARNINGS[alike])) texts.push(LOOK_ALIKE_WARNINGS[alike]);
      }
    }
    const gas = found ? sayGasUse(found) : null;
    if (gas) texts.unshift(gas);
    if ('ifLeft' in verdict && verdict.ifLeft.length > 0) texts.push(sayTakenAsRight(verdict.ifLeft));
    return texts;
  });
  const against = $derived(
    'against' in verdict ? verdict.against : 'disagree' in verdict ? verdict.disagree : [],
  );
  const TONES = {
    empty: 'border-base-300',
    open: 'border-info',
    certain: 'border-success',
    likely: 'border-success',
    tie: 'border-warning',
    none: 'border-error',
  } as const;
</script>

<section
  aria-label="Verdict"
  aria-live="polite"
  class="flex flex-col gap-2 border-l-8 bg-base-200 px-4 py-3 {TONES[verdict.kind]}"
>
  <p class="flex items-center gap-2 text-lg font-semibold">
    {#if verdict.kind === 'certain' || verdict.kind === 'likely'}
      <CircleCheck aria-hidden="true" class="text-success" />
    {:else if verdict.kind === 'none'}
      <CircleX aria-hidden="true" class="text-error" />
    {:else}
      <CircleHelp aria-hidden="true" />
    {/if}
    {VERDICT_WORDS[verdict.kind]}
  </p>
  <p class={found ? 'text-2xl leading-tight font-semibold' : 'leading-snug'}>{sayVerdict(verdict)}</p>
  {#each warnings as warning (warning)}
    <p class="flex gap-2 leading-snug font-semibold text-error">
      <TriangleAlert aria-hidden="true" class="mt-0.5 shrink-0" size={20} />{warning}
    </p>
  {/each}
  {#each bench.contradictions as { code, between: [a, b] }, i (i)}
    <p class="leading-snug font-semibold text-error">
      “{sayObservation(a, unit)}” and “{sayObservation(b, unit)}” contradict each other: {CONTRADICTION_TEXTS[
        code
      ]}. Take one of them again.
    </p>
  {/each}
  {#if against.length > 0}
    <p class="leading-snug">
      {verdict.kind === 'none' ? 'What does not agree' : 'What speaks against it'}: {against
        .map((each) => sayObservation(each, unit))
        .join('; ')}.
    </p>
  {/if}
</section>
