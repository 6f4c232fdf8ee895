<script lang="ts">
  import { threads } from '../../threads.ts';
  import { THREAD_FAMILIES, type ThreadFamily } from '#core/ends';
  import { FAMILY_NAMES, nameThread } from '#words/threads.ts';
  import type { IdentifyBench } from './identify-bench.svelte.ts';

  let family = $state<ThreadFamily | ''>('');
  let { bench }: { bench: IdentifyBench } = $props();
  const truth = $derived(bench.simulated?.truth ? threads.findThread(bench.simulated.truth) : null);
</script>

<section aria-label="Practice tray" class="flex flex-col gap-2 border-t-2 border-base-300 pt-3">
  <p class="leading-snug">
    {#if bench.simulated}
      A specimen from the practice tray is on the bench. Every reading of it is <strong class="text-warning"
        >simulated</strong
      > and stays so.
    {:else}
      Nothing to measure? Take a specimen from the practice tray and read it with simulated instruments.
    {/if}
  </p>
  <label>
    <span class="block text-sm font-semibold">Family, to practise one</span>
    <select class="select w-full" style:height="44px" bind:value={family}>
      <option value="">any: do not tell me</option>
      {#each THREAD_FAMILIES as each (each)}<option value={each}>{FAMILY_NAMES[each].name}</option>{/each}
    </select>
  </label>
  <div class="flex flex-wrap gap-2">
    <button type="button" class="tap btn" onclick={() => bench.drawFromTray(family || null)}
      >{bench.simulated ? 'Another from the tray' : 'Take one from the tray'}</button
    >
    {#if bench.simulated}
      <button type="button" class="tap btn" onclick={() => (bench.isRevealed = true)}>What was it?</button>
      <button type="button" class="tap btn" onclick={() => bench.clear()}>Put it back</button>
    {/if}
  </div>
  {#if bench.simulated && bench.isRevealed}
    <p role="status" class="font-semibold">
      {truth ? `It is ${nameThread(truth)}.` : 'It stands in no list.'}
    </p>
  {/if}
</section>
