<script lang="ts">
  import type { Person } from '#core/jobs';
  import { bench } from '../store/bench.svelte.ts';

  let { people }: { people: readonly Person[] } = $props();
  const names = $derived(people.map(({ name }) => name));

  $effect(() => {
    if (names.length === 1 && bench.name !== names[0]) bench.choose(names[0]!);
  });
</script>

{#if names.length > 0}
  <label class="flex items-center gap-2 text-sm">
    <span class="chart-label">at the bench</span>
    <select
      class="select w-auto"
      style:height="44px"
      value={names.includes(bench.name) ? bench.name : ''}
      onchange={(event) => bench.choose(event.currentTarget.value)}
    >
      <option value="">who?</option>
      {#each names as name (name)}<option>{name}</option>{/each}
    </select>
  </label>
{/if}
