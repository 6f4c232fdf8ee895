<script lang="ts">
  import { AXES, type Axis } from '#core/geometry';
  import { sayExact, sayLength } from '#words/length-text.ts';
  import { sayRefusal } from '#words/refusals.ts';
  import type { LengthUnit } from '#core/units';
  import { isSquareTo, OFFSET_PARTS, type OffsetEntry } from './offset-entry.svelte.ts';

  let { offset, unit }: { offset: OffsetEntry; unit: LengthUnit } = $props();
  const solved = $derived(offset.solved?.ok ? offset.solved.value : null);
  const sides = $derived(AXES.filter((axis) => !offset.along || isSquareTo(axis, offset.along)));
  const rollSides = $derived(sides.filter((axis) => !offset.setWay || isSquareTo(axis, offset.setWay)));

  const NAMES = { set: 'set', roll: 'roll', run: 'run', travel: 'travel' } as const;
  const WAYS = [
    { name: 'goes on', get: () => offset.along, choices: () => AXES, set: (way: Axis) => (offset.along = way) },
    { name: 'set to the side', get: () => offset.setWay, choices: () => sides, set: (way: Axis) => (offset.setWay = way) },
    { name: 'roll to the side', get: () => offset.rollWay, choices: () => rollSides, set: (way: Axis) => (offset.rollWay = way) },
  ] as const; // prettier-ignore
  const shownWays = $derived(solved && solved.roll === 0 ? WAYS.slice(0, 2) : WAYS);
</script>

<div class="flex flex-col gap-2">
  <div class="grid grid-cols-3 gap-2">
    {#each shownWays as way (way.name)}
      <label class="flex min-w-0 flex-col text-sm"
        ><span class="chart-label">{way.name}</span>
        <select
          class="tap select w-full"
          value={way.get() ?? ''}
          onchange={(event) => {
            if (event.currentTarget.value) way.set(event.currentTarget.value as Axis);
          }}
        >
          <option value="">?</option>
          {#each way.choices() as axis (axis)}<option value={axis}>{axis}</option>{/each}
        </select></label
      >
    {/each}
  </div>
  <div class="grid grid-cols-4 gap-2">
    {#each OFFSET_PARTS as part (part)}
      <label class="flex min-w-0 flex-col text-sm"
        ><span class="chart-label">{NAMES[part]}</span>
        <input
          class="tap input w-full px-2 {offset.refusal ? 'input-error' : ''}"
          autocomplete="off"
          maxlength="60"
          bind:value={offset.typed[part]}
          placeholder={solved ? sayLength(solved[part], unit) : ''}
        /></label
      >
    {/each}
  </div>
  <p class="text-sm" aria-live="polite">
    {#if offset.refusal}<span class="font-medium text-error">{sayRefusal(offset.refusal, unit)}</span>
    {:else if solved}
      Travel {sayExact(solved.travel, unit)}, run {sayExact(solved.run, unit)}, both elbows 45°.
    {:else}<span class="chart-label">Any two give the rest; one set alone is an offset in one plane.</span
      >{/if}
  </p>
</div>
