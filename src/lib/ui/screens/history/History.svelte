<script lang="ts">
  import { untrack } from 'svelte';
  import { goto } from '$app/navigation';
  import { resolve } from '$app/paths';
  import { sayMoment } from '#words/days.ts';
  import type { ChangeInFile } from '#core/formats';
  import { resolveRules } from '#core/house-rules';
  import { planGoBack } from '#core/runs/commands';
  import { compareRuns } from '#core/runs/reading';
  import { layOutRun } from '#core/runs/layout';
  import { rewind } from '#core/runs/changes';
  import { sayWholeChange } from '#words/change-details.ts';
  import type { Refusal } from '#words/refusals.ts';
  import TroubleNote from '../../controls/TroubleNote.svelte';
  import LineDrawing from '../../instruments/LineDrawing.svelte';
  import RunDifferences from '../run/RunDifferences.svelte';
  import { fetchHistory, joinHistory } from '../../store/fetch-history.ts';
  import { getChanges } from '../../store/outbox.ts';
  import { getRunStore } from '../../store/run-context.ts';

  const store = getRunStore();
  let kept = $state.raw<readonly ChangeInFile[] | null>(null);
  let trouble = $state.raw<Refusal | null>(null);
  /** The revision looked at; null for the run as it stands. */
  let looked = $state<number | null>(null);

  let busy = $state(false);
  /** Whether the server has steps before those that are here. */
  const hasMore = $derived((kept?.[0]?.revision ?? 1) > 1);

  /** The newest steps, or those before the oldest that is here. */
  async function load(before: number | null = null): Promise<void> {
    busy = true;
    const page = await fetchHistory(store.job, store.run, before);
    busy = false;
    trouble = page.ok ? null : page.refusal;
    if (page.ok) kept = joinHistory(kept ?? [], page.value);
  }
  // Again whenever the server has taken another change.
  $effect(() => {
    if (store.kept) void untrack(load);
  });

  const waiting = $derived(getChanges(store.waiting));
  /** Newest first: what only this device has, then what the server has. */
  const steps = $derived([
    ...waiting
      .map((change, i) => ({ ...change, revision: store.revision - waiting.length + i + 1, isHere: true }))
      .reverse(),
    ...(kept ?? [])
      .filter(({ revision }) => revision <= (store.kept?.revision ?? 0))
      .map((change) => ({ ...change, isHere: false }))
      .reverse(),
  ]);
  const seen = $derived.by(() => {
    if (!store.doc) return null;
    if (looked === null) return { ok: true, value: store.doc } as const;
    const after = looked;
    return rewind(
      store.doc,
      steps.filter(({ revision }) => revision > after),
    );
  });
  const layout = $derived(
    seen?.ok
      ? layOutRun(seen.value, store.catalogue, resolveRules(seen.value.ruleChoices), store.facts)
      : null,
  );

  let seenSection = $state<HTMLElement>();
  /** Picked again it is let go of. In the hand the drawing stands above the list: it is brought into sight. */
  function look(revision: number): void {
    looked = looked === revision ? null : revision;
    if (seenSection && seenSection.getBoundingClientRect().bottom < 120) seenSection.scrollIntoView();
  }

  /** What going back would change. */
  const difference = $derived(
    looked !== null && layout && store.layout ? compareRuns(store.layout, layout) : null,
  );

  async function goBack(): Promise<void> {
    if (!store.doc || !seen?.ok) return;
    const result = store.apply(planGoBack(store.doc, seen.value));
    trouble = result.ok ? null : result.refusal;
    if (!result.ok) return;
    looked = null;
    await goto(resolve('/jobs/[job]/runs/[run]/lay-out', { job: store.job, run: store.run }));
  }
</script>

<svelte:head><title>History · Porthole</title></svelte:head>

