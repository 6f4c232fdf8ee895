<!-- A tube in the shoe of a bender, with the mark that is drawn on it: at the beginning of the bend, in its middle, or before the shoe. -->
<script lang="ts">
  import type { ShoeMark } from '#core/bending';

  let { mark }: { mark: ShoeMark } = $props();
  /** Along the tube from where the bend begins (x 90), then round it. */
  const PLACES: Readonly<Record<ShoeMark, { readonly path: string; readonly says: string }>> = {
    start: { path: 'M90 24V58', says: 'The mark lies where the bend begins, at the zero of the shoe.' },
    centre: { path: 'M104 66L128 42', says: 'The mark lies in the middle of the bend.' },
    'shoe-front': {
      path: 'M62 24V58',
      says: 'The mark lies at the front edge of the shoe, before the bend begins.',
    },
  };
  const place = $derived(PLACES[mark]);
</script>

<svg viewBox="0 0 180 120" class="w-44" role="img" aria-label={place.says}>
  <path class="shoe" d="M62 62H90A32 32 0 0 1 122 94V112H62Z" />
  <path class="tube" d="M6 41H90A53 53 0 0 1 143 94V116" />
  <path class="bore" d="M6 41H90A53 53 0 0 1 143 94V116" />
  <path class="begin" d="M90 62V112" />
  <path class="mark" d={place.path} />
</svg>

<style>
  .shoe {
    fill: var(--color-base-200);
    stroke: var(--color-base-content);
    stroke-width: 1.6;
  }
  .tube {
    fill: none;
    stroke: var(--color-base-content);
    stroke-width: 24;
  }
  .bore {
    fill: none;
    stroke: var(--color-base-100);
    stroke-width: 20;
  }
  .begin {
    stroke: var(--color-base-content);
    stroke-width: 1.2;
    stroke-dasharray: 3 3;
  }
  .mark {
    stroke: var(--color-accent);
    stroke-width: 5;
  }
</style>
