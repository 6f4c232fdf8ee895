<script lang="ts">
  import { untrack } from 'svelte';
  import { resolve } from '$app/paths';
  import Keyboard from '@lucide/svelte/icons/keyboard';
  import Scale from '@lucide/svelte/icons/scale';
  import { findPiecesThrough } from '#core/runs/layout';
  import { sayRefusal } from '#words/refusals.ts';
  import BenchSelect from '../../controls/BenchSelect.svelte';
  import GloveSwitch from '../../controls/GloveSwitch.svelte';
  import { Later, LaterPanel } from '../../controls/later.svelte.ts';
  import type { RunStore } from '../../store/run-store.svelte.ts';
  import FindingsList from '../check/FindingsList.svelte';
  import { findTransitionWay } from '../joints/transition-way.ts';
  import ReasonDialogs from '../reasons/ReasonDialogs.svelte';
  import StageWays from '../run/StageWays.svelte';
  import type { TapeHand } from '../tape/tape-hand.svelte.ts';
  import { readKey } from './lay-out-keys.ts';
  import LegEntryPanel from './LegEntryPanel.svelte';
  import { LegEntry } from './leg-entry.svelte.ts';
  import LegList from './LegList.svelte';
  import LineSheet from './LineSheet.svelte';
  import Readout from './Readout.svelte';
  import { RunEditor } from './run-editor.ts';
  import { Scene } from './scene.svelte.ts';

  let { store }: { store: RunStore } = $props();
  const entry = untrack(() => new LegEntry(store));
  const editor = new RunEditor(entry);
  const legDialog = new LaterPanel(() => import('./LegDialog.svelte'));
  const switchDialog = new LaterPanel(() => import('./SwitchDialog.svelte'));
  const fittingDialog = new LaterPanel(() => import('./FittingDialog.svelte'));
  const keysDialog = new LaterPanel(() => import('./ShortcutsDialog.svelte'));
  const tape = new Later(async () => {
    const [{ TapeHand }, { default: Panel }] = await Promise.all([
      import('../tape/tape-hand.svelte.ts'),
      import('../tape/TapePanel.svelte'),
    ]);
    return { TapeHand, Panel };
  });
  let hand = $state.raw<TapeHand | null>(null);
  let sheet = $state<LineSheet>();
  let panel = $state<LegEntryPanel>();
  let reasons = $state<ReasonDialogs>();
  const shown = untrack(() => new Scene(store, entry));
  const layout = $derived(hand?.tried ?? shown.layout);
  /** The leg along whose tube the tape lies. */
  let tubeLeg = $state<string | null>(null);
  const isTaped = $derived((hand !== null && hand.leg !== null) || tubeLeg !== null);
  const isEmpty = $derived(Object.keys(store.doc?.legs ?? {}).length === 0);

  const tubeTape = new Later(() => import('../tape/TubePanel.svelte'));

  function layTapeOn(leg: string): void {
    const isTube = layout !== null && findPiecesThrough(layout, leg).some(({ path }) => path !== null);
    if (isTube) void tubeTape.use(() => (tubeLeg = leg));
    else
      void tape.use(({ TapeHand }) => {
        hand ??= new TapeHand(entry);
        hand.layOn(leg);
      });
  }
  /** What stands at a node is measured in its own dialog, a part in a leg in that of its leg. */
  function measure(subject: string): void {
    const isNode = store.doc?.nodes[subject] !== undefined;
    const at = isNode ? subject : store.doc?.parts[subject]?.leg;
    if (at === undefined) return;
    entry.pick(at);
    (isNode ? fittingDialog : legDialog).open();
  }
  const turn = (): void => {
    entry.quarters = ((entry.quarters + 1) % 4) as typeof entry.quarters;
  };
  const take = (result: ReturnType<typeof store.undo>): void => {
    entry.refusal = result.ok ? null : result.refusal;
  };

  const ACTS = {
    undo: () => take(store.undo()),
    redo: () => take(store.redo()),
    'let-go': () => entry.growOn(),
    keys: () => keysDialog.open(),
    field: () => panel?.focusField(),
    turn,
    nearer: () => sheet?.zoomBy(1.3),
    farther: () => sheet?.zoomBy(1 / 1.3),
    whole: () => sheet?.showAll(),
  } as const;
  function onKey(event: KeyboardEvent): void {
    const act = readKey(event);
    if (!act) return;
    if (act !== 'let-go') event.preventDefault();
    ACTS[act]();
  }
</script>

<svelte:window onkeydown={onKey} />

