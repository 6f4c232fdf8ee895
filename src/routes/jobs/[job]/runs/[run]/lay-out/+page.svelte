<script lang="ts">
  import { resolve } from '$app/paths';
  import Keyboard from '@lucide/svelte/icons/keyboard';
  import Redo2 from '@lucide/svelte/icons/redo-2';
  import Scale from '@lucide/svelte/icons/scale';
  import Undo2 from '@lucide/svelte/icons/undo-2';
  import type { Result } from '#core/outcome/result.ts';
  import type { PlannedChange } from '#core/runs/change.ts';
  import { sayChange } from '#words/changes.ts';
  import { sayRefusal, type Refusal } from '#words/refusals.ts';
  import { CAUTIONS } from '#words/cautions.ts';
  import { afterPaint } from '$lib/ui/controls/after-paint.svelte.ts';
  import GloveSwitch from '$lib/ui/controls/GloveSwitch.svelte';
  import BenchSelect from '$lib/ui/controls/BenchSelect.svelte';
  import LineDrawing from '$lib/ui/instruments/LineDrawing.svelte';
  import FindingsList from '$lib/ui/screens/check/FindingsList.svelte';
  import ReasonDialogs from '$lib/ui/screens/reasons/ReasonDialogs.svelte';
  import LegEntryPanel from '$lib/ui/screens/lay-out/LegEntryPanel.svelte';
  import LegList from '$lib/ui/screens/lay-out/LegList.svelte';
  import Readout from '$lib/ui/screens/lay-out/Readout.svelte';
  import ShortcutsDialog from '$lib/ui/screens/lay-out/ShortcutsDialog.svelte';
  import FittingDialog from '$lib/ui/screens/lay-out/FittingDialog.svelte';
  import LegDialog from '$lib/ui/screens/lay-out/LegDialog.svelte';
  import TapePanel from '$lib/ui/screens/tape/TapePanel.svelte';
  import StationWays from '$lib/ui/screens/run/StationWays.svelte';
  import { TapeHand } from '$lib/ui/screens/tape/tape-hand.svelte.ts';
  import { RunEditor } from '$lib/ui/screens/lay-out/run-editor.ts';
  import { DRAFT_LEG, LegEntry } from '$lib/ui/screens/lay-out/leg-entry.svelte.ts';
  import { getRunStore } from '$lib/ui/store/run-context.ts';

  const store = getRunStore();
  const entry = new LegEntry(store);
  const editor = new RunEditor(entry);
  const hand = new TapeHand(entry);
  let line = $state<LineDrawing>();
  let legOpen = $state(false);
  let fittingOpen = $state(false);
  let panel = $state<LegEntryPanel>();
  let reasons = $state<ReasonDialogs>();
  let keysOpen = $state(false);
  /** In the hand the list lies under the drawing and the cut: a leg picked there brings both back into sight. */
  let drawingSection = $state<HTMLElement>();

  const nameTurn = (name: string, planned: PlannedChange | undefined): string =>
    planned ? `${name}: ${sayChange(planned.label)}` : name;

  /** What was typed is there at once; the cut, the drawing, the list and the findings follow it by a frame. */
  const scene = afterPaint(
    () => [store.facts, store.steps.done, entry.said],
    () => ({
      layout: entry.layout,
      draft: entry.draft && { layout: entry.draft, leg: DRAFT_LEG },
      leg: entry.selected?.id ?? null,
      point: entry.selected ? null : entry.growingNode,
      selected: entry.part ?? entry.leg,
      growing: entry.leg ? null : entry.growing,
      turns: entry.turns,
      findings: store.findings,
      undoes: nameTurn('Undo', store.steps.done.at(-1)),
      redoes: nameTurn('Redo', store.steps.undone.at(-1)),
    }),
  );
  // Each by itself: what did not change between two pictures is not drawn again.
  const shownLayout = $derived(hand.tried ?? scene.current.layout);
  const shownDraft = $derived(scene.current.draft);
  const shownLeg = $derived(scene.current.leg);
  const shownPoint = $derived(scene.current.point);
  const shownSelected = $derived(scene.current.selected);
  const shownGrowing = $derived(scene.current.growing);
  const shownTurns = $derived(scene.current.turns);
  const shownFindings = $derived(scene.current.findings);
  const empty = $derived(Object.keys(store.doc?.legs ?? {}).length === 0);
  const canTurnBack = $derived(store.steps.done.length + store.steps.undone.length > 0);

  function take(result: Result<void, Refusal>): void {
    entry.refusal = result.ok ? null : result.refusal;
  }

  const turn = (): void => {
    entry.turns = ((entry.turns + 1) % 4) as typeof entry.turns;
  };
  const PLAIN_KEYS: Readonly<Partial<Record<string, () => void>>> = {
    m: () => panel?.focusField(),
    t: turn,
    '+': () => line?.zoomBy(1.3),
    '-': () => line?.zoomBy(1 / 1.3),
    '0': () => line?.showAll(),
  };
  function onPlainKey(event: KeyboardEvent): void {
    const act = PLAIN_KEYS[event.key];
    if (!act) return;
    event.preventDefault();
    act();
  }

  /** Letters and figures typed into a field are the field's; a dialog keeps every key. */
  function isForThePage({ target, key, ctrlKey, metaKey }: KeyboardEvent): boolean {
    const isTyping = target instanceof HTMLInputElement || target instanceof HTMLSelectElement;
    if (isTyping && !ctrlKey && !metaKey && key !== 'Escape' && key !== '?') return false;
    return !document.querySelector('dialog[open]');
  }

  function onKey(event: KeyboardEvent): void {
    if (!isForThePage(event)) return;
    const control = event.ctrlKey || event.metaKey;
    if (control && event.key.toLowerCase() === 'z') {
      event.preventDefault();
      take(event.shiftKey ? store.redo() : store.undo());
    } else if (control && event.key.toLowerCase() === 'y') {
      event.preventDefault();
      take(store.redo());
    } else if (event.key === 'Escape') {
      entry.growOn();
    } else if (event.key === '?') {
      event.preventDefault();
      keysOpen = true;
    } else if (!control) onPlainKey(event);
  }
