<script lang="ts">
  import { SvelteSet } from 'svelte/reactivity';
  import { findForbidden } from '#core/checks';
  import { DO_NOT_CUT } from '#words/findings.ts';
  import { nameFitting, namePartKind, SHORT_MATERIALS } from '#words/parts.ts';
  import { nameWay } from '#words/ways.ts';
  import type { LaidLeg } from '#core/runs/pieces';
  import { type RunLayout, findPiecesThrough } from '#core/runs/layout';
  import { findHolder } from '#core/runs/tube';
  import { findWayFrom, hasPipe } from '#core/runs/document';
  import { getTapeFormat, type Length } from '#core/units';
  import { makeKeeper } from '../../controls/keep-same.ts';
  import LengthText from '../../controls/LengthText.svelte';
  import type { LegEntry } from './leg-entry.svelte.ts';

  interface Props {
    entry: LegEntry;
    layout: RunLayout | null;
    /** The leg looked at, and the node the run grows from. */
    picked: string | null;
    growing: string | null;
    /** A line was picked: what is said of it stands elsewhere. */
    onpicked?: () => void;
  }
  let { entry, layout, picked, growing, onpicked }: Props = $props();
  const format = $derived(layout ? getTapeFormat(layout.rules['tape-rounding'].option) : undefined);

  /** A line of the list: plain values, so that a line in which nothing changed is left alone. */
  interface Line {
    readonly id: string;
    readonly tag: number;
    readonly centres: Length | null;
    readonly course: string;
    readonly isPipe: boolean;
    readonly isFlexible: boolean;
    /** Lengths on the tape; words where there is none to cut. */
    readonly cuts: readonly (Length | string | null)[];
    /** The piece of tube that goes through it, where another leg keeps that. */
    readonly inPiece: string;
    readonly far: string;
    readonly fitting: string;
  }
  const keep = makeKeeper<Line>(({ id }) => id);
  const lines = $derived(layout ? keep([...layout.legs.values()].map((laid) => makeLine(laid, layout))) : []);

  const CHUNK = 24;
  /** About the height of a line, for those that are not there. */
  const ROW = 53;
  const chunks = $derived(
    Array.from({ length: Math.ceil(lines.length / CHUNK) }, (_, i) =>
      lines.slice(i * CHUNK, (i + 1) * CHUNK),
    ),
  );
  /** Chunks in sight or near it; the first is always there. */
  const near = new SvelteSet([0]);
  const watchChunk = (i: number) => (element: HTMLElement) => {
    const observer = new IntersectionObserver(
      ([entry]) => {
        if (entry?.isIntersecting) near.add(i);
        else if (i > 0) near.delete(i);
      },
      { rootMargin: '600px' },
    );
    observer.observe(element);
    return () => observer.disconnect();
  };

  function pick(subject: string): void {
    entry.pick(subject);
    onpicked?.();
  }

  function makeLine(laid: LaidLeg, layout: RunLayout): Line {
    const { nodes } = layout;
    const { leg, near, far, inline } = laid;
    const parts = inline.map(({ id, part }) => part?.kind ?? leg.inline[id]?.part ?? 'coupling');
    const kinds = [...new Set(parts)].map((kind) => namePartKind(kind));
    return {
      id: laid.id,
      tag: leg.tag,
      centres: laid.centreToCentre,
      course: [
        [leg.size, SHORT_MATERIALS[leg.material], nameWay(findWayFrom(leg, near))].filter(Boolean).join(' '),
        ...kinds,
      ].join(', '),
      isPipe: hasPipe(leg),
      isFlexible: leg.geometry.kind === 'connector',
      cuts: (layout.pieces.get(laid.id) ?? []).map((piece) =>
        findForbidden(piece, layout) ? DO_NOT_CUT : (piece.cut?.onTape.length ?? null),
      ),
      inPiece:
        findHolder(layout.pieces.get(laid.id)) === null
          ? ''
          : (findPiecesThrough(layout, laid.id)[0]?.mark ?? ''),
      far,
      fitting: nameFitting(nodes.get(far)!.fitting),
    };
  }
</script>

{#snippet row(line: Line)}
  <div
    role="row"
    class="leg line border-b border-base-300 {picked === line.id ? 'bg-accent text-accent-content' : ''}"
    aria-current={picked === line.id ? 'true' : undefined}
  >
    <div role="rowheader" aria-colspan="3" class="col-span-3">
      <button
        type="button"
        class="tap grid w-full cursor-pointer grid-cols-subgrid items-center py-1 text-left"
        onclick={() => pick(line.id)}
      >
        <span class="font-semibold">{line.tag}</span>
        <span>
          {#if line.centres !== null}<LengthText
              length={line.centres}
              unit={entry.unit}
            />{:else}{line.isFlexible ? 'as led' : '?'}{/if}
          <span class="block text-xs {picked === line.id ? '' : 'text-secondary'}">{line.course}</span>
        </span>
        <span class="text-lg leading-tight font-semibold">
          {#if line.inPiece}<span class="text-base font-normal">in tube {line.inPiece}</span>
          {:else if line.isPipe}
            {#each line.cuts as cut, i (i)}
              <span class="block"
                >{#if typeof cut === 'number' && format}<LengthText
                    length={cut}
                    unit={entry.unit}
                    {format}
                  />{:else}<span class="text-base text-error">{cut ?? 'no cut'}</span>{/if}</span
              >
            {/each}
          {:else}<span class="text-base font-normal">{line.isFlexible ? 'connector' : 'no pipe'}</span>{/if}
        </span>
      </button>
    </div>
    <div role="cell" class="flex">
      <button
        type="button"
        class="tap w-full cursor-pointer px-1 text-left text-sm {growing === line.far ? 'font-bold' : ''}"
        aria-label="Grow from the {line.fitting} at the end of leg {line.tag}"
        aria-pressed={growing === line.far}
        onclick={() => pick(line.far)}
      >
        <span class="underline decoration-dotted underline-offset-4">{line.fitting}</span>
      </button>
    </div>
  </div>
{/snippet}

<!-- A table by its roles: its lines come in chunks, and those far out of sight are not there; all of it is told in words. -->
{#if lines.length > 0}
  <div role="table" aria-label="Legs of the run, from the source on" class="w-full">
    <div role="rowgroup">
      <div role="row" class="line chart-label border-b border-base-300 py-1 text-sm">
        <span role="columnheader">leg</span>
        <span role="columnheader">centres</span>
        <span role="columnheader">cut</span>
        <span role="columnheader">goes on from</span>
      </div>
    </div>
    <div role="rowgroup">
      {#each chunks as chunk, i (i)}
        <div
          role="presentation"
          {@attach watchChunk(i)}
          style:min-height={near.has(i) ? undefined : `${chunk.length * ROW}px`}
        >
          {#if near.has(i)}
            {#each chunk as line (line.id)}{@render row(line)}{/each}
          {/if}
        </div>
      {/each}
    </div>
  </div>
{/if}

<style>
  .line {
    display: grid;
    grid-template-columns: 2.2rem minmax(0, 0.9fr) minmax(0, 1.2fr) minmax(0, 5rem);
    column-gap: 0.25rem;
    align-items: center;
  }
  [role='rowheader'] {
    display: grid;
    grid-template-columns: subgrid;
  }
  [role='rowheader'] button {
    grid-column: 1 / -1;
  }
</style>
