<script lang="ts">
  import { drag, type D3DragEvent } from 'd3-drag';
  import { select } from 'd3-selection';
  import { zoom, zoomIdentity, type ZoomTransform } from 'd3-zoom';
  import { untrack } from 'svelte';
  import type { Catalogue } from '#core/catalogue/catalogue.ts';
  import { getBodies, getGraduations, getPipes } from '#core/drawing/draw-tape.ts';
  import { placeReadings, type ReadingHandle } from '#core/drawing/place-readings.ts';
  import { getMarks, type Tape, type TapeMark } from '#core/tape/lay-tape.ts';
  import { formatLength, getTapeFormat } from '#core/units/format-length.ts';
  import { MILLIMETRE, toMillimetres, type Length, type LengthUnit } from '#core/units/length.ts';
  import type { TapeGraduation } from '#core/units/tape.ts';

  interface Props {
    tape: Tape;
    catalogue: Catalogue;
    unit: LengthUnit;
    graduation: TapeGraduation;
    hook: TapeMark;
    /** The mark held. */
    mark: TapeMark;
    /** nm the tape is moved along under the window while its near end is dragged. */
    shift: Length;
    name: (mark: TapeMark) => string;
    onhold: (mark: string) => void;
    ondrag: (mark: string, to: Length) => void;
    ondrop: () => void;
    onleave: () => void;
    onnudge: (mark: string, by: number) => void;
    ontype: () => void;
  }
  let {
    tape, catalogue, unit, graduation, hook, mark, shift, name, onhold, ondrag, ondrop, onleave, onnudge, ontype,
  }: Props = $props(); // prettier-ignore
  const id = $props.id();

  /** Heights on the sheet: a row of handles for each kind of mark, the pipe, the tape. */
  const ROWS = { centre: 22, face: 166, end: 206 } as const;
  const AXIS = 80;
  const STRIP = { top: 114, bottom: 144 };
  const HEIGHT = 228;
  let width = $state(0);

  /** Units of the sheet to the millimetre, and where the near centre lies. */
  let view = $state.raw<ZoomTransform>(zoomIdentity);
  const moved = $derived(toMillimetres(shift));
  const x = $derived((mm: number) => view.applyX(mm + moved));
  const places = $derived(getMarks(tape).filter(({ at }) => at !== null));
  const pipes = $derived(getPipes(tape, catalogue));
  const bodies = $derived(getBodies(tape, catalogue));
  /** Thickness keeps to what can be seen: to scale along the tape, not across it. */
  const across = $derived.by(() => {
    const half = toMillimetres(catalogue.findPipe(tape.leg.leg.size)?.outside ?? 25 * MILLIMETRE) / 2;
    return Math.min(16, Math.max(8, view.k * half)) / half;
  });
  const hookAt = $derived(hook.at === null ? null : toMillimetres(hook.at));
  const seen = $derived({ from: view.invertX(-20) - moved, to: view.invertX(width + 20) - moved });
  const ends = $derived.by(() => {
    const all = places.map(({ at }) => toMillimetres(at!));
    const hooked = hookAt === null ? [] : [hookAt];
    return { from: Math.min(...all, ...hooked, 0) - 500, to: Math.max(...all, ...hooked) + 500 };
  });
  const graduations = $derived(
    hookAt === null
      ? []
      : getGraduations(hookAt, unit, { from: Math.max(seen.from, ends.from), to: Math.min(seen.to, ends.to) }, view.k),
  ); // prettier-ignore
  const reading = (each: TapeMark): string =>
    each.at === null || hook.at === null ? '' : formatLength(Math.abs(each.at - hook.at), getTapeFormat(graduation)); // prettier-ignore
  type Row = keyof typeof ROWS;
  const rowOf = ({ ref }: TapeMark): Row => (ref.at === 'face' || ref.at === 'end' ? ref.at : 'centre');
  const isFixed = ({ ref }: TapeMark) => tape.stations.some((each) => each.isStock && each.id === ref.id);

  /** Lettering beside the handles, inward from the ends; the one held has its place first. */
  const labels = $derived.by(() => {
    const last = tape.stations.length - 1;
    const inOrder = places.toSorted(
      (a, b) =>
        Number(b.id === mark.id) - Number(a.id === mark.id) || Number(isFixed(a)) - Number(isFixed(b)),
    );
    const handles = inOrder.map((each): ReadingHandle => ({
      id: each.id,
      row: rowOf(each),
      x: x(toMillimetres(each.at!)),
      text: reading(each),
      side: each.order === last ? -1 : 1,
    }));
    return placeReadings(handles, width).map(({ id, row, text, side, from, to }) => ({
      id,
      text,
      x: side === 1 ? from : to,
      y: ROWS[row as Row],
      anchor: side === 1 ? 'start' : 'end',
    }));
  });
  /** Splits a reading so that only its fraction is set as one. */
  const FRACTION = /(\d+\/\d+)/;

  let svg = $state<SVGSVGElement | null>(null);
  const zoomer = zoom<SVGSVGElement, unknown>()
    .scaleExtent([0.005, 30])
    .on('zoom', (event: { transform: ZoomTransform }) => (view = event.transform));

  function attachZoom(element: SVGSVGElement): () => void {
    svg = element;
    select(element).call(zoomer).on('dblclick.zoom', null);
    return () => {
      select(element).on('.zoom', null);
      svg = null;
    };
  }
  /** Shows a stretch of the tape, mm from the near centre. */
  function show(from: number, to: number): void {
    if (!svg || width < 60) return;
    const margin = Math.min(70, width / 6);
    const k = Math.min(30, (width - 2 * margin) / Math.max(1, to - from));
    zoomer.transform(select(svg), zoomIdentity.translate(margin - from * k, 0).scale(k));
  }
  export function showAll(): void {
    const all = places.map(({ at }) => toMillimetres(at!));
    show(Math.min(...all), Math.max(...all, 60));
  }
  /** Looks at one end as near as a hand would: both sides of the face. */
  export function showEnd(which: 'near' | 'far'): void {
    const station = which === 'near' ? tape.stations[0] : tape.stations.at(-1);
    const all = station?.marks.flatMap(({ at }) => (at === null ? [] : [toMillimetres(at)])) ?? [];
    if (all.length > 0) show(Math.min(...all) - 25, Math.max(...all) + 25);
  }
  export function zoomBy(factor: number): void {
    if (svg) zoomer.scaleBy(select(svg), factor, [x(toMillimetres(mark.at ?? 0)), 0]);
  }

  /** Fitted when another leg comes under the tape, and when its far end went out of sight. */
  $effect(() => {
    void [tape.leg.id, width > 60, svg];
    untrack(showAll);
  });
  const isMoving = $state({ now: false });
  const far = $derived(tape.stations.at(-1)?.at ?? null);
  $effect(() => {
    if (far === null || isMoving.now) return;
    untrack(() => {
      const at = x(toMillimetres(far));
      const near = x(0);
      if (near > -width && near < width && (at > width + 2 || at < 0) && view.k * toMillimetres(far) < width * 2) showAll();
    });
  }); // prettier-ignore

  /** A handle is dragged along the tape as it stood when it was taken hold of. */
  const attachDrag = (of: string) => (element: SVGGElement) => {
    let [start, from, hasMoved] = [0, 0, false];
    const behaviour = drag<SVGGElement, unknown>()
      .clickDistance(3)
      .container(() => svg!)
      .on('start', (event: D3DragEvent<SVGGElement, unknown, unknown>) => {
        onhold(of);
        element.focus({ preventScroll: true });
        const at = places.find((each) => each.id === of)?.at ?? 0;
        [start, from, hasMoved] = [event.x, at, false];
      })
      .on('drag', (event: D3DragEvent<SVGGElement, unknown, unknown>) => {
        if (!hasMoved && Math.abs(event.x - start) < 2) return;
        hasMoved = true;
        isMoving.now = true;
        ondrag(of, from + ((event.x - start) / view.k) * MILLIMETRE);
      })
      .on('end', () => {
        if (hasMoved) {
          if (svg && moved !== 0) zoomer.translateBy(select(svg), moved, 0);
          ondrop();
        }
        isMoving.now = false;
      });
    select(element).call(behaviour);
    return () => select(element).on('.drag', null);
  };

  /** A graduation a press, eight with a page key. */
  const STEPS: Readonly<Record<string, number>> = {
    ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1, PageUp: 8, PageDown: -8,
  }; // prettier-ignore
  function onKey(event: KeyboardEvent, of: string): void {
    if (event.key === 'Escape') onleave();
    else if (event.key === 'Enter') {
      onhold(of);
      ontype();
    } else if (STEPS[event.key] !== undefined) {
      onhold(of);
      onnudge(of, STEPS[event.key]! * (event.shiftKey ? 8 : 1));
    } else return;
    event.preventDefault();
    event.stopPropagation();
  }
