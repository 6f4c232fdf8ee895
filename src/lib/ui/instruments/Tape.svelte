<script lang="ts">
  import { untrack } from 'svelte';
  import type { Catalogue } from '#core/catalogue';
  import { placeReadings, type ReadingHandle } from '#core/drawing';
  import { getMarks, type Tape, type TapeMark } from '#core/tape';
  import {
    formatLength,
    getTapeFormat,
    toMillimetres,
    type Length,
    type LengthUnit,
    type TapeGraduation,
  } from '#core/units';
  import { attachMarkDrag } from './drag-mark.ts';
  import FractionText from './FractionText.svelte';
  import TapePipe from './TapePipe.svelte';
  import TapeStrip from './TapeStrip.svelte';
  import { AXIS, findRow, HEIGHT, ROWS, STRIP, type Row } from './tape-sheet.ts';
  import { TapeView } from './tape-view.svelte.ts';

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

  /** Beyond the outermost mark the tape is rolled out by so much, and the pipe's axis by a little less, mm. */
  const BEYOND = 500;
  const view = new TapeView(() => toMillimetres(shift));
  const x = (mm: number): number => view.place(mm);
  const places = $derived(getMarks(tape).filter(({ at }) => at !== null));
  const hookAt = $derived(hook.at === null ? null : toMillimetres(hook.at));
  const out = $derived.by(() => {
    const all = [0, ...places.map(({ at }) => toMillimetres(at!)), ...(hookAt === null ? [] : [hookAt])];
    return { from: Math.min(...all) - BEYOND, to: Math.max(...all) + BEYOND };
  });
  const reading = (each: TapeMark): string =>
    each.at === null || hook.at === null ? '' : formatLength(Math.abs(each.at - hook.at), getTapeFormat(graduation)); // prettier-ignore
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
      row: findRow(each),
      x: x(toMillimetres(each.at!)),
      text: reading(each),
      side: each.order === last ? -1 : 1,
    }));
    return placeReadings(handles, view.width).map(({ id, row, text, side, from, to }) => ({
      id,
      text,
      x: side === 1 ? from : to,
      y: ROWS[row as Row],
      anchor: side === 1 ? 'start' : 'end',
    }));
  });

  export function showAll(): void {
    const all = places.map(({ at }) => toMillimetres(at!));
    view.show({ from: Math.min(...all), to: Math.max(...all, 60) });
  }
  /** Looks at one end as near as a hand would: both sides of the face. */
  export function showEnd(which: 'near' | 'far'): void {
    const station = which === 'near' ? tape.stations[0] : tape.stations.at(-1);
    const all = station?.marks.flatMap(({ at }) => (at === null ? [] : [toMillimetres(at)])) ?? [];
    if (all.length > 0) view.show({ from: Math.min(...all) - 25, to: Math.max(...all) + 25 });
  }
  export function zoomBy(factor: number): void {
    view.zoomBy(factor, toMillimetres(mark.at ?? 0));
  }

  /** Fitted when another leg comes under the tape, and when its far end went out of sight. */
  $effect(() => {
    void [tape.leg.id, view.width > 60, view.element];
    untrack(showAll);
  });
  let isMoving = $state(false);
  const far = $derived(tape.stations.at(-1)?.at ?? null);
  $effect(() => {
    if (far === null || isMoving) return;
    untrack(() => {
      if (view.hasLost(toMillimetres(far))) showAll();
    });
  });

  const attachDrag = (of: string) =>
    attachMarkDrag(view, {
      hold: () => {
        onhold(of);
        return places.find((each) => each.id === of)?.at ?? 0;
      },
      drag: (to) => {
        isMoving = true;
        ondrag(of, to);
      },
      drop: ondrop,
      end: () => (isMoving = false),
    });

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

<div class="tape" bind:clientWidth={view.width}>
  <svg
    {@attach view.attach}
    width={view.width}
    height={HEIGHT}
    role="group"
    aria-label="Tape along leg {tape.leg.leg.tag}, to scale"
  >
    <TapePipe {tape} {catalogue} {view} />
    <line class="axis" x1={x(out.from + 480)} x2={x(out.to - 480)} y1={AXIS} y2={AXIS} />
    {#if hookAt !== null}<TapeStrip hook={hookAt} {out} {unit} {view} />{/if}

    {#each places as each (each.id)}
      {@const at = x(toMillimetres(each.at!))}
      {@const row = findRow(each)}
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
      {@const row = findRow(each)}
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
        ><FractionText text={label.text} /></text
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
  .axis {
    stroke: var(--color-secondary);
    stroke-dasharray: 10 3 2 3;
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
</style>
