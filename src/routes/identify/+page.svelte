<script lang="ts">
  import IdentifyNav from '../../lib/ui/screens/identify/IdentifyNav.svelte';
  import ThreadBench from '../../lib/ui/screens/identify/ThreadBench.svelte';
  import UnitSwitch from '../../lib/ui/controls/UnitSwitch.svelte';
  import { unitSetting } from '../../lib/ui/controls/unit-setting.svelte.ts';
</script>

<svelte:head><title>Identify a thread · Porthole</title></svelte:head>
<IdentifyNav><UnitSwitch /></IdentifyNav>
<main>
  <h1 class="sr-only">Identify a thread</h1>
  <ThreadBench of="open" unit={unitSetting.unit} />
</main>
