<script lang="ts">
  import { untrack } from 'svelte';
  import type { ThreadPlace } from '#core/catalogue';
  import { makeThreadProfile } from '#core/drawing';
  import type { Observation } from '#core/identify';
  import {
    getPlaceOn,
    readCaliper,
    getTrueDiameter,
    getTruePitch,
    type SimulatedSpecimen,
  } from '#core/instruments';
  import { toMillimetres, type LengthUnit } from '#core/units';
  import { PLACE_NAMES } from '#words/identify.ts';
  import { sayReading } from '#words/length-text.ts';

  interface Props {
    specimen: SimulatedSpecimen;
    unit: LengthUnit;
    /** Where the jaws stand to begin with. */
    place: ThreadPlace;
    onread: (observation: Observation, instrument: string) => void;
  }
  let { specimen, unit, place, onread }: Props = $props();

  const NAMED = ['mouth', 'first', 'third', 'last'] as const;
  const isMale = $derived(specimen.gender === 'male');
  let along = $state(untrack(() => getPlaceOn(specimen, place === 'unknown' ? 'first' : place)));
  /** The error of one closing; another is drawn when the jaws are moved. */
  let closing = $state(untrack(() => readCaliper(specimen, along, Math.random)));
  /** How far the jaws stand off the thread, mm. */
  let gap = $state(3);

  const nearest = $derived(
    NAMED.reduce((best, each) =>
      Math.abs(getPlaceOn(specimen, each) - along) < Math.abs(getPlaceOn(specimen, best) - along)
        ? each
        : best,
    ),
  );
  const touching = $derived(gap < 0.005);
  const shown = $derived(
    touching
      ? closing
      : Math.round((getTrueDiameter(specimen, along) + (isMale ? gap : -gap)) * 100) * 10_000,
  );

  const size = $derived(getTrueDiameter(specimen, specimen.length) + 10);
  const scale = $derived(Math.min(190 / (specimen.length + 16), 150 / size));
  const x = (mm: number) => 70 + mm * scale;
  const crests = $derived(Math.max(2, Math.floor(specimen.length / getTruePitch(specimen))));
  const profile = $derived(
    makeThreadProfile({ ...specimen, crest: specimen.crestForm }, crests).map((point) => ({
      x: x(point.x),
      r: point.y * scale,
    })),
  );
  const outline = $derived.by(() => {
    const top = profile.map((point) => `${point.x.toFixed(2)},${(85 - point.r).toFixed(2)}`);
    const bottom = profile.map((point) => `${point.x.toFixed(2)},${(85 + point.r).toFixed(2)}`).toReversed();
    return [...top, ...bottom].join(' ');
  });
  const right = $derived(x(specimen.length));
  const half = $derived((toMillimetres(shown) / 2) * scale);
  const at = $derived(x(along));

  function move(to: number): void {
    along = Math.max(0, Math.min(specimen.length, to));
    closing = readCaliper(specimen, along, Math.random);
    gap = Math.max(gap, 0.6);
  }
  const open = (to: number) => (gap = Math.max(0, Math.min(6, to)) < 0.05 ? 0 : Math.min(6, to));

  function press(event: KeyboardEvent): void {
    const step = getTruePitch(specimen) / 2;
    if (event.key === 'ArrowLeft') move(along - step);
    else if (event.key === 'ArrowRight') move(along + step);
    else if (event.key === 'ArrowUp') open(gap + 0.5);
    else if (event.key === 'ArrowDown') open(gap - 0.5);
    else if (event.key === 'Home') open(0);
    else return;
    event.preventDefault();
  }

  let dragged = $state<{ x: number; y: number; along: number; gap: number } | null>(null);
  function grip(event: PointerEvent & { currentTarget: SVGElement }): void {
    event.currentTarget.setPointerCapture(event.pointerId);
    dragged = { x: event.clientX, y: event.clientY, along, gap };
  }
  function drag(event: PointerEvent & { currentTarget: SVGElement }): void {
    if (!dragged) return;
    const box = event.currentTarget.closest('svg')!.getBoundingClientRect();
    const perPixel = 280 / box.width / scale;
    const sideways = (event.clientX - dragged.x) * perPixel;
    const down = (event.clientY - dragged.y) * perPixel;
    if (Math.abs(sideways) > Math.abs(down)) move(dragged.along + sideways);
    // The lower jaw of an outside caliper closes upward, an inside one opens downward.
    else open(isMale ? dragged.gap + down : dragged.gap - down);
  }

  function take(): void {
    const side = isMale ? 'outside' : 'inside';
    onread(
      { kind: 'diameter', side, length: closing, instrument: 'caliper', place: nearest },
      'simulated caliper',
    );
  }
