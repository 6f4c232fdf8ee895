<script lang="ts">
  import { drawTrenchPlan, drawTrenchSection } from '#core/drawing';
  import type { Point } from '#core/geometry';
  import type { Trench, TrenchMark } from '#core/ground';
  import type { LengthUnit } from '#core/units';
  import { sayTrench, TRENCH_MARK_NAMES } from '#words/ground.ts';
  import { sayLength } from '#words/length-text.ts';

  let { trench, unit }: { trench: Trench; unit: LengthUnit } = $props();
  const id = $props.id();
  let width = $state(0);
  const section = $derived(drawTrenchSection(trench));
  const plan = $derived(drawTrenchPlan(trench));

  const SIDE = 44;
  const HIGH = 190;
  /** Along the trench and down it are each to scale; how much more the depth is drawn is said beside it. */
  const scales = $derived.by(() => {
    if (!section || width < 120) return null;
    const along = (width - 2 * SIDE) / section.length;
    const down = (HIGH - 60) / (section.top - section.bottom);
    return { along, down, times: down / along };
  });
  const at = ({ x, y }: Point): Point => ({
    x: SIDE + x * scales!.along,
    y: 30 + (section!.top - y) * scales!.down,
  });
  const toPath = (points: readonly Point[], place: (point: Point) => Point): string =>
    points
      .map(place)
      .map(({ x, y }, i) => `${i === 0 ? 'M' : 'L'}${x.toFixed(1)} ${y.toFixed(1)}`)
      .join('');

  /** As high as it is long, between a strip and half a page. */
  const planHigh = $derived.by(() => {
    if (!plan) return 0;
    const { left, right, bottom, top } = plan.frame;
    const wanted = ((top - bottom) / Math.max(right - left, 1)) * (width - 2 * SIDE) + 90;
    return Math.round(Math.max(110, Math.min(wanted, 340)));
  });
  const planScale = $derived.by(() => {
    if (!plan || width < 120) return null;
    const { left, right, bottom, top } = plan.frame;
    const k = Math.min(
      (width - 2 * SIDE - 40) / Math.max(right - left, 1),
      (planHigh - 90) / Math.max(top - bottom, 1),
    );
    return { k, x: width / 2 - ((left + right) / 2) * k, y: planHigh / 2 + ((top + bottom) / 2) * k };
  });
  const onPlan = ({ x, y }: Point): Point => ({
    x: planScale!.x + x * planScale!.k,
    y: planScale!.y - y * planScale!.k,
  });
  /** A name stands on the side away from the pipe, where there is room for it. */
  function isLeftOf(i: number): boolean {
    const line = plan!.line.map(onPlan);
    const here = line[i]!;
    if (here.x < 80) return false;
    if (here.x > width - 110) return true;
    return [line[i - 1], line[i + 1]].reduce((sum, each) => sum + (each ? each.x - here.x : 0), 0) > 0;
  }
  const isSquare: Readonly<Record<TrenchMark, boolean>> = {
    riser: true, transition: true, fitting: false, bend: false, cap: true, open: false,
  }; // prettier-ignore
  /** Lettering at the ends stays on the sheet. */
  const anchor = (x: number): 'start' | 'middle' | 'end' =>
    x < 90 ? 'start' : x > width - 90 ? 'end' : 'middle';
  const shift = (x: number): number => (x < 90 ? -12 : x > width - 90 ? 12 : 0);
</script>

