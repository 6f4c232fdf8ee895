<script lang="ts">
  import type { Snippet } from 'svelte';
  import { resolve } from '$app/paths';
  import { page } from '$app/state';
  import { keepInSight } from '../../controls/in-sight.ts';

  let { children }: { children?: Snippet } = $props();
  const stations = [
    { name: 'Thread', href: resolve('/identify') },
    { name: 'Pipe and tube', href: resolve('/identify/pipe') },
    { name: 'Thread chart', href: resolve('/threads') },
    { name: 'Two ends', href: resolve('/joints') },
    { name: 'Parts', href: resolve('/parts') },
    { name: 'Counter list', href: resolve('/parts/counter') },
  ];
</script>

<section
  aria-label="Ways to identify"
  class="no-print flex min-h-[52px] items-center justify-between gap-x-3 border-b border-base-300 bg-base-200 px-3 sm:px-5"
>
  <nav aria-label="Identify" class="slides flex min-w-0 gap-1">
    {#each stations as { name, href } (name)}
      <a
        {@attach keepInSight(page.url.pathname === href)}
        {href}
        class="tap flex shrink-0 items-center border-b-4 px-2 text-lg font-semibold {page.url.pathname ===
        href
          ? 'border-accent'
          : 'border-transparent'}"
        aria-current={page.url.pathname === href ? 'page' : undefined}>{name}</a
      >
    {/each}
  </nav>
  {@render children?.()}
</section>
