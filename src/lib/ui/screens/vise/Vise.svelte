<script lang="ts">
  import { resolve } from '$app/paths';
  import ArrowLeft from '@lucide/svelte/icons/arrow-left';
  import ArrowRight from '@lucide/svelte/icons/arrow-right';
  import { makeCutSheet } from '#core/cutting';
  import { CAUTIONS } from '#words/cautions.ts';
  import GloveSwitch from '../../controls/GloveSwitch.svelte';
  import BenchSelect from '../../controls/BenchSelect.svelte';
  import ReasonDialogs from '../reasons/ReasonDialogs.svelte';
  import TickBox from '../cut/TickBox.svelte';
  import VisePiece from './VisePiece.svelte';
  import NothingYet from '../run/NothingYet.svelte';
  import { getRunStore } from '../../store/run-context.ts';

  const store = getRunStore();
  let reasons = $state<ReasonDialogs>();
  /** The piece picked; null begins at the first that is not made yet. */
  let picked = $state<string | null>(null);

  const layout = $derived(store.layout);
  const rows = $derived(layout ? makeCutSheet(layout).rows : []);
  const at = $derived.by((): number => {
    const found = rows.findIndex(({ piece }) => piece.id === picked);
    if (found >= 0) return found;
    const next = rows.findIndex(({ piece }) => !piece.ticked && piece.cut);
    return next >= 0 ? next : 0;
  });
  const row = $derived(rows[at]);
  const unit = $derived(store.details?.units ?? 'in');
  const made = $derived(rows.filter(({ piece }) => piece.ticked).length);

  function step(by: 1 | -1): void {
    picked = rows[Math.min(Math.max(at + by, 0), rows.length - 1)]?.piece.id ?? null;
  }
  function onKey(event: KeyboardEvent): void {
    if (event.target instanceof HTMLInputElement || document.querySelector('dialog[open]')) return;
    if (event.key === 'ArrowRight') step(1);
    if (event.key === 'ArrowLeft') step(-1);
  }
</script>

<svelte:head><title>At the vise · Porthole</title></svelte:head>
<svelte:window onkeydown={onKey} />

<main class="vise mx-auto w-full max-w-4xl">
  <h1 class="sr-only">At the vise</h1>
  {#if layout && row}
    <div class="flex items-center justify-between gap-3 px-4 pt-3">
      <p class="chart-label grow">piece {at + 1} of {rows.length}, {made} made</p>
      <div class="sm:hidden"><BenchSelect people={store.details?.people ?? []} /></div>
    </div>
    <VisePiece {row} {store} {unit} onwhy={(id) => reasons?.showWhy(id)} />
    <p class="mx-4 border-l-4 border-warning pl-3 text-sm">{CAUTIONS.threads}</p>
    <p class="px-4 sm:hidden"><GloveSwitch /></p>
    <nav class="turning" aria-label="Pieces">
      <button
        type="button"
        class="btn h-16 text-lg"
        aria-label="Before"
        disabled={at === 0}
        onclick={() => step(-1)}
        ><ArrowLeft aria-hidden="true" /><span class="max-sm:sr-only">Before</span></button
      >
      <div class="flex flex-col items-center text-sm font-semibold sm:hidden">
        <TickBox {store} piece={row.piece} /> <span>made</span>
      </div>
      {#if at + 1 < rows.length}
        <button type="button" class="btn h-16 grow text-lg btn-primary" onclick={() => step(1)}
          >Next piece <ArrowRight aria-hidden="true" /></button
        >
      {:else}
        <a
          class="btn h-16 min-w-0 shrink grow text-lg leading-tight whitespace-normal btn-primary max-sm:text-base"
          href={resolve('/jobs/[job]/runs/[run]/cut', { job: store.job, run: store.run })}
          >The last one: back to the sheet</a
        >
      {/if}
    </nav>
  {:else}
    <div class="m-6">
      <NothingYet
        job={store.job}
        run={store.run}
        title="Nothing to cut yet"
        says="Lay out the first leg: its piece appears here at once."
      />
    </div>
  {/if}
</main>

<ReasonDialogs bind:this={reasons} {store} />

<style>
  .vise {
    display: flex;
    flex-direction: column;
    flex: 1;
    gap: 1rem;
  }
  .turning {
    position: sticky;
    bottom: 0;
    display: flex;
    gap: 0.75rem;
    margin-top: auto;
    padding: 0.5rem 1rem;
    background: var(--color-base-200);
    border-top: 2px solid var(--color-accent);
  }
</style>
