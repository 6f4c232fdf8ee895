<script lang="ts">
  import type { Outcome } from '#core/identify/find-next-measurement.ts';
  import type { LengthUnit } from '#core/units/length.ts';
  import { sayObservation } from '#words/identify.ts';
  import { nameThread } from '#words/threads.ts';
  import type { IdentifyBench } from './identify-bench.svelte.ts';

  interface Props {
    bench: IdentifyBench;
    outcomes: readonly Outcome[];
    unit: LengthUnit;
  }
  let { bench, outcomes, unit }: Props = $props();
  const MOST = 4;
  const likely = $derived(outcomes.filter(({ chance }) => chance > 0.02).slice(0, MOST));
  /** A few names, and how many more there would be. */
  function sayLeads(outcome: Outcome): string {
    const names = bench.getLeads(outcome).map(({ thread }) => nameThread(thread));
    const more = names.length - 3;
    return `${names.slice(0, 3).join(', ')}${more > 0 ? ` and ${more} more` : ''}`;
  }
  // While half the list is in the running, what an outcome would mean is no help.
  const isTelling = $derived(likely.length > 1 && (bench.ranking.threads[0]?.probability ?? 0) > 0.05);
</script>

{#if isTelling}
  <details class="border-l-4 border-base-300 pl-3" open>
    <summary class="tap flex cursor-pointer items-center font-semibold">What it would mean</summary>
    <dl class="grid grid-cols-[auto_1fr] gap-x-3 gap-y-0.5 text-sm leading-snug">
      {#each likely as outcome, i (i)}
        <dt class="font-semibold">{sayObservation(outcome.observation, unit)}</dt>
        <dd>{sayLeads(outcome)}</dd>
      {/each}
    </dl>
  </details>
{/if}
