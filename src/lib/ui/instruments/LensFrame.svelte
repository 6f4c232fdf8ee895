<script lang="ts">
  import type { Snippet } from 'svelte';

  interface Props {
    /** What is seen, in words. */
    label: string;
    /** Patterns and clips of the picture. */
    defs?: Snippet;
    /** What lies behind the glass, 120 units across, its middle at 60, 60. */
    children: Snippet;
  }
  let { label, defs, children }: Props = $props();
  const id = $props.id();
</script>

<svg viewBox="0 0 120 120" class="aspect-square w-full max-w-[19rem]" role="img" aria-label={label}>
  <defs>
    <clipPath id="{id}-glass"><circle cx="60" cy="60" r="49" /></clipPath>
    {@render defs?.()}
  </defs>
  <circle cx="60" cy="60" r="57" fill="#b98a35" />
  <circle cx="60" cy="60" r="57" fill="none" stroke="#7d5a17" stroke-width="1" />
  {#each [0, 60, 120, 180, 240, 300] as turn (turn)}
    <circle cx="60" cy="7" r="1.8" fill="#7d5a17" transform="rotate({turn + 30} 60 60)" />
  {/each}
  <circle cx="60" cy="60" r="50" class="fill-base-100" stroke="#7d5a17" stroke-width="1.5" />
  <g clip-path="url(#{id}-glass)">{@render children()}</g>
</svg>