</script>

<svelte:head><title>Lay out · Porthole</title></svelte:head>
<svelte:window onkeydown={onKey} />

<main class="desk" class:with-tape={hand.leg !== null}>
  <h1 class="sr-only">Lay out</h1>
  <section bind:this={drawingSection} class="drawing" aria-label="The line">
    {#if shownLayout && (shownLayout.legs.size > 0 || shownDraft)}
      <LineDrawing
        bind:this={line}
        layout={shownLayout}
        unit={entry.unit}
        selected={shownSelected}
        growing={shownGrowing}
        draft={shownDraft}
        turns={shownTurns}
        onturn={turn}
        onpick={(subject) => entry.pick(subject)}
      />
      {#if entry.moving}
        <p class="moving" role="status">
          Pick the point to hang leg {entry.layout?.legs.get(entry.moving)?.leg.tag ?? '?'} on.
          <button type="button" class="tap btn" onclick={() => entry.growOn()}>Leave it</button>
        </p>
      {/if}
    {:else}
      <div
        class="flex h-full flex-col justify-center gap-2 p-6 text-lg max-sm:gap-1 max-sm:p-3 max-sm:text-base max-sm:leading-snug"
      >
        <h2 class="text-2xl font-semibold max-sm:text-xl">Measure the first leg</h2>
        <p>
          Stand facing the wall. From the source, measure to the centre of the first fitting, pick the way the
          pipe goes, and give the measure. The line grows here.
        </p>
        <p class="chart-label">{CAUTIONS.liveLine}</p>
      </div>
    {/if}
    <div class="turns absolute top-2 right-2 flex gap-1" class:hidden={empty && !shownDraft && !canTurnBack}>
      <button
        type="button"
        class="turn tap"
        aria-label={scene.current.undoes}
        title={scene.current.undoes}
        disabled={store.steps.done.length === 0 || store.finish !== null}
        onclick={() => take(store.undo())}><Undo2 aria-hidden="true" /></button
      >
      <button
        type="button"
        class="turn tap"
        aria-label={scene.current.redoes}
        title={scene.current.redoes}
        disabled={store.steps.undone.length === 0 || store.finish !== null}
        onclick={() => take(store.redo())}><Redo2 aria-hidden="true" /></button
      >
    </div>
    {#if !empty || shownDraft}
      <p class="chart-label pointer-events-none absolute bottom-1 left-3 text-sm">not to scale</p>
    {/if}
  </section>
  <section class="readout" class:under-tape={hand.leg !== null}>
    {#if hand.leg !== null && shownLayout}
      <TapePanel {hand} layout={shownLayout} />
    {:else}
      <Readout
        {entry}
        {editor}
        draft={shownDraft?.layout ?? null}
        layout={shownLayout}
        leg={shownLeg}
        point={shownPoint}
        onwhy={(id) => reasons?.showWhy(id)}
        onleg={() => (legOpen = true)}
        onfitting={() => (fittingOpen = true)}
        ontape={(leg) => hand.layOn(leg)}
      />
    {/if}
  </section>
  <section class="list">
    <div class="flex items-center justify-between gap-3 md:hidden">
      <StationWays job={store.job} run={store.run} />
      <div class="sm:hidden"><BenchSelect people={store.details?.people ?? []} /></div>
    </div>
    <LegList
      {entry}
      layout={shownLayout}
      picked={shownLeg}
      growing={shownGrowing}
      onpicked={() => drawingSection?.scrollIntoView({ block: 'nearest' })}
    />
    {#if empty}<p class="chart-label p-2">The legs will be listed here, each with its cut.</p>{/if}
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
      <FindingsList findings={shownFindings} unit={entry.unit} most={12} />
      <div class="mt-3 flex flex-wrap gap-2">
        <button type="button" class="tap btn" onclick={() => reasons?.showRules()}
          ><Scale size={18} aria-hidden="true" /> House rules</button
        >
        <div class="sm:hidden"><GloveSwitch /></div>
        <button type="button" class="tap btn max-sm:hidden" onclick={() => (keysOpen = true)}>
          <Keyboard size={18} aria-hidden="true" /> Keys
        </button>
      </div>
    </section>
  </div>
</main>

<LegDialog bind:open={legOpen} {entry} {editor} />
<FittingDialog bind:open={fittingOpen} {entry} {editor} />
<ReasonDialogs bind:this={reasons} {store} />
<ShortcutsDialog bind:open={keysOpen} />

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
  .drawing {
    grid-area: drawing;
    position: relative;
    min-height: 0;
    scroll-margin-top: 52px;
    background-color: var(--color-base-100);
    background-image: radial-gradient(var(--color-base-300) 1px, transparent 1px);
    background-size: 22px 22px;
  }
  /* A sheet of its own: a button that goes grey does not paint the line again. */
  .turns {
    will-change: transform;
  }
  .turn {
    display: flex;
    align-items: center;
    justify-content: center;
    border: 1px solid var(--color-base-300);
    border-radius: 0.25rem;
    background: var(--color-base-200);
    cursor: pointer;
  }
  .turn:disabled {
    opacity: 0.45;
    cursor: default;
  }
  .moving {
    position: absolute;
    left: 0.5rem;
    right: 0.5rem;
    bottom: 0.5rem;
    display: flex;
    align-items: center;
    justify-content: space-between;
    gap: 0.75rem;
    padding: 0.25rem 0.75rem;
    background: var(--color-accent);
    color: var(--color-accent-content);
    font-weight: 600;
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
