<script lang="ts">
  import { AXES, type Axis } from '#core/geometry/axis.ts';
  import { AXIS_NAMES } from '#words/parts.ts';
  import { AXIS_KEYS } from './axis-keys.ts';

  interface Props {
    axis: Axis | null;
    /** Ways that are taken already, or lead straight back. */
    taken: readonly Axis[];
    onpick: (axis: Axis) => void;
  }
  let { axis, taken, onpick }: Props = $props();

  /** Where each way lies on the rose: exactly where the drawing will go. Column, row of a 2 × 3 hexagon. */
  const PLACES: Readonly<Record<Axis, { place: string; turn: number; short: string }>> = {
    up: { place: 'col-start-1 col-span-2 row-start-1', turn: 0, short: 'up' },
    back: { place: 'col-start-2 row-start-2', turn: 60, short: 'back' },
    right: { place: 'col-start-2 row-start-3', turn: 120, short: 'right' },
    down: { place: 'col-start-1 col-span-2 row-start-4', turn: 180, short: 'down' },
    out: { place: 'col-start-1 row-start-3', turn: 240, short: 'out' },
    left: { place: 'col-start-1 row-start-2', turn: 300, short: 'left' },
  };
</script>

<div role="group" aria-label="Direction of the leg" class="grid grid-cols-2 gap-1">
  {#each AXES as way (way)}
    {@const { place, turn, short } = PLACES[way]}
    <button
      type="button"
      class="rose tap {place} {axis === way ? 'picked' : ''}"
      aria-pressed={axis === way}
      aria-label="{AXIS_NAMES[way]}{taken.includes(way) ? ' (taken)' : ''}"
      aria-keyshortcuts={AXIS_KEYS[way]}
      disabled={taken.includes(way)}
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
      <span>{short}</span>
    </button>
  {/each}
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
  .rose:disabled {
    opacity: 0.35;
    cursor: not-allowed;
  }
</style>