</script>

<svg
  viewBox="0 0 280 170"
  class="w-full touch-none"
  role="slider"
  tabindex="0"
  aria-label="Caliper jaws: left and right move along the thread, up and down open and close, Home closes"
  aria-valuenow={Number(toMillimetres(shown).toFixed(2))}
  aria-valuemin={0}
  aria-valuemax={150}
  aria-valuetext="{sayReading(shown, unit)}, {PLACE_NAMES[nearest]}, {touching ? 'touching' : 'not touching'}"
  onkeydown={press}
>
  {#if isMale}
    <rect
      x={right - 2}
      y={85 - (profile.at(-1)?.r ?? 0)}
      width={280 - right}
      height={2 * (profile.at(-1)?.r ?? 0)}
      class="fill-base-300"
    />
    <polygon points={outline} class="fill-base-300 stroke-base-content" stroke-width="0.8" />
  {:else}
    <rect x={x(0)} y="6" width={280 - x(0)} height="158" class="fill-base-300" />
    <polygon points={outline} class="fill-base-100 stroke-base-content" stroke-width="0.8" />
  {/if}
  <line
    x1="50"
    x2="276"
    y1="85"
    y2="85"
    class="stroke-secondary"
    stroke-width="0.5"
    stroke-dasharray="8 2 2 2"
  />
  <g
    class="cursor-grab"
    fill="#b98a35"
    stroke="#5d420f"
    stroke-width="0.8"
    role="presentation"
    onpointerdown={grip}
    onpointermove={drag}
    onpointerup={() => (dragged = null)}
  >
    {#if isMale}
      <path d="M{at - 4} {85 - half} h8 l3 -10 V{-2} h-14 V{85 - half - 10} Z" />
      <path d="M{at - 4} {85 + half} h8 l3 10 V172 h-14 V{85 + half + 10} Z" />
    {:else}
      <path d="M{at - 4} {85 - half} h8 v{Math.max(half - 4, 4)} H24 v-7 H{at - 4} Z" />
      <path d="M{at - 4} {85 + half} h8 v{-Math.max(half - 4, 4)} H24 v7 H{at - 4} Z" />
    {/if}
  </g>
</svg>
<p class="text-center text-3xl font-semibold tabular-nums" aria-live="polite">
  {sayReading(shown, unit)}
  <span class="block text-base font-normal"
    >{PLACE_NAMES[nearest]}, {touching ? 'jaws touch' : 'jaws stand off: close them'}</span
  >
</p>
<div class="grid grid-cols-4 gap-2">
  {#each NAMED as each (each)}
    <button
      type="button"
      class="btn h-11 px-1 text-sm aria-pressed:bg-accent aria-pressed:text-accent-content"
      aria-pressed={nearest === each}
      onclick={() => move(getPlaceOn(specimen, each))}>{each}</button
    >
  {/each}
</div>
{#if touching}
  <button type="button" class="btn h-12 btn-primary" onclick={take}>Take this reading</button>
{:else}
  <button type="button" class="btn h-12 btn-primary" onclick={() => open(0)}>Close the jaws</button>
{/if}