</script>

<div class="tape" bind:clientWidth={width}>
  <svg
    {@attach attachZoom}
    {width}
    height={HEIGHT}
    role="group"
    aria-label="Tape along leg {tape.leg.leg.tag}, to scale"
  >
    <defs>
      <pattern
        id="{id}-thread"
        width="3"
        height="6"
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(14)"
      >
        <line x1="1" y1="0" x2="1" y2="6" class="thread-line" />
      </pattern>
    </defs>
    {#each pipes as pipe (pipe.piece.id)}
      {@const half = pipe.half * across}
      <rect
        class="pipe"
        x={x(pipe.from)}
        width={Math.max(1, x(pipe.to) - x(pipe.from))}
        y={AXIS - half}
        height={half * 2}
      />
      {#each pipe.threads as thread, i (i)}
        <rect
          fill="url(#{id}-thread)"
          x={x(thread.from)}
          width={Math.max(0, x(thread.to) - x(thread.from))}
          y={AXIS - half}
          height={half * 2}
        />
      {/each}
      <text class="mark" x={(Math.max(0, x(pipe.from)) + Math.min(width, x(pipe.to))) / 2} y={AXIS}
        >{pipe.piece.mark}</text
      >
    {/each}
    {#each bodies as { station, blocks, stubs } (station.id)}
      {#each ['outline', 'metal'] as const as layer (layer)}
        <g class={layer}>
          {#each stubs as stub, i (i)}
            <rect
              rx="2"
              x={x(stub.from)}
              width={x(stub.to) - x(stub.from)}
              y={stub.side === 1 ? AXIS - stub.height * across : AXIS}
              height={stub.height * across}
            />
          {/each}
          {#each blocks as block, i (i)}
            <rect
              rx="2"
              x={x(block.from)}
              width={Math.max(1, x(block.to) - x(block.from))}
              y={AXIS - block.half * across}
              height={block.half * across * 2}
            />
          {/each}
        </g>
      {/each}
    {/each}
    {#each pipes as pipe (pipe.piece.id)}
      {#each pipe.engaged as stretch, i (i)}
        <rect
          class="engaged"
          x={x(stretch.from)}
          width={x(stretch.to) - x(stretch.from)}
          y={AXIS - pipe.half * across}
          height={pipe.half * across * 2}
        />
      {/each}
    {/each}
    <line class="axis" x1={x(ends.from + 480)} x2={x(ends.to - 480)} y1={AXIS} y2={AXIS} />

    {#if hookAt !== null}
      <rect
        class="strip"
        x={Math.max(-4, x(ends.from))}
        width={Math.max(0, Math.min(width + 4, x(ends.to)) - Math.max(-4, x(ends.from)))}
        y={STRIP.top}
        height={STRIP.bottom - STRIP.top}
      />
      {#each graduations as each (each.at)}
        <line
          class="graduation"
          x1={x(each.at)}
          x2={x(each.at)}
          y1={STRIP.top}
          y2={STRIP.top + 4 + each.rank * 3}
        />
        {#if each.figure !== null && each.at !== hookAt}
          <text class="figure" class:foot={each.figure.includes('ft')} x={x(each.at)} y={STRIP.bottom - 7}
            >{each.figure}</text
          >
        {/if}
      {/each}
      <path class="hook" d="M{x(hookAt) - 3} {STRIP.top - 8}h6v{STRIP.bottom - STRIP.top + 8}h-6z" />
    {/if}

    {#each places as each (each.id)}
      {@const at = x(toMillimetres(each.at!))}
      {@const row = rowOf(each)}
      <line
        class="rule {row}"
        class:held={each.id === mark.id}
        x1={at}
        x2={at}
        y1={row === 'centre' ? ROWS.centre : AXIS - 26}
        y2={row === 'centre' ? STRIP.top + 12 : ROWS[row]}
      />
    {/each}
    {#each places as each (each.id)}
      {@const at = x(toMillimetres(each.at!))}
      {@const row = rowOf(each)}
      {#if !isFixed(each)}
        <g
          {@attach attachDrag(each.id)}
          class="handle {row}"
          class:held={each.id === mark.id}
          role="slider"
          tabindex="0"
          aria-label={name(each)}
          aria-valuenow={Math.round(toMillimetres(Math.abs(each.at! - (hook.at ?? 0))))}
          aria-valuetext="{reading(each)} on the tape"
          aria-orientation="horizontal"
          transform="translate({at} {ROWS[row]})"
          onkeydown={(event) => onKey(event, each.id)}
        >
          <rect class="grip" x="-22" y="-22" width="44" height="44" />
          {#if row === 'centre'}
            <circle r="9" /><path d="M-13 0h26M0 -13v26" />
          {:else if row === 'face'}
            <rect class="sign" x="-8" y="-8" width="16" height="16" />
          {:else}
            <path class="sign" d="M0 -10L10 8H-10Z" />
          {/if}
        </g>
      {/if}
    {/each}
    {#each labels as label (label.id)}
      <text class="label" class:held={label.id === mark.id} x={label.x} y={label.y} text-anchor={label.anchor}
        >{#each label.text.split(FRACTION) as part, j (j)}{#if part.includes('/')}<tspan class="fraction"
              >{part}</tspan
            >{:else}{part}{/if}{/each}</text
      >
    {/each}
  </svg>
</div>

<style>
  .tape {
    width: 100%;
    overflow: hidden;
  }
  svg {
    display: block;
    touch-action: pan-y;
    cursor: grab;
    user-select: none;
  }
  .pipe {
    fill: var(--color-base-300);
    stroke: var(--color-base-content);
    stroke-width: 1.2;
  }
  .thread-line {
    stroke: var(--color-base-content);
    stroke-width: 0.9;
  }
  .outline rect {
    stroke: var(--color-base-content);
    stroke-width: 2.4;
  }
  .metal rect {
    fill: color-mix(in oklab, var(--color-secondary) 38%, var(--color-base-100));
  }
  .engaged {
    fill: var(--color-accent);
    fill-opacity: 0.85;
    stroke: var(--color-base-content);
    stroke-width: 1;
  }
  .axis {
    stroke: var(--color-secondary);
    stroke-dasharray: 10 3 2 3;
  }
  .strip {
    fill: #ecd9a4;
    stroke: #7d5a17;
  }
  .graduation {
    stroke: #2b2005;
    stroke-width: 1;
  }
  .figure {
    fill: #2b2005;
    font-size: 13px;
    font-weight: 600;
    text-anchor: middle;
  }
  .figure.foot {
    fill: #8f1f14;
  }
  .hook {
    fill: #5d656b;
    stroke: #14242c;
  }
  .rule {
    stroke: var(--color-base-content);
    stroke-width: 1;
  }
  .rule.centre {
    stroke-dasharray: 8 3 2 3;
  }
  .rule.end {
    stroke-width: 2;
  }
  .rule.held {
    stroke: #9a6a0c;
    stroke-width: 2.5;
  }
  .handle {
    cursor: ew-resize;
    outline: none;
    touch-action: none;
  }
  .grip {
    fill: transparent;
  }
  .handle circle,
  .handle .sign {
    fill: var(--color-base-100);
    stroke: var(--color-base-content);
    stroke-width: 1.8;
  }
  .handle path {
    fill: none;
    stroke: var(--color-base-content);
    stroke-width: 1.2;
  }
  .handle.held circle,
  .handle.held .sign {
    fill: var(--color-accent);
  }
  .handle:focus-visible .grip {
    stroke: var(--color-accent);
    stroke-width: 3;
  }
  text {
    dominant-baseline: central;
    fill: var(--color-base-content);
    pointer-events: none;
  }
  .label {
    font-size: 15px;
    paint-order: stroke;
    stroke: var(--color-base-100);
    stroke-width: 4px;
  }
  .label.held {
    font-weight: 700;
    font-size: 17px;
  }
  .mark {
    font-size: 14px;
    font-weight: 700;
    text-anchor: middle;
    paint-order: stroke;
    stroke: var(--color-base-300);
    stroke-width: 5px;
  }
</style>
