<script lang="ts">
  import type { Outcome } from '#core/identify';
  import type { LengthUnit } from '#core/units';
  import { sayOutcome } from '#words/identify.ts';
  import { nameThread } from '#words/threads.ts';
  import type { IdentifyBench } from './identify-bench.svelte.ts';

  interface Props {
    bench: IdentifyBench;
    outcomes: readonly Outcome[];
    unit: LengthUnit;
  }
  let { bench, outcomes, unit }: Props = $props();
  const MOST = 4;
  /** Outcomes that would mean the same are said once. */
  const lines = $derived.by(() => {
    const byLeads: Record<string, string[]> = {};
    for (const outcome of outcomes.filter(({ chance }) => chance > 0.02)) {
      const leads = sayLeads(outcome);
      (byLeads[leads] ??= []).push(sayOutcome(outcome.observation, unit));
    }
    return Object.entries(byLeads).slice(0, MOST);
  });
  /** A few names, and how many more there would be. */
  function sayLeads(outcome: Outcome): string {
    const names = bench.getLeads(outcome).map(({ thread }) => nameThread(thread));
    const more = names.length - 3;
    return `${names.slice(0, 3).join(', ')}${more > 0 ? ` and ${more} more` : ''}`;
  }
  // While half the list is in the running, what an outcome would mean is no help.
  const isTelling = $derived((bench.ranking.threads[0]?.probability ?? 0) > 0.05 && lines.length > 1);
</script>

{#if isTelling}
  <section aria-label="What it would mean" class="border-l-4 border-base-300 pl-3 leading-snug">
    <h3 class="font-semibold">What it would mean</h3>
    <dl class="text-sm">
      {#each lines as [leads, said] (leads)}
        <dt class="mt-1 font-semibold">{said.join(', or ')}</dt>
        <dd>{leads}</dd>
      {/each}
    </dl>
  </section>
{/if}
