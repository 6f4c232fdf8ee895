<script lang="ts">
  import QuickCut from '../../lib/ui/screens/quick-cut/QuickCut.svelte';
  import { RulesStore } from '../../lib/ui/store/rules-store.svelte.ts';

  const rules = new RulesStore(null);
  $effect(() => void rules.load());
</script>

<svelte:head><title>Quick cut · Porthole</title></svelte:head>
<main class="flex grow flex-col">
  <h1 class="sr-only">Quick cut</h1>
  <QuickCut {rules} />
</main>
