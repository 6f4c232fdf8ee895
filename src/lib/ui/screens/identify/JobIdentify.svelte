<script lang="ts">
  import { untrack } from 'svelte';
  import { beforeNavigate, goto } from '$app/navigation';
  import { resolve } from '$app/paths';
  import { page } from '$app/state';
  import { isId } from '#core/shapes';
  import type { Specimen } from '#core/identify';
  import { findFinish } from '#core/jobs';
  import type { Refusal } from '#words/refusals.ts';
  import TroubleNote from '../../controls/TroubleNote.svelte';
  import CautionDialog from '../../controls/CautionDialog.svelte';
  import KeepSpecimen from './KeepSpecimen.svelte';
  import SpecimenList from './SpecimenList.svelte';
  import ThreadBench from './ThreadBench.svelte';
  import { newId } from '../../store/new-id.ts';
  import { beginRun, JobStore } from '../../store/job-store.svelte.ts';
  import { SpecimensStore } from '../../store/specimens-store.svelte.ts';

  const id = untrack(() => page.params['job'] ?? '');
  const jobs = new JobStore();
  const store = new SpecimensStore(id);
  const job = $derived(jobs.job);
  let trouble = $state.raw<Refusal | null>(null);

  /** Whose inlet is identified, as the appliance's form asked; null where nothing of the kind was asked. */
  const inlet = untrack(() => {
    const [run = '', node = ''] = (page.url.searchParams.get('inlet') ?? '').split('.');
    return isId(run) && isId(node) ? { run, node } : null;
  });

  $effect(() => {
    void jobs.load(id);
    void store.open();
    return () => store.close();
  });

  beforeNavigate((navigation) => {
    if (store.unkept === 0) return;
    const leaving =
      'A specimen is in this window only: neither this browser nor the server has it. Leave all the same?';
    if (navigation.willUnload || !confirm(leaving)) navigation.cancel();
  });

  /** Specimen id → the run begun from it: pressed again, it is the same run. */
  const ids: Record<string, string> = {};
  async function begin(specimen: Specimen): Promise<void> {
    trouble = null;
    ids[specimen.id] ??= newId();
    const begun = await beginRun(id, `From ${specimen.name}`.slice(0, 80), ids[specimen.id]!, specimen.id);
    if (begun.ok) return goto(resolve('/jobs/[job]/runs/[run]/lay-out', { job: id, run: begun.value }));
    trouble = begun.refusal;
  }
</script>

<svelte:head><title>Identify · {job?.name ?? 'Job'} · Porthole</title></svelte:head>
{#if job}
  <CautionDialog job={job.id} />
  <section
    aria-label="This job"
    class="slides no-print flex min-h-[52px] items-center gap-x-5 border-b border-base-300 bg-base-200 px-3 whitespace-nowrap *:shrink-0 sm:px-5"
  >
    <h1 class="text-lg font-semibold">Identify</h1>
    <a
      class="tap flex items-center underline decoration-dotted underline-offset-4"
      href={resolve('/jobs/[job]', { job: id })}>{job.name}</a
    >
    <span class="shrink! grow"></span>
    <a
      class="tap flex items-center underline decoration-dotted underline-offset-4"
      href={resolve('/identify/pipe')}>Pipe and tube</a
    >
    <a class="tap flex items-center underline decoration-dotted underline-offset-4" href={resolve('/threads')}
      >Thread chart</a
    >
    <a
      class="tap flex items-center underline decoration-dotted underline-offset-4"
      href={resolve('/jobs/[job]/joints', { job: id })}>Two ends</a
    >
  </section>
  <main>
    <ThreadBench of={job.id} unit={job.units}>
      {#snippet children(bench)}<KeepSpecimen
          {bench}
          {store}
          people={job.people}
          finish={findFinish(job)}
          {inlet}
        />{/snippet}
    </ThreadBench>
    <h2 class="print-only text-2xl font-semibold">{job.name}</h2>
    <div class="flex flex-col gap-3 px-3 pb-8 sm:px-5">
      {#if trouble}<TroubleNote refusal={trouble} />{/if}
      <SpecimenList {store} unit={job.units} onbegin={begin} />
    </div>
  </main>
{:else}
  <main class="mx-auto flex w-full max-w-3xl flex-col gap-4 p-6">
    {#if jobs.asking}
      <p role="status" class="chart-label">Looking for the job…</p>
    {:else}
      <h1 class="text-3xl font-semibold">No such job</h1>
      <TroubleNote refusal={jobs.trouble ?? { code: 'job-unknown', job: id }} />
      <p><a class="tap btn btn-primary" href={resolve('/')}>Jobs</a></p>
    {/if}
  </main>
{/if}