<main class="desk" class:with-tape={isTaped}>
  <h1 class="sr-only">Lay out</h1>
  <LineSheet
    bind:this={sheet}
    {entry}
    {layout}
    {shown}
    steps={store.steps}
    isClosed={store.finish !== null}
    {isEmpty}
    onturn={turn}
    onundo={ACTS.undo}
    onredo={ACTS.redo}
  />
  <section class="readout" class:under-tape={isTaped}>
    {#if tubeLeg !== null && tubeTape.value && layout?.legs.has(tubeLeg)}
      {@const Panel = tubeTape.value.default}
      <Panel {layout} leg={tubeLeg} unit={entry.unit} onclose={() => (tubeLeg = null)} />
    {:else if isTaped && hand && tape.value && layout}
      <tape.value.Panel {hand} {layout} />
    {:else}
      <Readout
        {entry}
        {editor}
        draft={shown.draft}
        layout={shown.layout}
        leg={shown.leg}
        point={shown.point}
        onwhy={(id) => reasons?.showWhy(id)}
        onleg={() => legDialog.open()}
        onfitting={() => fittingDialog.open()}
        onmeasure={measure}
        ontape={layTapeOn}
      />
    {/if}
  </section>
  <section class="list">
    <div class="flex items-center justify-between gap-3 md:hidden">
      <StageWays job={store.job} run={store.run} />
      <div class="sm:hidden"><BenchSelect people={store.details?.people ?? []} /></div>
    </div>
    <LegList
      {entry}
      layout={shown.layout}
      picked={shown.leg}
      growing={shown.growing}
      onpicked={() => sheet?.bringIntoSight()}
    />
    {#if isEmpty}<p class="chart-label p-2">The legs will be listed here, each with its cut.</p>{/if}
  </section>
  <div class="side">
    <section class="entry" aria-label="Entry">
      {#if store.finish}
        <p class="py-2">
          {sayRefusal({ code: 'job-finished', by: store.finish.by, at: store.finish.at })}
          <a
            class="tap inline-flex items-center underline decoration-dotted underline-offset-4"
            href={resolve('/jobs/[job]', { job: store.job })}>The job</a
          >
        </p>
      {:else}<LegEntryPanel bind:this={panel} {entry} />{/if}
    </section>
    <section class="findings" aria-label="Findings">
      <FindingsList
        findings={shown.findings}
        unit={entry.unit}
        most={12}
        getWay={(finding) => findTransitionWay(finding, store.layout, store, 'lay-out')}
      />
      <div class="mt-3 flex flex-wrap gap-2">
        <button type="button" class="tap btn" onclick={() => reasons?.showRules()}
          ><Scale size={18} aria-hidden="true" /> House rules</button
        >
        <div class="sm:hidden"><GloveSwitch /></div>
        <button type="button" class="tap btn max-sm:hidden" onclick={() => keysDialog.open()}>
          <Keyboard size={18} aria-hidden="true" /> Keys
        </button>
      </div>
    </section>
  </div>
</main>

{#if legDialog.panel}<legDialog.panel
    bind:open={legDialog.isOpen}
    {entry}
    {editor}
    onswitch={() => switchDialog.open()}
  />{/if}
{#if switchDialog.panel}<switchDialog.panel bind:open={switchDialog.isOpen} {entry} {store} />{/if}
{#if fittingDialog.panel}<fittingDialog.panel
    bind:open={fittingDialog.isOpen}
    {entry}
    {editor}
    ids={{ job: store.job, run: store.run }}
  />{/if}
{#if keysDialog.panel}<keysDialog.panel bind:open={keysDialog.isOpen} />{/if}
<ReasonDialogs bind:this={reasons} {store} />

<style>
  /* In the hand: one column, the thumb's zone stays at the bottom. */
  .desk {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    grid-template-areas: 'drawing' 'readout' 'list' 'findings' 'entry';
    /* The bars over it, the entry under it, and the cut with one whole row of buttons between. */
    grid-template-rows: minmax(170px, calc(100dvh - 108px - 420px - 128px)) auto auto auto auto;
    flex: 1;
  }
  .readout {
    grid-area: readout;
    padding: 0.35rem 0.75rem;
    border-top: 1px solid var(--color-base-300);
    min-height: 6.6rem;
    contain: content;
  }
  .list {
    grid-area: list;
    contain: content;
    padding: 0.25rem 0.75rem;
    border-top: 1px solid var(--color-base-300);
  }
  .side {
    display: contents;
  }
  .findings {
    grid-area: findings;
    padding: 0.75rem;
  }
  .entry {
    grid-area: entry;
    position: sticky;
    bottom: 0;
    z-index: 5;
    padding: 0.5rem 0.75rem;
    background: var(--color-base-200);
    border-top: 2px solid var(--color-accent);
  }
  /* In the hand the tape takes the thumb's zone: its own keys are there. */
  @media (max-width: 999px) {
    .with-tape .entry {
      display: none;
    }
  }
  /* At the desk: the drawing, the list and the entry at once, without scrolling the page. */
  @media (min-width: 1000px) {
    .desk {
      grid-template-columns: 330px minmax(0, 1fr) 390px;
      grid-template-areas: 'list drawing side' 'list readout side';
      grid-template-rows: minmax(0, 1fr) 236px;
      height: calc(100dvh - 56px - 52px);
      flex: none;
    }
    .with-tape {
      grid-template-areas: 'list drawing side' 'readout readout side';
      grid-template-rows: minmax(0, 1fr) auto;
    }
    .list {
      overflow-y: auto;
      border-top: 0;
      border-right: 1px solid var(--color-base-300);
    }
    /* Of one height, so that the drawing keeps its place whatever is said under it. */
    .readout {
      overflow-y: auto;
      padding: 0.5rem 1.25rem 0.75rem;
    }
    .side {
      grid-area: side;
      display: flex;
      flex-direction: column;
      min-height: 0;
      overflow-y: auto;
      background: var(--color-base-200);
      border-left: 1px solid var(--color-base-300);
    }
    .entry {
      position: static;
      border-top: 0;
    }
  }
</style>
