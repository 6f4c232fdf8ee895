<script lang="ts">
  import IdentifyNav from '../../../lib/ui/screens/identify/IdentifyNav.svelte';
  import PipeLooks from '../../../lib/ui/screens/identify/PipeLooks.svelte';
  import UnitSwitch from '../../../lib/ui/controls/UnitSwitch.svelte';
  import PrintLines from '../../../lib/ui/screens/identify/PrintLines.svelte';
  import SizeNames from '../../../lib/ui/screens/identify/SizeNames.svelte';
</script>

<svelte:head><title>Identify pipe and tube · Porthole</title></svelte:head>
<IdentifyNav><UnitSwitch /></IdentifyNav>
<main class="grid gap-x-10 gap-y-8 p-3 sm:px-5 lg:grid-cols-2 lg:items-start">
  <h1 class="sr-only">Identify pipe and tube</h1>
  <PipeLooks />
  <div class="flex flex-col gap-8">
    <SizeNames />
    <PrintLines />
  </div>
</main>
