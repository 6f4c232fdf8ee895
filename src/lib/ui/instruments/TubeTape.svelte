<!-- The tape along a tube before it is bent: its bends with their marks, what goes into its ends, and where it is cut. To scale along, not across. -->
<script lang="ts">
  import type { TubeSheet } from '#core/cutting';
  import {
    formatLength,
    getTapeFormat,
    FOOT,
    INCH,
    MILLIMETRE,
    type Length,
    type LengthUnit,
    type TapeGraduation,
  } from '#core/units';
  import { sayTubeSheet } from '#words/tube.ts';
  import FractionText from './FractionText.svelte';

  interface Props {
    sheet: TubeSheet;
    /** The tube as it is cut, with what is left on. */
    cut: Length;
    unit: LengthUnit;
    graduation: TapeGraduation;
    /** The bend that is looked at. */
    at?: number | null;
  }
  let { sheet, cut, unit, graduation, at = null }: Props = $props();
  let width = $state(600);
  const EDGE = 26;
  const [TUBE, HALF, STRIP] = [56, 13, 92];
  const x = (length: Length): number => EDGE + (Math.max(0, length) / cut) * (width - 2 * EDGE);
  const say = (length: Length): string => formatLength(length, getTapeFormat(graduation));

  /** Graduations far enough apart to be told. */
  const step = $derived.by((): Length => {
    const steps =
      unit === 'in'
        ? [INCH, 3 * INCH, 6 * INCH, FOOT, 2 * FOOT, 5 * FOOT, 10 * FOOT]
        : [10, 50, 100, 200, 500, 1000, 2000].map((each) => each * MILLIMETRE);
    return steps.find((each) => (each / cut) * (width - 2 * EDGE) > 34) ?? steps.at(-1)!;
  });
  const ticks = $derived(Array.from({ length: Math.floor(cut / step) + 1 }, (_, i) => i * step));
  /** Lettering over marks that lie close stands in two rows. */
  const rows = $derived.by(() => {
    let last = [-Infinity, -Infinity];
    return sheet.bends.map(({ mark }) => {
      const place = x(mark);
      const row = place - last[0]! > 74 ? 0 : place - last[1]! > 74 ? 1 : 0;
      last = row === 0 ? [place, last[1]!] : [last[0]!, place];
      return row;
    });
  });
  const depths = $derived(sheet.depths.map((depth) => (depth === null ? 0 : Math.max(0, depth))));
</script>

<div bind:clientWidth={width} class="w-full">
  <svg
    viewBox="0 0 {width} 122"
    {width}
    height="122"
    role="img"
    aria-label={sayTubeSheet(sheet, cut, unit, graduation)}
  >
    <defs>
      <pattern id="bent" width="5" height="5" patternUnits="userSpaceOnUse" patternTransform="rotate(45)"
        ><line x1="0" y1="0" x2="0" y2="5" class="hatch" /></pattern
      >
    </defs>
    <rect class="tube" x={x(0)} y={TUBE - HALF} width={x(cut) - x(0)} height={2 * HALF} />
    {#each [0, 1] as end (end)}
      {@const trim = sheet.trim[end]!}
      {#if trim > 0}<rect
          class="trim"
          x={end === 0 ? x(0) : x(cut - trim)}
          y={TUBE - HALF}
          width={x(trim) - x(0)}
          height={2 * HALF}
        />{/if}
      {#if depths[end]! > 0}<rect
          class="inside"
          x={end === 0 ? x(0) : x(cut - depths[end]!)}
          y={TUBE - HALF}
          width={Math.max(3, x(depths[end]!) - x(0))}
          height={2 * HALF}
        />{/if}
    {/each}
    {#each sheet.bends as { exact, mark, degrees }, i (i)}
      <g class:now={at === i}>
        <rect
          class="arc"
          fill="url(#bent)"
          x={x(exact.start)}
          y={TUBE - HALF}
          width={Math.max(2, x(exact.end) - x(exact.start))}
          height={2 * HALF}
        />
        {#each [exact.start, exact.centre, exact.end] as place, k (k)}<path
            class="exact"
            d="M{x(place)} {TUBE - HALF}V{TUBE + HALF}"
          />{/each}
        <path class="mark" d="M{x(mark)} {TUBE - HALF - 5}V{TUBE + HALF + 5}" />
        <text class="figure" x={x(mark)} y={rows[i] === 0 ? 34 : 15}><FractionText text={say(mark)} /></text>
        <text class="angle" x={x(exact.centre)} y={TUBE + HALF + 15}>{i + 1}: {degrees}°</text>
      </g>
    {/each}
    <path class="strip" d="M{x(0)} {STRIP}H{x(cut)}" />
    {#each ticks as tick, i (i)}
      <path class="strip" d="M{x(tick)} {STRIP}v{i % 2 === 0 ? 9 : 6}" />
      {#if x(tick) < x(cut) - 104}<text class="tick" x={x(tick)} y={STRIP + 22}
          ><FractionText text={say(tick)} /></text
        >{/if}
    {/each}
    <path class="cut" d="M{x(cut)} {TUBE - HALF - 12}V{STRIP + 12}" />
    <text class="figure end" x={width - 4} y={STRIP + 24}><FractionText text={say(cut)} /></text>
  </svg>
</div>

<style>
  .tube {
    fill: var(--color-base-200);
    stroke: var(--color-base-content);
    stroke-width: 1.6;
  }
  .trim {
    fill: none;
    stroke: var(--color-base-content);
    stroke-width: 1.6;
    stroke-dasharray: 4 4;
  }
  .inside {
    fill: var(--color-base-content);
    opacity: 0.32;
  }
  .hatch {
    stroke: var(--color-base-content);
    stroke-width: 1.4;
    opacity: 0.55;
  }
  .arc {
    stroke: none;
  }
  .exact {
    stroke: var(--color-base-content);
    stroke-width: 1;
    stroke-dasharray: 2 2;
  }
  .mark {
    stroke: var(--color-accent);
    stroke-width: 3.5;
  }
  .now .mark {
    stroke-width: 6;
  }
  .cut,
  .strip {
    fill: none;
    stroke: var(--color-base-content);
    stroke-width: 1.4;
  }
  .cut {
    stroke-width: 3;
  }
  text {
    fill: var(--color-base-content);
    font-variant-numeric: tabular-nums;
    text-anchor: middle;
  }
  .figure {
    font-size: 15px;
    font-weight: 700;
  }
  .end {
    text-anchor: end;
  }
  .angle {
    font-size: 13px;
    font-weight: 600;
  }
  .tick {
    font-size: 11px;
    fill: var(--color-secondary);
  }
</style>
