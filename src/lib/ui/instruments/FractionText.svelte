<!-- Only the fraction of a measure is set as one. -->
<svelte:options namespace="svg" />

<script module lang="ts">
  const FRACTION = /(\d+\/\d+)/;
</script>

<script lang="ts">
  let { text }: { text: string } = $props();
</script>

<!-- Written without a line break between the parts: spaces here are seen. -->
<!-- prettier-ignore -->
{#each text.split(FRACTION) as part, i (i)}{#if part.includes('/')}<tspan class="fraction">{part}</tspan>{:else}{part}{/if}{/each}
