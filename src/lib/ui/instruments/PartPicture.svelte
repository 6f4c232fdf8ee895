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
  const [WIDE, HIGH] = [88, 64];
  const middle = $derived((picture.frame.left + picture.frame.right) / 2);
  const scale = $derived(
    Math.min(
      (WIDE - 8) / (picture.frame.right - picture.frame.left || 1),
      (HIGH - 8) / (2 * picture.frame.radius || 1),
    ),
  );
  const toPath = (points: readonly Point[]): string =>
    points
      .map(
        ({ x, y }, i) =>
          `${i === 0 ? 'M' : 'L'}${(WIDE / 2 + (x - middle) * scale).toFixed(1)} ${(HIGH / 2 - y * scale).toFixed(1)}`,
      )
      .join('');
</script>

<svg viewBox="0 0 {WIDE} {HIGH}" role="img" aria-label={says} class="w-full">
  <defs><LensHatchings {id} /></defs>
  {#each picture.shapes as { role, outline, isAssumed }, i (i)}
    <path
      d="{toPath(outline)}Z"
      fill={role === 'void' ? 'var(--color-base-100)' : `url(#${id}-other)`}
      class={role === 'void' ? '' : 'stroke-base-content'}
      stroke-width="1"
      stroke-dasharray={isAssumed ? '3 2.5' : undefined}
    />
  {/each}
</svg>
