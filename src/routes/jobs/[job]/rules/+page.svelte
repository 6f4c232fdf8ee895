<script lang="ts">
  import { untrack } from 'svelte';
  import { resolve } from '$app/paths';
  import { page } from '$app/state';
  import RulePage from '../../../../lib/ui/screens/rules/RulePage.svelte';
  import { JobStore } from '../../../../lib/ui/store/job-store.svelte.ts';
  import { RulesStore } from '../../../../lib/ui/store/rules-store.svelte.ts';

  const id = untrack(() => page.params['job'] ?? '');
  const store = new RulesStore(id);
  const jobs = new JobStore();
  const job = $derived(jobs.job);
  $effect(() => {
    void store.load();
    void jobs.load(id);
  });
</script>

<svelte:head><title>House rules of the job · Porthole</title></svelte:head>
<main class="flex flex-col gap-3 p-3 pb-10 sm:px-6">
  <div class="flex flex-wrap items-baseline gap-x-5">
    <h1 class="text-3xl font-semibold">House rules of the job</h1>
    {#if job}<a
        class="tap flex items-center underline decoration-dotted underline-offset-4"
        href={resolve('/jobs/[job]', { job: id })}>{job.name}</a
      >{/if}
    <a class="tap flex items-center underline decoration-dotted underline-offset-4" href={resolve('/rules')}
      >Those of the shop</a
    >
  </div>
  <p class="max-w-prose">
    A copy of the shop’s rules, taken when the job was opened. Runs begun from now on take a copy of these; a
    run that is there keeps its own and is changed where its numbers are. Local code and the maker’s sheet go
    before every rule.
  </p>
  <RulePage {store} unit={job?.units ?? 'in'} />
</main>
