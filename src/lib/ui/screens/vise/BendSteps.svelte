<!-- At the bender: one bend a screen. Its mark, its angle and how the tube is turned, large; the tube as it is after it; how it is turned, seen along it. -->
<script lang="ts">
  import ArrowLeft from '@lucide/svelte/icons/arrow-left';
  import ArrowRight from '@lucide/svelte/icons/arrow-right';
  import { type ShoeMark, getTurnOfTube } from '#core/bending';
  import type { TubeSheet } from '#core/cutting';
  import { drawBending } from '#core/drawing';
  import type { Point } from '#core/geometry';
  import { getTapeFormat, type LengthUnit, type TapeGraduation } from '#core/units';
  import { BENDER_MARK_NAMES, sayRotation } from '#words/tube.ts';
  import LengthText from '../../controls/LengthText.svelte';

  interface Props {
    sheet: TubeSheet;
    mark: ShoeMark;
    unit: LengthUnit;
    graduation: TapeGraduation;
    at: number;
  }
  let { sheet, mark, unit, graduation, at = $bindable() }: Props = $props();
  let section = $state<HTMLElement>();
  /** One bend a screen: the card comes into sight whole. */
  function go(by: 1 | -1): void {
    at += by;
    section?.scrollIntoView({ block: 'start' });
  }
  const SIZE = 220;
  const bend = $derived(sheet.bends[at]!);
  const picture = $derived(drawBending(sheet, at, SIZE));
  const path = (points: readonly Point[]): string =>
    points.length < 2 ? '' : `M${points.map(({ x, y }) => `${x.toFixed(1)} ${y.toFixed(1)}`).join('L')}`;
  /** Seen from end A along the tube: the leg toward A stands up, the bend that comes lies as far round from it, clockwise. */
  const spoke = (degrees: number, length: number): string => {
    const turn = ((degrees - 90) * Math.PI) / 180;
    return `${(60 + Math.cos(turn) * length).toFixed(1)} ${(60 + Math.sin(turn) * length).toFixed(1)}`;
  };
  const turned = $derived(at === 0 ? 0 : bend.rotation);
  const turn = $derived(at === 0 ? null : getTurnOfTube(bend.rotation));
</script>

<section
  bind:this={section}
  aria-label="Bend {at + 1} of {sheet.bends.length}"
  class="scroll-mt-16 rounded border-2 border-base-300 p-3"
>
  <div class="flex items-center justify-between gap-3">
    <button type="button" class="tap btn" disabled={at === 0} onclick={() => go(-1)} aria-label="Bend before"
      ><ArrowLeft size={20} aria-hidden="true" /></button
    >
    <h2 class="text-xl font-semibold">Bend {at + 1} of {sheet.bends.length}</h2>
    <button
      type="button"
      class="tap btn"
      disabled={at === sheet.bends.length - 1}
      onclick={() => go(1)}
      aria-label="Next bend"><ArrowRight size={20} aria-hidden="true" /></button
    >
  </div>
  <dl class="mt-2 grid grid-cols-[1.7fr_0.9fr_1.1fr] gap-2">
    <div>
      <dt class="chart-label text-sm">mark, from A</dt>
      <dd class="text-3xl leading-tight font-bold sm:text-4xl" data-testid="bend-mark">
        <LengthText length={bend.mark} {unit} format={getTapeFormat(graduation)} />
      </dd>
    </div>
    <div>
      <dt class="chart-label text-sm">bend it</dt>
      <dd class="text-3xl leading-tight font-bold sm:text-4xl">{bend.degrees}°</dd>
    </div>
    <div>
      <dt class="chart-label text-sm">turn the tube</dt>
      <dd class="text-3xl leading-tight font-bold sm:text-4xl" data-testid="bend-turn">
        {turn === null || turn.degrees === 0 ? '—' : `${turn.degrees}°`}{#if turn?.sense}<span
            class="block text-base font-semibold">{turn.sense}</span
          >{/if}
      </dd>
    </div>
  </dl>
  <div class="flex items-center justify-center gap-2 sm:gap-4">
    <svg
      viewBox="0 0 {SIZE} {SIZE}"
      class="w-44 shrink sm:w-56"
      role="img"
      aria-label="The tube in the bender after bend {at + 1}: the bend goes up"
    >
      <path class="tube" d={path(picture.before)} />
      <path class="tube" d={path(picture.after)} stroke-dasharray="7 5" />
      <path class="tube bend" d={path(picture.bend)} />
      {#if picture.before[0]}<circle class="end" cx={picture.before[0].x} cy={picture.before[0].y} r="5" />
        <text x={picture.before[0].x} y={picture.before[0].y - 10}>A</text>{/if}
    </svg>
    <figure class="flex w-32 shrink-0 flex-col items-center text-center">
      <svg viewBox="0 -12 120 132" class="w-28" role="img" aria-label={sayRotation(at, turned)}>
        <circle class="rim" cx="60" cy="60" r="46" />
        {#each [0, 90, 180, 270] as tick (tick)}<path
            class="tick"
            d="M{spoke(tick, 46)}L{spoke(tick, 52)}"
          />{/each}
        {#if at > 0}<path class="before" d="M60 60L{spoke(0, 46)}" />{/if}
        {#if turned > 0}<path
            class="sweep"
            d="M{spoke(0, 30)}A30 30 0 {turned > 180 ? 1 : 0} 1 {spoke(turned, 30)}"
          />{/if}
        <path class="spoke" d="M60 60L{spoke(turned, 46)}" />
        <circle class="bore" cx="60" cy="60" r="9" />
        {#if at > 0 && turned > 20 && turned < 340}<text x="60" y="3">A</text>{/if}
      </svg>
      <figcaption class="text-sm leading-tight">{sayRotation(at, turned)}</figcaption>
    </figure>
  </div>
  <p class="text-sm">
    The mark is {BENDER_MARK_NAMES[mark]}. Nuts are on before the bend beside them; a kinked piece is
    replaced, never rounded back.
  </p>
</section>

<style>
  .tube {
    fill: none;
    stroke: var(--color-base-content);
    stroke-width: 6;
    stroke-linecap: round;
    stroke-linejoin: round;
  }
  .tube.bend {
    stroke: var(--color-accent);
    stroke-width: 9;
  }
  .end,
  .bore {
    fill: var(--color-base-100);
    stroke: var(--color-base-content);
    stroke-width: 2.5;
  }
  .rim {
    fill: var(--color-base-200);
    stroke: var(--color-base-content);
    stroke-width: 2;
  }
  .tick {
    stroke: var(--color-base-content);
    stroke-width: 2;
  }
  .before {
    stroke: var(--color-secondary);
    stroke-width: 3;
    stroke-dasharray: 4 4;
  }
  .spoke {
    stroke: var(--color-accent);
    stroke-width: 6;
  }
  .sweep {
    fill: none;
    stroke: var(--color-base-content);
    stroke-width: 2;
  }
  text {
    fill: var(--color-base-content);
    font-size: 15px;
    font-weight: 700;
    text-anchor: middle;
  }
</style>
