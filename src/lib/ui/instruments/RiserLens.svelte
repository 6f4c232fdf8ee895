<script lang="ts">
  import type { RiserPicture, RiserRole } from '#core/drawing';
  import type { Point } from '#core/geometry';
  import type { LengthUnit } from '#core/units';
  import { sayLength } from '#words/length-text.ts';
  import LensFrame from './LensFrame.svelte';
  import LensHatchings from './LensHatchings.svelte';
  import { placeBehindGlass, toPathBehindGlass } from './lens-window.ts';

  interface Props {
    picture: RiserPicture;
    /** What is seen, in words. */
    says: string;
    unit: LengthUnit;
  }
  let { picture, says, unit }: Props = $props();
  const id = $props.id();
  /** Everything drawn fits behind the glass. */
  const view = $derived.by(() => {
    const { left, right, bottom, top } = picture.frame;
    return {
      x: (left + right) / 2,
      y: (top + bottom) / 2,
      scale: 100 / Math.max(right - left, top - bottom),
    };
  });
  const place = (point: Point): Point => placeBehindGlass(point, view);
  const toPath = (points: readonly Point[]): string => toPathBehindGlass(points, view);
  const FILLS: Readonly<Record<RiserRole, string>> = {
    soil: 'soil',
    pipe: 'one',
    sleeve: 'other',
    head: 'other',
    void: '',
  };
  const ground = $derived(place({ x: 0, y: 0 }).y);
  const cover = $derived({
    from: place({ x: picture.cover.x, y: 0 }),
    to: place({ x: picture.cover.x, y: picture.cover.to }),
  });
  const bury = $derived(picture.bury && place({ x: 0, y: picture.bury.y }).y);
</script>

<LensFrame label={says}>
  {#snippet defs()}
    <LensHatchings {id} />
    <pattern id="{id}-soil" width="5" height="5" patternUnits="userSpaceOnUse">
      <rect width="5" height="5" class="fill-base-200" />
      <circle cx="1.2" cy="1.4" r="0.45" class="fill-base-content" opacity="0.45" />
      <circle cx="3.7" cy="3.6" r="0.45" class="fill-base-content" opacity="0.45" />
    </pattern>
  {/snippet}
  {#each picture.shapes as { role, outline }, i (i)}
    {#if role === 'soil'}
      <rect x="0" y={ground} width="120" height={120 - ground} fill="url(#{id}-soil)" />
    {:else}
      <path
        d="{toPath(outline)}Z"
        fill={role === 'void' ? 'var(--color-base-100)' : `url(#${id}-${FILLS[role]})`}
        class={role === 'void' ? '' : 'stroke-base-content'}
        stroke-width="0.4"
        stroke-dasharray={picture.isHeadAssumed && role === 'head' ? '2 1.5' : undefined}
      />
    {/if}
  {/each}
  <path d="M0 {ground}H120" class="stroke-base-content" stroke-width="0.9" />
  {#if picture.wire.length > 0}<path d={toPath(picture.wire)} class="wire" />{/if}
  {#if picture.tape.length > 0}<path d={toPath(picture.tape)} class="tape" />{/if}
  {#if picture.bury && bury !== null}
    <path d="M10 {bury}H110" class={picture.bury.isOver ? 'most over' : 'most'} />
    <text x="40" y={bury - 1.6} class="lettering">most {sayLength(picture.bury.length, unit)}</text>
  {/if}
  <path d="M{cover.from.x} {cover.from.y}V{cover.to.y}" class="dimension" />
  <path d="M{cover.from.x - 2} {cover.from.y}h4M{cover.to.x - 2} {cover.to.y}h4" class="dimension" />
  <text x={cover.from.x - 1.5} y={(cover.from.y + cover.to.y) / 2 + 1.6} text-anchor="end" class="lettering"
    >{picture.cover.length === null ? 'cover ?' : sayLength(picture.cover.length, unit)}</text
  >
</LensFrame>

<style>
  .wire {
    fill: none;
    stroke: #c07d10;
    stroke-width: 0.9;
  }
  .tape {
    fill: none;
    stroke: var(--color-base-content);
    stroke-width: 1.4;
    stroke-dasharray: 4 2;
  }
  .most {
    fill: none;
    stroke: var(--color-base-content);
    stroke-width: 0.5;
    stroke-dasharray: 1 1.2;
  }
  .most.over {
    stroke: var(--color-error);
    stroke-width: 1;
  }
  .dimension {
    fill: none;
    stroke: var(--color-base-content);
    stroke-width: 0.4;
  }
  .lettering {
    font-size: 5px;
    fill: var(--color-base-content);
    paint-order: stroke;
    stroke: var(--color-base-100);
    stroke-width: 1.6;
  }
</style>
