<script lang="ts">
  import Fetched from '../../../../../../lib/ui/screens/run/Fetched.svelte';
  import { getRunStore } from '../../../../../../lib/ui/store/run-context.ts';

  const store = getRunStore();
  const room = import('../../../../../../lib/ui/screens/lay-out/LayOut.svelte');
</script>

<svelte:head><title>Lay out · Porthole</title></svelte:head>
<Fetched what={room}>
  {#snippet then({ default: LayOut })}<LayOut {store} />{/snippet}
</Fetched>
