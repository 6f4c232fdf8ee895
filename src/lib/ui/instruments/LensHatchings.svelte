<script lang="ts">
  import Hatching from './Hatching.svelte';

  // What is cut through in the lens: the one part, the other, and a third between them, each leaning its own way.
  let { id }: { id: string } = $props();
  const LEANS = [
    ['one', -45, 2.4],
    ['other', 45, 3],
    ['third', 45, 5],
  ] as const;
</script>

{#each LEANS as [name, turn, apart] (name)}
  <Hatching id="{id}-{name}" {turn} {apart} ground={name === 'one' ? 'pale' : 'deep'} />
{/each}
