<script lang="ts">
  import { page } from '$app/state';
  import RunFrame from '$lib/ui/screens/run/RunFrame.svelte';

  let { children } = $props();
</script>

{#key `${page.params['job']}/${page.params['run']}`}
  <RunFrame job={page.params['job'] ?? ''} run={page.params['run'] ?? ''}>{@render children()}</RunFrame>
{/key}
