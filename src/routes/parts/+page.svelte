<script lang="ts">
  import UnitSwitch from '../../lib/ui/controls/UnitSwitch.svelte';
  import IdentifyNav from '../../lib/ui/screens/identify/IdentifyNav.svelte';
  import OwnParts from '../../lib/ui/screens/parts/OwnParts.svelte';
  import MakerSheets from '../../lib/ui/screens/makers/MakerSheets.svelte';
  import PartsBrowser from '../../lib/ui/screens/parts/PartsBrowser.svelte';
  import { counterList } from '../../lib/ui/screens/parts/counter-list.svelte.ts';
  import { MakersStore } from '../../lib/ui/store/makers-store.svelte.ts';
  import { PartsStore } from '../../lib/ui/store/parts-store.svelte.ts';

  const store = new PartsStore();
  const makers = new MakersStore();
  $effect(() => {
    void counterList.adopt();
    void store.load();
    void makers.load();
  });
</script>

<svelte:head><title>Parts · Porthole</title></svelte:head>
<IdentifyNav><UnitSwitch /></IdentifyNav>
<main class="mx-auto flex w-full max-w-5xl flex-col gap-6 p-3 pb-8 sm:px-5">
  <h1 class="text-3xl font-semibold">Parts</h1>
  <PartsBrowser shopParts={store.items} />
  <OwnParts {store} />
  <MakerSheets store={makers} />
</main>
