<script lang="ts">
  import Delete from '@lucide/svelte/icons/delete';
  import type { LengthUnit } from '#core/units';
  import { getPadRows, pressKey, type PadKey, type PadUse } from './press-key.ts';

  interface Props {
    typed: string;
    unit: LengthUnit;
    use?: PadUse;
    onpress: (typed: string) => void;
  }
  let { typed, unit, use = 'measure', onpress }: Props = $props();

  const rows = $derived(getPadRows(unit, use));
  /** The first key of a shorter row is as much wider. */
  const widest = $derived(Math.max(...rows.map(({ length }) => length)));
  const EIGHTHS = ['', '1/8', '1/4', '3/8', '1/2', '5/8', '3/4', '7/8'];

  function getName(key: PadKey): string {
    if (key.kind === 'digit') return key.digit;
    if (key.kind === 'fraction') return EIGHTHS[key.eighths] ?? '';
    if (key.kind === 'unit') return key.unit;
    return { feet: 'feet', point: 'point', step: 'plus one sixteenth', 'rub-out': 'rub out' }[key.kind];
  }
</script>

<div role="group" aria-label="Measure keypad" class="grid gap-1">
  {#each rows as row, i (i)}
    <div class="grid auto-cols-fr grid-flow-col gap-1">
      {#each row as key, k (getName(key))}
        <button
          type="button"
          class="key {key.kind}"
          style:grid-column={k === 0 && row.length < widest ? `span ${widest - row.length + 1}` : undefined}
          aria-label={getName(key)}
          onclick={() => onpress(pressKey(typed, key))}
        >
          {#if key.kind === 'rub-out'}<Delete size={22} aria-hidden="true" />
          {:else if key.kind === 'feet'}ft
          {:else if key.kind === 'point'}.
          {:else if key.kind === 'step'}<span class="fraction">+1/16</span>
          {:else if key.kind === 'fraction'}<span class="fraction">{EIGHTHS[key.eighths]}</span>
          {:else}{getName(key)}{/if}
        </button>
      {/each}
    </div>
  {/each}
</div>

<style>
  .key {
    min-height: 46px;
    min-width: 40px;
    display: flex;
    align-items: center;
    justify-content: center;
    border-radius: 0.25rem;
    border: 1px solid var(--color-base-300);
    background: var(--color-base-100);
    font-size: 1.3rem;
    font-weight: 600;
    cursor: pointer;
  }
  .key:hover {
    border-color: var(--color-base-content);
  }
  .key:active {
    background: var(--color-base-300);
  }
  .key.fraction,
  .key.step,
  .key.feet,
  .key.unit {
    background: var(--color-base-200);
  }
  .key.step {
    font-size: 1.05rem;
  }
</style>