<figure class="m-0 flex flex-col gap-2" bind:clientWidth={width}>
  {#if section && scales}
    {@const ground = at({ x: 0, y: 0 }).y}
    <svg {width} height={HIGH} role="img" aria-label={sayTrench(trench, unit)}>
      <defs>
        <pattern id="{id}-soil" width="9" height="9" patternUnits="userSpaceOnUse">
          <rect width="9" height="9" class="fill-base-200" />
          <circle cx="2" cy="2.5" r="0.8" class="fill-base-content" opacity="0.4" />
          <circle cx="6.5" cy="6.5" r="0.8" class="fill-base-content" opacity="0.4" />
        </pattern>
      </defs>
      <rect x="0" y={ground} {width} height={HIGH - ground} fill="url(#{id}-soil)" />
      <path d="M0 {ground}H{width}" class="line" />
      {#if section.tape.length > 0}<path d={toPath(section.tape, at)} class="tape" />{/if}
      <path d={toPath(section.pipe, at)} class="pipe" />
      {#if section.wire.length > 0}<path d={toPath(section.wire, at)} class="wire" />{/if}
      {#each section.marks as mark (mark.id)}
        {@const top = at(mark.at)}
        {#if mark.head}
          {@const head = at(mark.head)}
          <path d="M{top.x} {top.y}V{ground}" class="riser" />
          <path
            d="M{top.x} {ground}V{head.y}"
            class="riser"
            stroke-dasharray={mark.isHeadAssumed ? '4 3' : undefined}
          />
        {/if}
        {#if mark.bury !== null}
          {@const most = at({ x: mark.at.x, y: -mark.bury / 1e6 }).y}
          {#if most < HIGH}<path d="M{top.x - 14} {most}h28" class="most" />{/if}
        {/if}
        <text
          x={top.x + shift(top.x)}
          y={Math.min(HIGH - 6, top.y + 24)}
          text-anchor={anchor(top.x)}
          class="lettering">{mark.cover === null ? 'cover ?' : sayLength(mark.cover, unit)}</text
        >
        <text x={top.x + shift(top.x)} y="16" text-anchor={anchor(top.x)} class="lettering"
          >{TRENCH_MARK_NAMES[mark.mark]}</text
        >
      {/each}
      <text x={width / 2} y={ground - 8} text-anchor="middle" class="lettering"
        >{sayLength(trench.length!, unit)}</text
      >
    </svg>
    <figcaption class="chart-label text-sm">
      Section, to scale along and down; down {Math.max(1, Math.round(scales.times))} times as large. Thin line:
      tracer wire. Dashes: warning tape. Dotted level: the most a riser may be buried.
    </figcaption>
  {/if}
  {#if plan && planScale}
    <svg {width} height={planHigh} role="img" aria-label="The trench from above, to scale, north up">
      <path d={toPath(plan.line, onPlan)} class="pipe" />
      {#each plan.marks as { id: node, mark, at: place }, i (node)}
        {@const point = onPlan(place)}
        {#if isSquare[mark]}<rect x={point.x - 6} y={point.y - 6} width="12" height="12" class="mark" />
        {:else}<circle cx={point.x} cy={point.y} r="4" class="mark" />{/if}
        <text
          x={point.x + (isLeftOf(i) ? -14 : 14)}
          y={point.y + 5}
          text-anchor={isLeftOf(i) ? 'end' : 'start'}
          class="lettering">{TRENCH_MARK_NAMES[mark]}</text
        >
      {/each}
      <g transform="translate({width - 22} 30)">
        <path d="M0 16V-14M-5 -6L0 -14L5 -6" class="line" />
        <text x="0" y="30" text-anchor="middle" class="lettering">N</text>
      </g>
    </svg>
    <figcaption class="chart-label text-sm">
      From above, to scale, for the sketch{trench.legs.every(({ isBearingSaid }) => isBearingSaid)
        ? ''
        : '; where no bearing is said, as the line is drawn, its back to the north'}.
    </figcaption>
  {/if}
</figure>

<style>
  svg {
    display: block;
  }
  .line,
  .pipe,
  .wire,
  .tape,
  .riser,
  .most {
    fill: none;
    stroke: var(--color-base-content);
  }
  .line {
    stroke-width: 1.5;
  }
  .pipe {
    stroke-width: 6;
    stroke-dasharray: 9 4;
    stroke-linejoin: round;
  }
  .riser {
    stroke-width: 7;
  }
  .wire {
    stroke: #c07d10;
    stroke-width: 1.5;
  }
  .tape {
    stroke-width: 2;
    stroke-dasharray: 8 5;
    opacity: 0.7;
  }
  .most {
    stroke-width: 1.2;
    stroke-dasharray: 2 2.5;
  }
  .mark {
    fill: var(--color-base-100);
    stroke: var(--color-base-content);
    stroke-width: 2;
  }
  .lettering {
    font-size: 13px;
    fill: var(--color-base-content);
    paint-order: stroke;
    stroke: var(--color-base-100);
    stroke-width: 4;
    stroke-linejoin: round;
  }
</style>
