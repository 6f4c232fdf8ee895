<script lang="ts">
  import UnitSwitch from '../../lib/ui/controls/UnitSwitch.svelte';
  import IdentifyNav from '../../lib/ui/screens/identify/IdentifyNav.svelte';
  import TwoEnds from '../../lib/ui/screens/joints/TwoEnds.svelte';
  import { RulesStore } from '../../lib/ui/store/rules-store.svelte.ts';

  const rules = new RulesStore(null);
  $effect(() => void rules.load());
</script>

<svelte:head><title>Two ends · Porthole</title></svelte:head>
<IdentifyNav><UnitSwitch /></IdentifyNav>
<main class="flex flex-col gap-3 p-3 pb-8 sm:px-5">
  <h1 class="text-3xl font-semibold">Put two ends together</h1>
  <TwoEnds {rules} />
</main>