<main class="history">
  <section class="steps" aria-label="What was done">
    <h1 class="text-2xl font-semibold">History</h1>
    {#if trouble}<TroubleNote refusal={trouble} />{/if}
    {#if steps.length === 0}
      <p class="chart-label">
        {kept === null && !trouble
          ? 'Looking…'
          : 'Nothing was done yet. Every change will stand here, with who and when.'}
      </p>
    {:else}
      <ol class="flex flex-col" reversed>
        {#each steps as step (step.id)}
          <li>
            <button
              type="button"
              class="step"
              class:looked={looked === step.revision}
              aria-pressed={looked === step.revision}
              onclick={() => look(step.revision)}
            >
              <span class="w-9 shrink-0 text-right font-semibold">{step.revision}</span>
              <span class="min-w-0 grow">
                <span class="block text-lg leading-tight"
                  >{sayWholeChange(step, store.details?.units ?? 'in', store.catalogue)}</span
                >
                <span class="block text-sm"
                  >{step.by}, {sayMoment(step.at)}{step.isHere ? '; on this device only' : ''}</span
                >
              </span>
            </button>
          </li>
        {/each}
        {#if hasMore}
          <li>
            <button
              type="button"
              class="tap btn my-2 w-full"
              disabled={busy}
              onclick={() => void load(kept?.[0]?.revision ?? null)}>Earlier steps</button
            >
          </li>
        {:else}
          <li>
            <button
              type="button"
              class="step"
              class:looked={looked === 0}
              aria-pressed={looked === 0}
              onclick={() => look(0)}
            >
              <span class="w-9 shrink-0 text-right font-semibold">0</span>
              <span class="text-lg">the run was begun</span>
            </button>
          </li>
        {/if}
      </ol>
    {/if}
  </section>
  <section class="seen" aria-label="The run then" bind:this={seenSection}>
    <div class="bar">
      <p class="grow text-lg" role="status">
        {looked === null
          ? 'As it stands. Pick a step to see the run as it was after it.'
          : `As it was after step ${looked}.`}
      </p>
      <button
        type="button"
        class="btn h-12 btn-primary"
        disabled={looked === null || !seen?.ok || looked === store.revision || store.finish !== null}
        onclick={() => void goBack()}>Go back to this</button
      >
    </div>
    {#if seen && !seen.ok}
      <p class="m-4 border-l-4 border-warning pl-3">
        The run cannot be followed back to this step: a step after it was written by an older Porthole in a
        form of its own. Pick a later one.
      </p>
    {:else if layout && layout.legs.size > 0}
      <div class="drawing"><LineDrawing {layout} unit={store.details?.units ?? 'in'} overview /></div>
    {:else}
      <p class="chart-label m-4">The run was empty then.</p>
    {/if}
    {#if difference}
      <div class="px-4 py-2">
        <h2 class="text-lg font-semibold">What going back would change</h2>
        <RunDifferences {difference} unit={store.details?.units ?? 'in'} before="as it stands" after="then" />
      </div>
    {/if}
    <p class="chart-label px-4 pb-2 text-sm">
      Going back is a change of its own: nothing that was done since is lost, and it can be taken back. What
      was cut and ticked off stays recorded.
    </p>
  </section>
</main>

<style>
  .history {
    display: grid;
    flex: 1;
  }
  .seen {
    grid-row: 1;
    display: flex;
    flex-direction: column;
    border-bottom: 1px solid var(--color-base-300);
  }
  .bar {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.75rem;
    padding: 0.5rem 1rem;
    background: var(--color-base-200);
  }
  .drawing {
    height: 15rem;
    background-color: var(--color-base-100);
    background-image: radial-gradient(var(--color-base-300) 1px, transparent 1px);
    background-size: 22px 22px;
  }
  .steps {
    padding: 0.75rem;
  }
  .step {
    display: flex;
    width: 100%;
    min-height: 44px;
    align-items: baseline;
    gap: 0.75rem;
    padding: 0.35rem 0.5rem;
    border-bottom: 1px solid var(--color-base-300);
    text-align: left;
    cursor: pointer;
  }
  .step:hover {
    background: var(--color-base-200);
  }
  .step.looked {
    background: var(--color-accent);
    color: var(--color-accent-content);
  }
  @media (min-width: 1000px) {
    .history {
      grid-template-columns: 380px minmax(0, 1fr);
      grid-template-rows: minmax(0, 1fr);
      height: calc(100dvh - 56px - 52px);
      flex: none;
    }
    .steps {
      grid-column: 1;
      grid-row: 1;
      overflow-y: auto;
      border-right: 1px solid var(--color-base-300);
    }
    .seen {
      grid-column: 2;
      min-height: 0;
      border-bottom: 0;
    }
    .drawing {
      flex: 1;
      height: auto;
      min-height: 0;
    }
  }
</style>
