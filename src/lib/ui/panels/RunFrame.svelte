<script lang="ts">
  import type { Snippet } from 'svelte';
  import { untrack } from 'svelte';
  import { resolve } from '$app/paths';
  import { beforeNavigate } from '$app/navigation';
  import { page } from '$app/state';
  import Lock from '@lucide/svelte/icons/lock';
  import { sayDay } from '#words/days.ts';
  import BenchSelect from '../controls/BenchSelect.svelte';
  import { keepInSight } from '../controls/in-sight.ts';
  import SaveState from '../controls/SaveState.svelte';
  import TroubleNote from '../controls/TroubleNote.svelte';
  import { isPassing } from '../store/ask-server.ts';
  import { setRunStore } from '../store/run-context.ts';
  import { RunStore } from '../store/run-store.svelte.ts';
  import CautionDialog from './CautionDialog.svelte';
  import ConflictDialog from './ConflictDialog.svelte';
  import NotKept from './NotKept.svelte';

  let { job, run, children }: { job: string; run: string; children: Snippet } = $props();
  const store = untrack(() => new RunStore(job, run));
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

  const name = $derived(
    store.details?.runs.find((heading) => heading.id === run)?.name ?? store.kept?.name ?? 'Run',
  );
  const finished = $derived.by(() => {
    if (!store.finish) return '';
    const waits =
      store.waiting.length > 0 ? ` ${store.waiting.length} made on this device before wait until then.` : '';
    return `Finished ${sayDay(store.finish.at)}: read only.${waits && ` To change it, open the job again.${waits}`}`;
  });
  const stations = $derived([
    { name: 'Lay out', href: resolve('/jobs/[job]/runs/[run]/lay-out', { job, run }) },
    { name: 'Write', href: resolve('/jobs/[job]/runs/[run]/write', { job, run }) },
    { name: 'Check', href: resolve('/jobs/[job]/runs/[run]/check', { job, run }) },
    { name: 'Cut', href: resolve('/jobs/[job]/runs/[run]/cut', { job, run }) },
    { name: 'Vise', href: resolve('/jobs/[job]/runs/[run]/vise', { job, run }) },
    { name: 'History', href: resolve('/jobs/[job]/runs/[run]/history', { job, run }) },
  ]);
</script>

<svelte:head>
  {#if store.phase !== 'ready'}<title>Run · Porthole</title>{/if}
</svelte:head>

<section
  aria-label="This run"
  class="no-print flex min-h-[52px] items-center gap-x-2 border-b border-base-300 bg-base-200 px-2 max-sm:sticky max-sm:top-0 max-sm:z-20 sm:flex-wrap sm:gap-x-5 sm:px-5"
>
  <nav aria-label="Stations" class="slides flex min-w-0 sm:gap-1">
    {#each stations as station (station.name)}
      <a
        {@attach keepInSight(page.url.pathname === station.href)}
        href={station.href}
        class="tap flex shrink-0 items-center border-b-4 px-1 font-semibold sm:px-2 sm:text-lg {page.url
          .pathname === station.href
          ? 'border-accent'
          : 'border-transparent'}"
        aria-current={page.url.pathname === station.href ? 'page' : undefined}>{station.name}</a
      >
    {/each}
  </nav>
  <p class="flex min-w-0 grow items-center gap-2 truncate max-md:hidden">
    <a class="truncate underline decoration-dotted underline-offset-4" href={resolve('/jobs/[job]', { job })}
      >{store.details?.name ?? 'Job'}</a
    ><span class="chart-label truncate">{name}</span>
  </p>
  <span class="grow md:hidden"></span>
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
  {@render children()}
  <ConflictDialog {store} />
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
