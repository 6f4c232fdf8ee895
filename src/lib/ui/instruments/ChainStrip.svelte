<script lang="ts">
  import type { StripPicture } from '#core/drawing';
  import type { Point } from '#core/geometry';
  import LensHatchings from './LensHatchings.svelte';

  interface Props {
    picture: StripPicture;
    /** What is seen, in words. */
    says: string;
  }
  let { picture, says }: Props = $props();
  const id = $props.id();
  let width = $state(0);
  /** Where there is room it is drawn larger. */
  const HIGH = $derived(width > 500 ? 136 : 96);
  const scale = $derived(
    Math.min(
      (width - 24) / (picture.frame.right - picture.frame.left || 1),
      (HIGH - 44) / (2 * picture.frame.radius),
      3,
    ),
  );
  const middle = $derived((picture.frame.left + picture.frame.right) / 2);
  const place = ({ x, y }: Point): Point => ({
    x: width / 2 + (x - middle) * scale,
    y: HIGH / 2 + 8 - y * scale,
  });
  const toPath = (points: readonly Point[]): string =>
    points
      .map(place)
      .map(({ x, y }, i) => `${i === 0 ? 'M' : 'L'}${x.toFixed(1)} ${y.toFixed(1)}`)
      .join('');
  const FILLS = { given: 'one', part: 'other', void: '' } as const;
</script>

<div class="strip" style:height="{HIGH + 8}px" bind:clientWidth={width}>
  {#if width > 60}
    <svg {width} height={HIGH} role="img" aria-label={says}>
      <defs><LensHatchings {id} /></defs>
      {#each picture.shapes as { role, outline, isAssumed }, i (i)}
        <path
          d="{toPath(outline)}Z"
          fill={role === 'void' ? 'var(--color-base-100)' : `url(#${id}-${FILLS[role]})`}
          class={role === 'void' ? '' : 'stroke-base-content'}
          stroke-width="1"
          stroke-dasharray={isAssumed ? '4 3' : undefined}
        />
      {/each}
      {#each picture.leaks as leak, i (i)}
        {@const { x, y } = place(leak)}
        <circle cx={x} cy={y - 9} r="8" class="leak" />
        <text {x} y={y - 5} text-anchor="middle" class="number">{i + 1}</text>
      {/each}
    </svg>
  {/if}
</div>

<style>
  /* The slot is the lens drawn long. */
  .strip {
    max-width: 44rem;
    padding: 4px 0;
    border: 4px solid #b98a35;
    border-radius: 999px;
    background: var(--color-base-100);
    overflow: hidden;
  }
  svg {
    display: block;
  }
  .leak {
    fill: var(--color-base-100);
    stroke: #c07d10;
    stroke-width: 1.5;
  }
  .number {
    font-size: 11px;
    font-weight: 600;
    fill: var(--color-base-content);
  }
</style>
