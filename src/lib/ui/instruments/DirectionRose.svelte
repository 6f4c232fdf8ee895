<script lang="ts">
  import {
    AXES,
    type Axis,
    getSeenAxis,
    type Quarters,
    getSquareWays,
    isAxis,
    type Way,
  } from '#core/geometry';
  import { AXIS_NAMES } from '#words/ways.ts';
  import { AXIS_KEYS } from './axis-keys.ts';

  interface Props {
    axis: Way | null;
    /** Ways that are taken already, or lead straight back. */
    taken: readonly Axis[];
    /** Whether the next direction makes 45° with the one that stands; null where 45° is not offered. */
    slanting?: boolean | null;
    label?: string;
    /** How the drawing is turned: each way lies on the rose where the drawing will go. */
    quarters?: Quarters;
    onpick: (axis: Axis) => void;
    onslant?: () => void;
  }
  let {
    axis,
    taken,
    slanting = null,
    label = 'Direction of the leg',
    quarters = 0,
    onpick,
    onslant,
  }: Props = $props();
  const picked = $derived<readonly Axis[]>(axis === null ? [] : isAxis(axis) ? [axis] : getSquareWays(axis));

  /** Where each way lies on the rose as it is seen. Column, row of a 2 × 3 hexagon. */
  const PLACES: Readonly<Record<Axis, { place: string; turn: number }>> = {
    up: { place: 'col-start-1 row-start-1', turn: 0 },
    back: { place: 'col-start-2 row-start-2', turn: 60 },
    right: { place: 'col-start-2 row-start-3', turn: 120 },
    down: { place: 'col-start-1 col-span-2 row-start-4', turn: 180 },
    out: { place: 'col-start-1 row-start-3', turn: 240 },
    left: { place: 'col-start-1 row-start-2', turn: 300 },
  };
</script>

<div role="group" aria-label={label} class="grid grid-cols-2 gap-1">
  {#each AXES as way (way)}
    {@const { place, turn } = PLACES[getSeenAxis(way, quarters)]}
    {@const isTaken = taken.includes(way) && !slanting}
    <button
      type="button"
      class="rose tap {place} {way === 'up' && slanting === null ? 'col-span-2' : ''} {picked.includes(way)
        ? 'picked'
        : ''}"
      aria-pressed={picked.includes(way)}
      aria-label="{AXIS_NAMES[way]}{isTaken ? ' (taken)' : ''}"
      aria-keyshortcuts={AXIS_KEYS[way]}
      disabled={isTaken}
      onclick={() => onpick(way)}
    >
      <svg
        viewBox="-12 -12 24 24"
        width="16"
        height="16"
        aria-hidden="true"
        style:transform="rotate({turn}deg)"
      >
        <path d="M0 10V-9M-6 -3 0 -9 6 -3" fill="none" stroke="currentColor" stroke-width="2.6" />
      </svg>
      <span>{way}</span>
    </button>
  {/each}
  {#if slanting !== null}
    <button
      type="button"
      class="rose tap col-start-2 row-start-1 {slanting ? 'slanting' : ''}"
      aria-pressed={slanting}
      aria-label="45 degrees between two directions"
      onclick={() => onslant?.()}
    >
      <span>45°</span>
    </button>
  {/if}
</div>

<style>
  .rose {
    display: flex;
    align-items: center;
    justify-content: center;
    gap: 0.2rem;
    padding: 0 0.2rem;
    border: 1px solid var(--color-base-300);
    border-radius: 0.25rem;
    background: var(--color-base-100);
    font-size: 0.95rem;
    font-weight: 500;
    cursor: pointer;
  }
  .rose:hover:not(:disabled) {
    border-color: var(--color-base-content);
  }
  .picked {
    background: var(--color-accent);
    border-color: var(--color-accent);
    color: var(--color-accent-content);
    font-weight: 700;
  }
  .slanting {
    border: 2px solid var(--color-accent);
    font-weight: 700;
  }
  .rose:disabled {
    opacity: 0.35;
    cursor: not-allowed;
  }
</style>
