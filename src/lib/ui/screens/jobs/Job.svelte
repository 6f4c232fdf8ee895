<script lang="ts">
  import { untrack } from 'svelte';
  import { goto } from '$app/navigation';
  import { resolve } from '$app/paths';
  import { page } from '$app/state';
  import Scale from '@lucide/svelte/icons/scale';
  import Download from '@lucide/svelte/icons/download';
  import type { JobInput, InputRefusal } from '#core/formats';
  import { findFinish } from '#core/jobs';
  import { GAS_NAMES, JURISDICTION_NAMES, sayJobField, UNIT_NAMES } from '#words/job-words.ts';
  import type { Refusal } from '#words/refusals.ts';
  import Dialog from '../../controls/Dialog.svelte';
  import TroubleNote from '../../controls/TroubleNote.svelte';
  import CautionDialog from '../../controls/CautionDialog.svelte';
  import JobEnding from './JobEnding.svelte';
  import JobFields from './JobFields.svelte';
  import RunStandingRow from './RunStandingRow.svelte';
  import { JobForm } from './job-form.svelte.ts';
  import { beginRun, JobStore, toJobInput } from '../../store/job-store.svelte.ts';
  import { newId } from '../../store/new-id.ts';
  import { Standings } from '../../store/standings.svelte.ts';

  const store = new JobStore();
  const id = $derived(page.params['job'] ?? '');
  const job = $derived(store.job?.id === id ? store.job : null);
  const finish = $derived(job && findFinish(job));
  let form = $state.raw<JobForm | null>(null);
  /** The job as the form began with it, or as it was when the form was refused. */
  let was = $state.raw<JobInput | null>(null);
  let wrong = $state.raw<InputRefusal | null>(null);
  let trouble = $state.raw<Refusal | null>(null);
  let runName = $state('');
  /** Made with the form: pressed again, it is the same run. */
  let runId = newId();

  $effect(() => void store.load(id));
  const standings = new Standings();
  /** Asked again when the runs are others than before, and not for every answer about the job. */
  const runs = $derived(job?.runs.map((run) => `${run.id} ${run.revision}`).join() ?? '');
  $effect(() => {
    if (runs) untrack(() => job && void standings.load(job.id, job.runs));
  });
  $effect(() => () => standings.stop());

  function edit(): void {
    if (job) [form, was] = [new JobForm(job), toJobInput(job)];
    [wrong, trouble] = [null, null];
  }

  async function save(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    [wrong, trouble] = [null, null];
    const read = await form?.read();
    if (!read) return;
    const saved = read.ok && was ? await store.edit(id, { was, wanted: read.value }) : read;
    // What was typed stays; pressed again it is put into the job as it is by now.
    if (!saved.ok && saved.refusal.code === 'changed-elsewhere' && job) was = toJobInput(job);
    if (saved.ok) form = null;
    else if (saved.refusal.code === 'input-invalid') wrong = saved.refusal;
    else trouble = saved.refusal;
  }

  async function begin(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    trouble = null;
    const name = runName.trim() || `Run ${(job?.runCount ?? 0) + 1}`;
    const begun = await beginRun(id, name, runId);
    if (begun.ok) runId = newId();
    if (begun.ok) return goto(resolve('/jobs/[job]/runs/[run]/lay-out', { job: id, run: begun.value }));
    trouble = begun.refusal;
  }
</script>

