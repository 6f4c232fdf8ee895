<script lang="ts">
  import Pause from '@lucide/svelte/icons/pause';
  import Play from '@lucide/svelte/icons/play';
  import { prefersReducedMotion } from 'svelte/motion';
  import type { TrapPicture, TrapRole } from '#core/drawing';
  import type { Point } from '#core/geometry';
  import type { LengthUnit } from '#core/units';
  import { sayTrapLens } from '#words/lens.ts';
  import LensFrame from './LensFrame.svelte';
  import LensHatchings from './LensHatchings.svelte';
  import { placeBehindGlass, toPathBehindGlass } from './lens-window.ts';

  interface Props {
    picture: TrapPicture;
    unit: LengthUnit;
  }
  let { picture, unit }: Props = $props();
  const says = $derived(sayTrapLens(picture, unit));
  const id = $props.id();

  /** Everything drawn fits behind the glass. */
  const view = $derived.by(() => {
    const { left, right, bottom, top } = picture.frame;
    const radius = Math.hypot(right - left, top - bottom) / 2;
    return { x: (left + right) / 2, y: (top + bottom) / 2, scale: 47 / radius };
  });
  const place = (point: Point): Point => placeBehindGlass(point, view);
  const toPath = (points: readonly Point[]): string => toPathBehindGlass(points, view);
  const FILLS: Readonly<Record<TrapRole, string>> = {
    tee: 'other',
    cap: 'other',
    plug: 'third',
    pipe: 'one',
    void: '',
  };

  /** How far along its way each thing is that moves, 0 to 1; stopped where less motion is wanted. */
  let isMoving = $state(!prefersReducedMotion.current);
  let time = $state(0);
  $effect(() => {
    if (!isMoving) return;
    let last = performance.now();
    let frame = requestAnimationFrame(function step(now) {
      time = (time + (now - last) / 4200) % 1;
      last = now;
      frame = requestAnimationFrame(step);
    });
    return () => cancelAnimationFrame(frame);
  });
  const GAS = 9;
  const GRIT = 5;

  /** A point of a way, by the share of its length. */
  function follow(points: readonly Point[], share: number): Point {
    const steps = points.slice(1).map((to, i) => Math.hypot(to.x - points[i]!.x, to.y - points[i]!.y));
    let left = steps.reduce((sum, each) => sum + each, 0) * share;
    for (const [i, length] of steps.entries()) {
      const [a, b] = [points[i]!, points[i + 1]!];
      if (left <= length || i === steps.length - 1) {
        const on = length === 0 ? 0 : Math.min(1, left / length);
        return { x: a.x + (b.x - a.x) * on, y: a.y + (b.y - a.y) * on };
      }
      left -= length;
    }
    return points[0]!;
  }
  const spread = (count: number): number[] => Array.from({ length: count }, (_, i) => i / count);
  /** What falls in comes to rest sooner than the gas goes through, and lies there a while. */
  const gritAt = (offset: number, stays: boolean): number => {
    const now = (time + offset) % 1;
    return stays ? Math.min(1, now * 1.6) : now;
  };
  const stub = $derived({ from: place(picture.stub.from), to: place(picture.stub.to) });
</script>

<figure class="m-0 flex w-full flex-col items-center gap-1">
  <LensFrame label={says}>
    {#snippet defs()}
      <LensHatchings {id} />
    {/snippet}
    {#each picture.shapes as { role, outline }, i (i)}
      <path
        d="{toPath(outline)}Z"
        fill={role === 'void' ? 'var(--color-base-100)' : `url(#${id}-${FILLS[role]})`}
        class={role === 'void' ? '' : 'stroke-base-content'}
        stroke-width="0.5"
        stroke-dasharray={picture.isAssumed && role === 'pipe' ? '2 1.5' : undefined}
      />
    {/each}
    <path d={toPath(picture.gas)} class="way" />
    {#each spread(GAS) as offset (offset)}
      {@const { x, y } = place(follow(picture.gas, (time + offset) % 1))}
      <circle cx={x} cy={y} r="1.1" class="gas" />
    {/each}
    {#each picture.grit as { points, stays }, track (track)}
      {#each spread(GRIT) as offset (offset)}
        {@const { x, y } = place(follow(points, gritAt(offset + track * 0.1, stays)))}
        <rect
          x={x - 1.3 + (stays ? (offset - 0.4) * 3 : 0)}
          y={y - 1.3}
          width="2.6"
          height="2.6"
          class="grit"
        />
      {/each}
    {/each}
    <path
      d="M{stub.from.x} {stub.from.y}L{stub.to.x} {stub.to.y}"
      class="stroke-base-content"
      stroke-width="0.35"
      stroke-dasharray="3 1 1 1"
    />
  </LensFrame>
  <p class="flex flex-wrap items-center justify-center gap-x-4 text-sm">
    <span class="flex items-center gap-1"
      ><svg width="12" height="12" viewBox="0 0 12 12" aria-hidden="true"
        ><circle cx="6" cy="6" r="4" class="gas" /></svg
      > gas</span
    >
    <span class="flex items-center gap-1"
      ><svg width="12" height="12" viewBox="0 0 12 12" aria-hidden="true"
        ><rect x="2" y="2" width="8" height="8" class="grit" /></svg
      > grit</span
    >
    <button type="button" class="tap btn px-3" aria-pressed={isMoving} onclick={() => (isMoving = !isMoving)}>
      {#if isMoving}<Pause size={18} aria-hidden="true" /> Stop{:else}<Play size={18} aria-hidden="true" /> Let
        it flow{/if}
    </button>
  </p>
  <figcaption class="max-w-md text-center text-sm leading-snug">{says}</figcaption>
</figure>

<style>
  .way {
    fill: none;
    stroke: #c07d10;
    stroke-width: 0.8;
    stroke-dasharray: 2 2;
  }
  .gas {
    fill: var(--color-base-100);
    stroke: #c07d10;
    stroke-width: 0.9;
  }
  .grit {
    fill: var(--color-base-content);
    stroke: none;
  }
</style>
