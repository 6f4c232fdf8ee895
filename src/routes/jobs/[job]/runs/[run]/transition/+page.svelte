<script lang="ts">
  import { goto } from '$app/navigation';
  import { resolve } from '$app/paths';
  import { page } from '$app/state';
  import RunTransition from '../../../../../../lib/ui/screens/joints/RunTransition.svelte';
  import { getRunStore } from '../../../../../../lib/ui/store/run-context.ts';

  const store = getRunStore();
  const station = $derived(page.url.searchParams.get('station') ?? '');
  const leg = $derived(page.url.searchParams.get('leg') ?? '');
  const back = $derived(page.url.searchParams.get('back') === 'check' ? 'check' : 'lay-out');
  const goBack = (): Promise<void> =>
    goto(
      back === 'check'
        ? resolve('/jobs/[job]/runs/[run]/check', { job: store.job, run: store.run })
        : resolve('/jobs/[job]/runs/[run]/lay-out', { job: store.job, run: store.run }),
    );
</script>

<svelte:head><title>Transition · Porthole</title></svelte:head>
<main class="mx-auto flex w-full max-w-6xl flex-col gap-4 p-4 sm:p-6">
  <RunTransition {store} {station} {leg} {back} ondone={() => void goBack()} />
</main>
