<script lang="ts">
  import { resolve } from '$app/paths';
  import Plus from '@lucide/svelte/icons/plus';
  import Ruler from '@lucide/svelte/icons/ruler';
  import Scale from '@lucide/svelte/icons/scale';
  import { sayAgo } from '#words/days.ts';
  import { GAS_NAMES, JURISDICTION_NAMES } from '#words/job-words.ts';
  import GloveSwitch from '../../controls/GloveSwitch.svelte';
  import DeviceNote from './DeviceNote.svelte';
  import ImportJobs from './ImportJobs.svelte';
  import WaitingNote from './WaitingNote.svelte';
  import TroubleNote from '../../controls/TroubleNote.svelte';
  import { JobsStore } from '../../store/jobs-store.svelte.ts';

  /** Runs of a job that stand in the list of jobs: the others are on its page. */
  const RUNS_IN_LIST = 8;
  const store = new JobsStore();
  $effect(() => void store.load());
</script>

<svelte:head><title>Jobs · Porthole</title></svelte:head>
<main class="mx-auto flex w-full max-w-5xl grow flex-col gap-5 p-4 sm:p-8">
  <div class="flex flex-wrap items-end justify-between gap-3">
    <div>
      <h1 class="text-4xl font-semibold">Jobs</h1>
      <p class="chart-label">See into the joint before you cut the pipe.</p>
    </div>
    <div class="flex flex-wrap gap-3">
      <a class="btn h-14 text-lg" href={resolve('/quick-cut')}
        ><Ruler aria-hidden="true" size={20} /> Quick cut</a
      >
      <div class="sm:hidden"><GloveSwitch /></div>
      <a class="btn h-14" href={resolve('/rules')}><Scale aria-hidden="true" size={20} /> House rules</a>
      <a class="btn h-14 text-lg btn-primary" href={resolve('/jobs/new')}
        ><Plus aria-hidden="true" /> New job</a
      >
    </div>
  </div>
  {#if store.trouble}
    <TroubleNote refusal={store.trouble} />
    <p>
      <button type="button" class="tap btn" onclick={() => void store.load()}>Try again</button>
    </p>
  {/if}
  <WaitingNote />
  {#if store.jobs === null}
    {#if !store.trouble}<p role="status" class="chart-label">Looking for your jobs…</p>{/if}
  {:else if store.jobs.length === 0}
    <section class="max-w-2xl border-y-2 border-base-300 py-6 text-lg">
      <h2 class="text-2xl font-semibold">No job yet</h2>
      <p class="mt-2">Open one, then lay out the first run. What to have at hand:</p>
      <ol class="mt-2 list-decimal space-y-1 pl-7">
        <li>the way each leg goes: up, down, left, right, out or back;</li>
        <li>its length as you measured it, from the centre of one fitting to the centre of the next;</li>
        <li>the size of the pipe.</li>
      </ol>
      <p class="mt-2">The cut lengths follow by themselves.</p>
    </section>
  {:else}
    <ul class="flex flex-col">
      {#each store.jobs as job (job.id)}
        <li class="grid gap-x-8 gap-y-2 border-t-2 border-base-300 py-4 sm:grid-cols-[1fr_1.2fr]">
          <div>
            <h2 class="text-2xl leading-tight font-semibold">
              <a class="hover:underline" href={resolve('/jobs/[job]', { job: job.id })}>{job.name}</a>
            </h2>
            {#if job.place}<p class="chart-label">{job.place}</p>{/if}
            <p class="text-sm">
              {GAS_NAMES[job.gas]} · {JURISDICTION_NAMES[job.jurisdiction]}{job.edition
                ? `, ${job.edition}`
                : ''}
            </p>
          </div>
          <ul class="flex flex-col gap-1">
            {#each job.runs.slice(0, RUNS_IN_LIST) as run (run.id)}
              <li class="flex items-center justify-between gap-3">
                <a
                  class="tap flex grow items-center text-lg font-medium underline decoration-dotted underline-offset-4"
                  href={resolve('/jobs/[job]/runs/[run]/lay-out', { job: job.id, run: run.id })}>{run.name}</a
                >
                <span class="text-sm text-secondary">{sayAgo(run.changedAt, Date.now())}</span>
                <a
                  class="tap btn"
                  href={resolve('/jobs/[job]/runs/[run]/cut', { job: job.id, run: run.id })}
                  aria-label="Cut sheet of {run.name}">Cut sheet</a
                >
              </li>
            {:else}<li class="chart-label">No run yet. Open the job to begin one.</li>{/each}
            {#if job.runCount > RUNS_IN_LIST}
              <li>
                <a class="tap flex items-center underline" href={resolve('/jobs/[job]', { job: job.id })}
                  >and {job.runCount - RUNS_IN_LIST} more</a
                >
              </li>
            {/if}
          </ul>
        </li>
      {/each}
    </ul>
  {/if}
  {#each store.unread as refusal, i (i)}<TroubleNote {refusal} />{/each}
  {#if store.next !== null}
    <p class="border-t-2 border-base-300 pt-4">
      <button type="button" class="btn h-14 text-lg" disabled={store.asking} onclick={() => void store.more()}
        >{store.asking ? 'Looking for older jobs…' : 'Older jobs'}</button
      >
    </p>
  {/if}
  <DeviceNote />
  <ImportJobs oncame={() => void store.load()} />
</main>
