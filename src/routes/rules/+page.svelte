<script lang="ts">
  import { unitSetting } from '../../lib/ui/controls/unit-setting.svelte.ts';
  import RulePage from '../../lib/ui/screens/rules/RulePage.svelte';
  import { RulesStore } from '../../lib/ui/store/rules-store.svelte.ts';

  const store = new RulesStore(null);
  $effect(() => void store.load());
</script>

<svelte:head><title>House rules of the shop · Porthole</title></svelte:head>
<main class="flex flex-col gap-3 p-3 pb-10 sm:px-6">
  <h1 class="text-3xl font-semibold">House rules of the shop</h1>
  <p class="max-w-prose">
    Good fitters differ here, and each side has its reasons. Jobs opened from now on take a copy of what the
    shop decides; where a job is has its say where the shop has not. Local code and the maker’s sheet go
    before every rule.
  </p>
  <RulePage {store} unit={unitSetting.unit} />
</main>
