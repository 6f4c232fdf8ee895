<script lang="ts">
  import IdentifyNav from '../../../lib/ui/screens/identify/IdentifyNav.svelte';
  import CounterListView from '../../../lib/ui/screens/parts/CounterListView.svelte';
</script>

<svelte:head><title>Counter list · Porthole</title></svelte:head>
<IdentifyNav />
<main class="mx-auto flex w-full max-w-3xl flex-col gap-4 p-3 pb-24 sm:px-5">
  <h1 class="text-3xl font-semibold">Counter list</h1>
  <CounterListView />
</main>
