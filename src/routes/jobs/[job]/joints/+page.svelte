<script lang="ts">
  import { untrack } from 'svelte';
  import { resolve } from '$app/paths';
  import { page } from '$app/state';
  import TroubleNote from '../../../../lib/ui/controls/TroubleNote.svelte';
  import UnitSwitch from '../../../../lib/ui/controls/UnitSwitch.svelte';
  import TwoEnds from '../../../../lib/ui/screens/joints/TwoEnds.svelte';
  import { RulesStore } from '../../../../lib/ui/store/rules-store.svelte.ts';
  import { SpecimensStore } from '../../../../lib/ui/store/specimens-store.svelte.ts';

  const id = untrack(() => page.params['job'] ?? '');
  const store = new SpecimensStore(id);
  const rules = new RulesStore(id);
  const specimens = $derived(store.list.map(({ specimen }) => specimen));
  $effect(() => {
    void rules.load();
    void store.open();
    return () => store.close();
  });
</script>

<svelte:head><title>Two ends · Porthole</title></svelte:head>
<main class="flex flex-col gap-3 p-3 pb-8 sm:px-5">
  <div class="flex flex-wrap items-baseline gap-x-5">
    <h1 class="text-3xl font-semibold">Put two ends together</h1>
    <a
      class="tap flex items-center underline decoration-dotted underline-offset-4"
      href={resolve('/jobs/[job]/identify', { job: id })}>Specimens of this job</a
    >
    <UnitSwitch />
  </div>
  {#if store.trouble}<TroubleNote refusal={store.trouble} />{/if}
  <TwoEnds {specimens} {rules} />
</main>
