<script lang="ts">
  import type { Snippet } from 'svelte';
  import { untrack } from 'svelte';
  import { resolve } from '$app/paths';
  import { beforeNavigate } from '$app/navigation';
  import { page } from '$app/state';
  import Lock from '@lucide/svelte/icons/lock';
  import { sayDay } from '#words/days.ts';
  import { catalogue } from '../../catalogue.ts';
  import BenchSelect from '../../controls/BenchSelect.svelte';
  import { fetchAtRest } from '../../controls/fetch-at-rest.ts';
  import MissingPartDialog from '../../controls/MissingPartDialog.svelte';
  import { LaterPanel } from '../../controls/later.svelte.ts';
  import SaveState from '../../controls/SaveState.svelte';
  import TroubleNote from '../../controls/TroubleNote.svelte';
  import { isPassing } from '../../store/ask-server.ts';
  import { setRunStore } from '../../store/run-context.ts';
  import { RunStore } from '../../store/run-store.svelte.ts';
  import CautionDialog from '../../controls/CautionDialog.svelte';
  import NotKept from './NotKept.svelte';
  import RunMenu from './RunMenu.svelte';
  import StageBar from './StageBar.svelte';
  import StageWays from './StageWays.svelte';

  let { job, run, children }: { job: string; run: string; children: Snippet } = $props();
  const store = untrack(() => new RunStore(job, run, catalogue));
  setRunStore(store);

  $effect(() => {
    void store.open();
    return () => store.close();
  });

  const LEAVING =
    'What was made last is in this window only: neither this browser nor the server has it. Leave all the same?';
  /**
   * From one screen of the run to another the window stays, and from one page to another what is being kept goes on being kept. Whoever
   * unloads the page in that moment, or leaves while this device refuses, is asked.
   */
  beforeNavigate((navigation) => {
    if (store.unkept === 0 || navigation.to?.params?.['run'] === run) return;
    if (!store.shelf.refused && !navigation.willUnload) return;
    if (navigation.willUnload || !confirm(LEAVING)) navigation.cancel();
  });

  /** What hangs on the run's name waits there for everybody and is opened by few. */
  const files = new LaterPanel(() => import('./RunFilesDialog.svelte'));
  const rules = new LaterPanel(() => import('../rules/HouseRulesDialog.svelte'));
  const makers = new LaterPanel(() => import('../makers/WhosePartsDialog.svelte'));
  const conflict = new LaterPanel(() => import('./ConflictDialog.svelte'));
  $effect(() => {
    if (store.conflict) conflict.open();
  });
  $effect(fetchAtRest);
  /** A page that is put away may not come back: what the job's page says of this run is kept first. */
  const onVisibility = () => document.visibilityState === 'hidden' && store.rememberStanding();
  const finished = $derived.by(() => {
    if (!store.finish) return '';
    const waits =
      store.waiting.length > 0 ? ` ${store.waiting.length} made on this device before wait until then.` : '';
    return `Finished ${sayDay(store.finish.at)}: read only.${waits && ` To change it, open the job again.${waits}`}`;
  });
</script>

<svelte:document onvisibilitychange={onVisibility} />
<svelte:head>
  {#if store.phase !== 'ready'}<title>Run · Porthole</title>{/if}
</svelte:head>

<section
  aria-label="This run"
  class="no-print flex min-h-[52px] items-center gap-x-2 border-b border-base-300 bg-base-200 px-2 max-sm:sticky max-sm:top-0 max-sm:z-20 sm:flex-wrap sm:gap-x-4 sm:px-5"
>
  <StageBar {store} />
  <div class="max-md:hidden"><StageWays {job} {run} /></div>
  <div class="flex min-w-0 flex-1 items-center gap-2 max-md:justify-end md:min-w-30">
    <a
      class="truncate underline decoration-dotted underline-offset-4 max-md:hidden"
      href={resolve('/jobs/[job]', { job })}>{store.details?.name ?? 'Job'}</a
    >
    <RunMenu
      {store}
      onfiles={() => files.open()}
      onrules={() => rules.open()}
      onmakers={() => makers.open()}
    />
  </div>
  {#if store.finish}
    <p role="status" class="flex items-center gap-1 font-semibold max-md:hidden">
      <Lock size={18} aria-hidden="true" />
      {finished}
    </p>
  {/if}
  <div class="shrink-0"><SaveState {store} /></div>
  {#if !store.finish}
    <div class="max-sm:hidden"><BenchSelect people={store.details?.people ?? []} /></div>
  {/if}
</section>

{#if store.phase === 'ready'}
  <CautionDialog {job} />
  <NotKept {store} />
  <!-- That edits are kept on this device is no comfort where it keeps none: the note above says what holds then. -->
  {#if store.trouble && !store.conflict && !(store.shelf.refused && isPassing(store.trouble))}
    <div class="no-print px-3 py-1 sm:px-5"><TroubleNote refusal={store.trouble} /></div>
  {/if}
  {#if store.finish}
    <p role="status" class="no-print bg-base-200 px-3 pb-1 font-semibold sm:px-5 md:hidden">{finished}</p>
  {/if}
  {#if !page.url.pathname.endsWith('/lay-out')}
    <div class="no-print px-4 pt-3 md:hidden"><StageWays {job} {run} /></div>
  {/if}
  {@render children()}
  <MissingPartDialog />
  {#if conflict.panel}<conflict.panel {store} />{/if}
  {#if files.panel}<files.panel bind:open={files.isOpen} {store} />{/if}
  {#if makers.panel}<makers.panel bind:open={makers.isOpen} {store} />{/if}
  {#if rules.panel}<rules.panel bind:open={rules.isOpen} {store} first={null} />{/if}
{:else}
  <main class="mx-auto flex w-full max-w-3xl flex-col gap-4 p-6">
    {#if store.phase === 'opening'}
      <p role="status" class="chart-label">Opening the run…</p>
    {:else}
      <h1 class="text-3xl font-semibold">The run cannot be opened</h1>
      {#if store.trouble}<TroubleNote refusal={store.trouble} />{/if}
      <NotKept {store} />
      <p class="flex gap-3">
        <button type="button" class="tap btn" onclick={() => void store.refresh()}>Try again</button>
        <a class="tap btn btn-primary" href={resolve('/')}>Jobs</a>
      </p>
    {/if}
  </main>
{/if}
