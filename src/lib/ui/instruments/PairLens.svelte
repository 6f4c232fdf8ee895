<script lang="ts">
  import Maximize from '@lucide/svelte/icons/maximize';
  import Minus from '@lucide/svelte/icons/minus';
  import Plus from '@lucide/svelte/icons/plus';
  import type { LensPicture, LensRole } from '#core/drawing';
  import type { Point } from '#core/geometry';
  import type { LengthUnit } from '#core/units';
  import { sayDimension } from '#words/lens.ts';
  import LensFrame from './LensFrame.svelte';
  import LensHatchings from './LensHatchings.svelte';

  interface Props {
    picture: LensPicture;
    /** What is seen, in words. */
    says: string;
    unit: LengthUnit;
  }
  let { picture, says, unit }: Props = $props();
  const id = $props.id();

  /** How near is looked: 1 what the picture says to look at; less for more of it. */
  let near = $state(1);
  let isWhole = $state(false);
  const MARGIN = 1.15;
  const view = $derived.by(() => {
    const { look, whole } = picture;
    if (isWhole) {
      const radius = Math.max((whole.to - whole.from) / 2, whole.radius) * 1.05;
      return { x: (whole.from + whole.to) / 2, y: 0, radius };
    }
    const radius = (((look.to - look.from) / 2) * MARGIN) / near;
    return {
      x: (look.from + look.to) / 2,
      y: look.radius - (radius > look.radius ? look.radius * 0.35 : 0),
      radius,
    };
  });
  const scale = $derived(49 / view.radius);
  const place = ({ x, y }: Point, half: 1 | -1) =>
    `${(60 + (x - view.x) * scale).toFixed(2)} ${(60 - (y * half - view.y) * scale).toFixed(2)}`;
  const toPath = (points: readonly Point[], half: 1 | -1) =>
    points.map((point, i) => `${i === 0 ? 'M' : 'L'}${place(point, half)}`).join('');
  const HATCH: Readonly<Record<LensRole, string>> = {
    male: 'one',
    female: 'other',
    nut: 'third',
    tube: 'other',
    seal: 'solid',
    stiffener: 'one',
  };
  const axis = $derived(60 + view.y * scale);
  /** The centre line gives way to a length that is lettered where it would lie. */
  const isCrowded = $derived(
    Math.abs(axis - 91) < 6 && picture.dimensions.some(({ kind }) => kind === 'along'),
  );
  const toX = (x: number) => 60 + (x - view.x) * scale;
  const toY = (y: number) => 60 - (y - view.y) * scale;
  /** Lengths across stand on the side of what they are of, where nothing else does, with a leader to its surface. */
  const findLabel = (of: 'male' | 'female', at: Point) => ({
    x: toX(at.x) < 60 ? 46 : 73,
    y: of === 'female' ? 21 : 79,
  });
</script>

<figure class="m-0 flex w-full flex-col items-center gap-1">
  <LensFrame label={says}>
    {#snippet defs()}
      <LensHatchings {id} />
    {/snippet}
    {#each [1, -1] as const as half (half)}
      {#each picture.shapes as { role, outline }, i (i)}
        <path
          d="{toPath(outline, half)}Z"
          fill={HATCH[role] === 'solid' ? 'var(--color-base-content)' : `url(#${id}-${HATCH[role]})`}
          class="stroke-base-content"
          stroke-width="0.6"
        />
      {/each}
      {#each picture.seals as line, i (i)}<path d={toPath(line, half)} class="seal" />{/each}
      {#each picture.touches as line, i (i)}<path d={toPath(line, half)} class="touch" />{/each}
    {/each}
    {#if !isCrowded}
      <line
        x1="0"
        x2="120"
        y1={axis}
        y2={axis}
        class="stroke-secondary"
        stroke-width="0.4"
        stroke-dasharray="6 2 1 2"
      />{/if}
    {#each picture.showing as crest, i (i)}
      <text
        x={60 + (crest.x - view.x) * scale}
        y={60 - (crest.y - view.y) * scale - 3}
        text-anchor="middle"
        class="lettering"
        font-size="4.2">{i + 1}</text
      >
    {/each}
    {#each picture.angles as { at, degrees, of } (of)}
      <text
        x={Math.min(100, Math.max(20, 60 + (at.x - view.x) * scale))}
        y={Math.min(100, Math.max(31, 60 - (at.y - view.y) * scale))}
        text-anchor="middle"
        class="lettering"
        font-size="6"
        font-weight="600">{degrees}°</text
      >
    {/each}
    {#each picture.dimensions as dimension, i (i)}
      {#if dimension.kind === 'along'}
        {@const [from, to] = [toX(dimension.from), toX(dimension.to)]}
        <path d="M{from} 88v6M{to} 88v6M{from} 91H{to}" class="stroke-base-content" stroke-width="0.6" />
        <text
          x={Math.min(85, Math.max(35, (from + to) / 2))}
          y="98"
          text-anchor="middle"
          class="lettering"
          font-size="5.5">{sayDimension(dimension, unit)}</text
        >
      {:else}
        {@const label = findLabel(dimension.of, dimension.at)}
        <path
          d="M{label.x} {label.y + (dimension.of === 'male' ? -5 : 1.5)}L{toX(dimension.at.x)} {toY(
            dimension.at.y,
          )}"
          class="stroke-base-content"
          stroke-width="0.4"
        />
        <circle cx={toX(dimension.at.x)} cy={toY(dimension.at.y)} r="0.9" class="fill-base-content" />
        <text x={label.x} y={label.y} text-anchor="middle" class="lettering" font-size="5.5"
          >{dimension.kind === 'wall' ? 'wall' : '⌀'} {sayDimension(dimension, unit)}</text
        >
      {/if}
    {/each}
  </LensFrame>
  <div class="flex gap-1" role="group" aria-label="How near the lens looks">
    <button
      type="button"
      class="tap btn px-2"
      aria-label="Nearer"
      onclick={() => {
        isWhole = false;
        near = Math.min(6, near * 1.4);
      }}><Plus size={20} aria-hidden="true" /></button
    >
    <button
      type="button"
      class="tap btn px-2"
      aria-label="Farther"
      onclick={() => {
        isWhole = false;
        near = Math.max(0.4, near / 1.4);
      }}><Minus size={20} aria-hidden="true" /></button
    >
    <button
      type="button"
      class="tap btn px-2"
      aria-label="The whole joint"
      aria-pressed={isWhole}
      onclick={() => {
        isWhole = !isWhole;
        near = 1;
      }}><Maximize size={20} aria-hidden="true" /></button
    >
  </div>
  <figcaption class="max-w-md text-center text-sm leading-snug">{says}</figcaption>
</figure>

<style>
  .seal {
    fill: none;
    stroke: #c07d10;
    stroke-width: 2;
    stroke-linecap: round;
  }
  .touch {
    fill: none;
    stroke: var(--color-error);
    stroke-width: 2.4;
    stroke-linecap: round;
    stroke-dasharray: 2.5 2;
  }
  .lettering {
    fill: var(--color-base-content);
    paint-order: stroke;
    stroke: var(--color-base-100);
    stroke-width: 1.6px;
  }
</style>
