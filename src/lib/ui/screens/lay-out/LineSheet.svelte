<script lang="ts">
  import Redo2 from '@lucide/svelte/icons/redo-2';
  import Undo2 from '@lucide/svelte/icons/undo-2';
  import type { RunLayout } from '#core/runs/layout';
  import { CAUTIONS } from '#words/cautions.ts';
  import { NOTHING_TO_TURN } from '#words/changes.ts';
  import LineDrawing from '../../instruments/LineDrawing.svelte';
  import type { RunStore } from '../../store/run-store.svelte.ts';
  import type { LegEntry } from './leg-entry.svelte.ts';
  import type { Scene } from './scene.svelte.ts';

  interface Props {
    entry: LegEntry;
    /** As it is shown: as it stands, or with what is being tried on the tape. */
    layout: RunLayout | null;
    shown: Scene;
    steps: RunStore['steps'];
    /** Nothing of the run is changed any more. */
    isClosed: boolean;
    isEmpty: boolean;
    onturn: () => void;
    onundo: () => void;
    onredo: () => void;
  }
  let { entry, layout, shown, steps, isClosed, isEmpty, onturn, onundo, onredo }: Props = $props();
  let line = $state<LineDrawing>();
  let section = $state<HTMLElement>();
  const canTurnBack = $derived(steps.done.length + steps.undone.length > 0);

  /** Which of the two was pressed in vain: it says why. */
  let inVain = $state<'undo' | 'redo' | null>(null);
  function turn(which: 'undo' | 'redo'): void {
    const can = (which === 'undo' ? steps.done : steps.undone).length > 0;
    inVain = can ? null : which;
    if (can) (which === 'undo' ? onundo : onredo)();
  }
  const says = $derived(
    inVain && (inVain === 'undo' ? steps.done : steps.undone).length === 0 ? NOTHING_TO_TURN[inVain] : '',
  );

  export const zoomBy = (factor: number): void => line?.zoomBy(factor);
  export const showAll = (): void => line?.showAll();
  /** In the hand the list lies under the drawing and the cut: a leg picked there brings both back into sight. */
  export const bringIntoSight = (): void => section?.scrollIntoView({ block: 'nearest' });
</script>

<section bind:this={section} class="drawing" aria-label="The line">
  {#if layout && (layout.legs.size > 0 || shown.draft)}
    <LineDrawing
      bind:this={line}
      {layout}
      unit={entry.unit}
      selected={shown.selected}
      growing={shown.growing}
      draft={shown.draft}
      quarters={shown.quarters}
      {onturn}
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
  <div class="steps absolute top-2 right-2 flex gap-1" class:hidden={isEmpty && !shown.draft && !canTurnBack}>
    <button
      type="button"
      class="step tap"
      aria-label={shown.undoes}
      title={shown.undoes}
      disabled={isClosed}
      aria-disabled={steps.done.length === 0}
      onclick={() => turn('undo')}><Undo2 aria-hidden="true" /></button
    >
    <button
      type="button"
      class="step tap"
      aria-label={shown.redoes}
      title={shown.redoes}
      disabled={isClosed}
      aria-disabled={steps.undone.length === 0}
      onclick={() => turn('redo')}><Redo2 aria-hidden="true" /></button
    >
  </div>
  {#if says}
    <p
      role="status"
      class="absolute top-16 right-2 max-w-72 border-l-4 border-accent bg-base-200 p-2 text-sm leading-snug"
    >
      {says}
    </p>
  {/if}
  {#if !isEmpty || shown.draft}
    <p class="chart-label pointer-events-none absolute bottom-1 left-3 text-sm">not to scale</p>
  {/if}
</section>

<style>
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
  .steps {
    will-change: transform;
  }
  .step {
    display: flex;
    align-items: center;
    justify-content: center;
    border: 1px solid var(--color-base-300);
    border-radius: 0.25rem;
    background: var(--color-base-200);
    cursor: pointer;
  }
  .step:disabled,
  .step[aria-disabled='true'] {
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
</style>
