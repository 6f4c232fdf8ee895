<!-- The tape itself: hooked on, with its graduations, as far as it is in sight. -->
<svelte:options namespace="svg" />

<script lang="ts">
  import { type Stretch, getGraduations } from '#core/drawing';
  import type { LengthUnit } from '#core/units';
  import { STRIP } from './tape-sheet.ts';
  import type { TapeView } from './tape-view.svelte.ts';

  interface Props {
    /** mm from the near centre. */
    hook: number;
    /** What is rolled out, mm. */
    out: Stretch;
    unit: LengthUnit;
    view: TapeView;
  }
  let { hook, out, unit, view }: Props = $props();
  const x = (mm: number): number => view.place(mm);
  const left = $derived(Math.max(-4, x(out.from)));
  const right = $derived(Math.min(view.width + 4, x(out.to)));
  const graduations = $derived.by(() => {
    const [from, to] = [Math.max(view.seen.from, out.from), Math.min(view.seen.to, out.to)];
    return getGraduations(hook, unit, { from, to }, view.scale);
  });
</script>

<rect
  class="strip"
  x={left}
  width={Math.max(0, right - left)}
  y={STRIP.top}
  height={STRIP.bottom - STRIP.top}
/>
{#each graduations as { at, rank, figure } (at)}
  <line class="graduation" x1={x(at)} x2={x(at)} y1={STRIP.top} y2={STRIP.top + 4 + rank * 3} />
  {#if figure !== null && at !== hook}
    <text class="figure" class:foot={figure.includes('ft')} x={x(at)} y={STRIP.bottom - 7}>{figure}</text>
  {/if}
{/each}
<path class="hook" d="M{x(hook) - 3} {STRIP.top - 8}h6v{STRIP.bottom - STRIP.top + 8}h-6z" />

<style>
  .strip {
    fill: #ecd9a4;
    stroke: #7d5a17;
  }
  .graduation {
    stroke: #2b2005;
    stroke-width: 1;
  }
  .figure {
    fill: #2b2005;
    font-size: 13px;
    font-weight: 600;
    text-anchor: middle;
    dominant-baseline: central;
    pointer-events: none;
  }
  .figure.foot {
    fill: #8f1f14;
  }
  .hook {
    fill: #5d656b;
    stroke: #14242c;
  }
</style>
