<script lang="ts">
  import Maximize from '@lucide/svelte/icons/maximize';
  import Minus from '@lucide/svelte/icons/minus';
  import Plus from '@lucide/svelte/icons/plus';
  import RotateCw from '@lucide/svelte/icons/rotate-cw';
  import { untrack } from 'svelte';
  import {
    drawDraft,
    drawLine,
    findDrawingFrame,
    type Sheet,
    makeRecordingSink,
    type TextShape,
    type InkShape,
  } from '#core/drawing';
  import type { Point, Quarters } from '#core/geometry';
  import type { LengthUnit } from '#core/units';
  import type { RunLayout } from '#core/runs/layout';
  import { describeRun } from '#words/describe-run.ts';
  import { makeKeeper } from '../controls/keep-same.ts';
  import { collectInk, collectTexts, findSubjectAt } from './line-ink.ts';
  import LineInk from './LineInk.svelte';
  import { toPaper } from './paper-transform.ts';
  import { PaperView } from './paper-view.svelte.ts';

  interface Props {
    layout: RunLayout;
    unit: LengthUnit;
    /** Ids of the leg or part that is selected. */
    selected?: string | null;
    /** Ids of legs that a finger has gone over. */
    marked?: readonly string[];
    /** The node the next leg grows from. */
    growing?: string | null;
    /** The run with the leg that is only being tried out, and that leg's id. */
    draft?: { layout: RunLayout; leg: string } | null;
    quarters?: Quarters;
    /** Fixed size for paper; otherwise the drawing fills its place. */
    size?: { width: number; height: number };
    /** To be looked at, not worked on: the whole run, however small. */
    overview?: boolean;
    onpick?: (subject: string) => void;
    onturn?: () => void;
  }
  let {
    layout,
    unit,
    selected = null,
    marked = [],
    growing = null,
    draft = null,
    quarters = 0,
    size,
    overview = false,
    onpick,
    onturn,
  }: Props = $props();
  let [width, height] = $state([0, 0]);
  const id = $props.id();
  const sheet = $derived<Sheet>({
    width: size?.width ?? width,
    height: size?.height ?? height,
    margin: 46,
    letter: size ? 13 : width < 500 ? 14 : 16,
    quarters,
  });
  const paper = new PaperView(() => sheet);
  const view = $derived(paper.transform);
  const drawing = $derived.by(() => {
    if (sheet.width < 80 || sheet.height < 60) return null;
    const sink = makeRecordingSink();
    const placed = drawLine(layout, sink, sheet, unit);
    return { placed, shapes: sink.shapes, frame: findDrawingFrame(sink.shapes, sheet.letter) };
  });
  const shapes = $derived<readonly InkShape[]>(drawing?.shapes ?? []);
  const inks = $derived(collectInk(shapes));
  const keepTexts = makeKeeper<TextShape>(({ role, subject }) => `${role} ${subject}`);
  const allTexts = $derived(keepTexts(collectTexts(shapes)));
  /** Lettering out of sight is not put on the sheet; the part in sight is counted in big steps, so that it seldom changes. */
  const CULL = 240;
  const inSight = $derived.by(() => {
    const { x: left, y: top } = toPaper(view, { x: 0, y: 0 });
    const { x: right, y: bottom } = toPaper(view, { x: sheet.width, y: sheet.height });
    const step = (value: number, by: number) => (Math.floor(value / CULL) + by) * CULL;
    return `${step(left, -1)} ${step(top, -1)} ${step(right, 2)} ${step(bottom, 2)}`;
  });
  const texts = $derived.by(() => {
    if (size || allTexts.length < 60) return allTexts;
    const [left, top, right, bottom] = inSight.split(' ').map(Number) as [number, number, number, number];
    return allTexts.filter(({ at }) => at.x > left && at.x < right && at.y > top && at.y < bottom);
  });
  const tried = $derived.by((): readonly InkShape[] => {
    if (!draft || !drawing) return [];
    const sink = makeRecordingSink();
    drawDraft(draft.layout, draft.leg, drawing.placed, sink, sheet, unit);
    return sink.shapes;
  });
  const picked = $derived(
    selected === null && marked.length === 0
      ? []
      : shapes.filter(
          ({ subject, kind }) => subject === selected || (kind === 'stroke' && marked.includes(subject)),
        ),
  );
  const growingAt = $derived(growing === null ? null : (drawing?.placed.points.get(growing) ?? null));
  const description = $derived(describeRun(layout, unit));

  /** What is drawn, with the leg that is being tried. */
  const frame = $derived(
    tried.length === 0 ? drawing?.frame : findDrawingFrame([...shapes, ...tried], sheet.letter),
  );
  function fit(whole: boolean): void {
    if (frame) paper.fit(frame, { whole, tools: onturn ? TOOLS : 0, focus: growingAt });
  }
  /** The row of buttons over the drawing. */
  const TOOLS = 54;
  export function zoomBy(factor: number): void {
    paper.zoomBy(factor);
  }
  export function showAll(): void {
    paper.isByHand = false;
    fit(true);
  }

  /** The run is fitted anew as it grows, unless it was moved by hand; another place or turn always fits it. */
  $effect(() => {
    void [sheet.width, sheet.height, sheet.quarters, paper.isOpen];
    untrack(() => {
      paper.isByHand = false;
      fit(overview);
    });
  });
  $effect(() => {
    void frame;
    untrack(() => {
      if (!paper.isByHand) fit(overview);
    });
  });

  /** What is being worked on stays in sight. */
  const followed = $derived.by((): readonly Point[] => {
    const growingFrom = growingAt ? [growingAt] : [];
    if (draft) {
      const end = tried.find((shape) => shape.kind === 'mark' && shape.role === 'node');
      return end?.kind === 'mark' ? [...growingFrom, end.at] : growingFrom;
    }
    const laid = selected ? layout.legs.get(selected) : undefined;
    if (!laid) return growingFrom;
    return [laid.near, laid.far].flatMap((node) => drawing?.placed.points.get(node) ?? []);
  });
  $effect(() => {
    const points = followed;
    if (!size) untrack(() => paper.keepInSight(points));
  });

  let window = $state<SVGSVGElement>();
  /** The leg under a place of the screen; null where none is near. */
  export function findLegAt({ clientX, clientY }: { clientX: number; clientY: number }): string | null {
    if (!window) return null;
    const box = window.getBoundingClientRect();
    const at = toPaper(view, { x: clientX - box.left, y: clientY - box.top });
    return findSubjectAt(shapes, at, 14 / view.k, (subject) => layout.legs.has(subject));
  }

  const attachView = (element: SVGSVGElement): (() => void) =>
    paper.attach(element, (at) => {
      const isPicked = (subject: string) => subject !== draft?.leg;
      const subject = findSubjectAt(shapes, at, 24 / view.k, isPicked);
      if (subject) onpick?.(subject);
    });

  const moved = $derived(`translate(${view.x.toFixed(1)} ${view.y.toFixed(1)}) scale(${view.k.toFixed(4)})`);
  const frameBox = $derived.by(() => {
    const frame = drawing?.frame;
    return frame ? `${frame.x - 6} ${frame.y - 6} ${frame.width + 12} ${frame.height + 12}` : undefined;
  });
