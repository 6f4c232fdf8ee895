<script lang="ts">
  import { resolve } from '$app/paths';
  import { page } from '$app/state';
  import { findStage } from './stages.ts';

  let { job, run }: { job: string; run: string } = $props();
  const here = $derived(findStage(page.url.pathname));
</script>

<!-- The ways to do what is done at a stage; nothing where there is one way only. -->
{#if here && here.stage.ways.length > 1}
  <nav aria-label="Ways to {here.stage.name.toLowerCase()}" class="flex">
    {#each here.stage.ways as way (way.path)}
      <a
        href={resolve(`/jobs/[job]/runs/[run]/${way.path}`, { job, run })}
        aria-current={way === here.way ? 'page' : undefined}
        class="tap flex grow items-center justify-center border border-base-300 px-3 first:rounded-l last:rounded-r last:border-l-0 {way ===
        here.way
          ? 'bg-base-300 font-semibold'
          : 'bg-base-100'}">{way.name}</a
      >
    {/each}
  </nav>
{/if}