<svelte:head><title>{job?.name ?? 'Job'} · Porthole</title></svelte:head>
<main class="mx-auto flex w-full max-w-4xl flex-col gap-6 p-4 sm:p-8">
  {#if store.trouble}<TroubleNote refusal={store.trouble} />{/if}
  {#if job}
    <CautionDialog job={job.id} />
    <div class="flex flex-wrap items-start justify-between gap-3">
      <div>
        <h1 class="text-4xl leading-tight font-semibold">{job.name}</h1>
        {#if job.place}<p class="chart-label text-lg">{job.place}</p>{/if}
      </div>
      <div class="flex flex-wrap gap-2">
        <a class="tap btn" href={resolve('/api/jobs/[job]/file', { job: job.id })} download
          ><Download size={18} aria-hidden="true" /> Export</a
        >
        <a class="tap btn" href={resolve('/jobs/[job]/rules', { job: job.id })}
          ><Scale size={18} aria-hidden="true" /> House rules</a
        >
        {#if !finish}<button type="button" class="tap btn" onclick={edit}>Change these</button>{/if}
      </div>
    </div>
    <section class="flex flex-col gap-3">
      <h2 class="text-2xl font-semibold">Runs</h2>
      <ul class="flex flex-col">
        {#each job.runs as run (run.id)}
          <RunStandingRow
            job={job.id}
            {run}
            isOpen={finish === null}
            stands={standings.known[run.id]}
            waits={standings.waiting[run.id] ?? 0}
          />
        {:else}<li>No run yet. Name the first one and lay it out.</li>{/each}
      </ul>
      {#if job.runs.length < job.runCount}
        <p class="flex flex-wrap items-center gap-3">
          <button type="button" class="btn h-12" onclick={() => void store.moreRuns()}>More runs</button>
          <span class="text-sm">{job.runs.length} of {job.runCount} in sight</span>
        </p>
      {/if}
      {#if !finish}<form class="flex flex-wrap items-end gap-3" onsubmit={begin}>
          <label class="grow">
            <span class="block font-semibold">Another run</span>
            <input
              class="input h-12 w-full text-lg"
              bind:value={runName}
              maxlength="80"
              autocomplete="off"
              placeholder="Run {job.runCount + 1}"
            />
          </label>
          <button type="submit" class="btn h-12">Lay it out</button>
        </form>{/if}
      {#if trouble && !form}<TroubleNote refusal={trouble} />{/if}
    </section>
    <section class="flex flex-wrap items-center justify-between gap-3">
      <h2 class="text-2xl font-semibold">What is there?</h2>
      <a class="btn h-12" href={resolve('/jobs/[job]/identify', { job: job.id })}
        >Identify threads, see specimens</a
      >
    </section>
    <dl class="grid grid-cols-[auto_1fr] gap-x-6 gap-y-1 border-y-2 border-base-300 py-4">
      <dt class="chart-label">gas</dt>
      <dd>{GAS_NAMES[job.gas]}</dd>
      <dt class="chart-label">measured in</dt>
      <dd>{UNIT_NAMES[job.units]}</dd>
      <dt class="chart-label">jurisdiction</dt>
      <dd>{JURISDICTION_NAMES[job.jurisdiction]}</dd>
      <dt class="chart-label">edition</dt>
      <dd>{job.edition || 'not known yet: ask'}</dd>
      <dt class="chart-label">at the bench</dt>
      <dd>{job.people.map(({ name }) => name).join(', ') || 'nobody named yet'}</dd>
    </dl>
    <JobEnding {job} {store} />
  {:else if store.asking}
    <p role="status" class="chart-label">Looking for the job…</p>
  {:else}
    <h1 class="text-3xl font-semibold">
      {store.trouble?.code === 'job-unknown' ? 'No such job' : 'The job cannot be shown'}
    </h1>
    <p class="flex gap-3">
      <button type="button" class="tap btn" onclick={() => void store.load(id)}>Try again</button><a
        class="tap btn btn-primary"
        href={resolve('/')}>Jobs</a
      >
    </p>
  {/if}
</main>

<Dialog
  bind:open={
    () => form !== null,
    (open) => {
      if (!open) form = null;
    }
  }
  title="The job"
>
  {#if form}
    <form class="flex flex-col gap-4" novalidate onsubmit={save}>
      <JobFields {form} {wrong} unitsFixed />
      {#if trouble}<TroubleNote refusal={trouble} />{/if}
      {#if trouble?.code === 'changed-elsewhere' && job}
        <p>There now: <strong>{trouble.fields.map((field) => sayJobField(job, field)).join(', ')}</strong></p>
      {/if}
      <button type="submit" class="btn h-12 btn-primary">Save</button>
    </form>
  {/if}
</Dialog>