</script>

{#snippet drawn()}<LineInk {inks} {texts} letter={sheet.letter} />{/snippet}

<!-- What changes with every key lies on a sheet of its own, so that the run under it need not be painted again. -->
{#snippet overlay()}
  <LineInk inks={collectInk(picked)} texts={collectTexts(picked)} letter={sheet.letter} how="selected" />
  {#if growingAt}<circle class="growing" cx={growingAt.x} cy={growingAt.y} r="9" />{/if}
  {#if tried.length > 0}
    <LineInk inks={collectInk(tried)} texts={collectTexts(tried)} letter={sheet.letter} how="tried" />
  {/if}
{/snippet}

<div class="line" bind:clientWidth={width} bind:clientHeight={height}>
  {#if size}
    <svg
      role="img"
      aria-label="The run, drawn isometrically, not to scale"
      aria-describedby="{id}-words"
      width={size.width}
      height={size.height}
      viewBox={frameBox}
    >
      {@render drawn()}
    </svg>
  {:else}
    <svg
      {@attach attachView}
      bind:this={window}
      class="window"
      role="img"
      aria-label="The run, drawn isometrically, not to scale"
      aria-describedby="{id}-words"
      {width}
      {height}
    >
      <g transform={moved}>{@render drawn()}</g>
    </svg>
    <svg class="overlay" aria-hidden="true" {width} {height}>
      <g transform={moved}>{@render overlay()}</g>
    </svg>
    {#if onturn}
      <div class="tools" role="group" aria-label="The drawing">
        <button type="button" class="tap btn px-2" aria-label="Nearer" onclick={() => zoomBy(1.3)}
          ><Plus size={20} aria-hidden="true" /></button
        >
        <button type="button" class="tap btn px-2" aria-label="Farther" onclick={() => zoomBy(1 / 1.3)}
          ><Minus size={20} aria-hidden="true" /></button
        >
        <button type="button" class="tap btn px-2" aria-label="The whole run" onclick={showAll}
          ><Maximize size={20} aria-hidden="true" /></button
        >
        <button type="button" class="tap btn px-2" aria-label="A quarter turn" onclick={onturn}
          ><RotateCw size={20} aria-hidden="true" /></button
        >
      </div>
    {/if}
  {/if}
  <ul id="{id}-words" class="sr-only">
    {#each description as sentence, i (i)}<li>{sentence}</li>{/each}
  </ul>
</div>

<style>
  .line {
    position: relative;
    width: 100%;
    height: 100%;
    overflow: hidden;
    contain: strict;
  }
  .window {
    position: absolute;
    inset: 0;
    will-change: transform;
    cursor: grab;
    touch-action: none;
  }
  .overlay {
    position: absolute;
    inset: 0;
    pointer-events: none;
    will-change: transform;
  }
  .window:active {
    cursor: grabbing;
  }
  .tools {
    position: absolute;
    left: 0.5rem;
    top: 0.5rem;
    display: flex;
    gap: 0.25rem;
  }
  svg {
    display: block;
    stroke-linecap: round;
    stroke-linejoin: round;
    fill: none;
    stroke: var(--color-base-content);
  }
  .growing {
    fill: var(--color-accent);
    stroke: var(--color-base-content);
    stroke-width: 2.5;
  }
</style>
