<script lang="ts">
  import { page } from '$app/state';
  import Fetched from '../../../../../lib/ui/screens/run/Fetched.svelte';

  let { children } = $props();
  /** The page is painted before what a run is worked out with has come. */
  const frame = import('../../../../../lib/ui/screens/run/RunFrame.svelte');
</script>

<Fetched what={frame}>
  {#snippet then({ default: RunFrame })}
    {#key `${page.params['job']}/${page.params['run']}`}
      <RunFrame job={page.params['job'] ?? ''} run={page.params['run'] ?? ''}>{@render children()}</RunFrame>
    {/key}
  {/snippet}
</Fetched>
