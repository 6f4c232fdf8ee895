<script lang="ts">
  import { sayCount } from '#words/counts.ts';
  import { untrack } from 'svelte';
  import { resolve } from '$app/paths';
  import Upload from '@lucide/svelte/icons/upload';
  import type { ImportOutcome, FileSummary, ReadJob } from '#core/formats';
  import { LIMITS } from '#core/shapes';
  import { loadModule } from '../../store/load-module.ts';
  import { sayRefusal, type Refusal } from '#words/refusals.ts';
  import type { Progress } from '../../store/send-file.ts';
  import ExportJobs from './ExportJobs.svelte';
  import Dialog from '../../controls/Dialog.svelte';
  import TroubleNote from '../../controls/TroubleNote.svelte';

  let { oncame }: { oncame: () => void } = $props();
  const most = LIMITS.file / 1024 / 1024;
  let open = $state(false);
  let name = $state('');
  let text = '';
  let busy = $state(false);
  let progress = $state.raw<Progress | null>(null);
  let stop = new AbortController();
  let summary = $state.raw<FileSummary | null>(null);
  let trouble = $state.raw<Refusal | null>(null);
  /** Jobs of the file that cannot be brought in, and why. */
  let damaged = $state.raw<readonly Extract<ReadJob, { ok: false }>[]>([]);
  let outcomes = $state.raw<readonly ImportOutcome[] | null>(null);

  const sayJobs = (count: number): string => (count === 1 ? 'one job' : `${count} jobs`);
  const OUTCOMES: Readonly<Record<Exclude<ImportOutcome['outcome'], 'refused'>, string>> = {
    imported: 'brought in',
    'already-here': 'was here already, the same; nothing changed',
    copied: 'came in beside the one that is here, since the two differ',
  };

  /** Reads the file on this device first: what is in it is shown before anything is sent. */
  async function look(input: HTMLInputElement): Promise<void> {
    const file = input.files?.[0];
    if (!file) return;
    [summary, trouble, outcomes, text, damaged] = [null, null, null, '', []];
    [name, open] = [file.name, true];
    if (file.size > LIMITS.file) trouble = { code: 'body-too-large', limit: LIMITS.file };
    else {
      text = await file.text();
      const reader = await loadModule(() => import('./read-file.ts'));
      const parsed = reader.ok ? reader.value.parseText(text) : reader;
      summary = reader.ok && parsed.ok ? reader.value.summariseFile(parsed.value) : null;
      const read = reader.ok ? reader.value.readJobs(text) : reader;
      if (!read.ok) trouble = read.refusal;
      else damaged = read.value.flatMap((job) => (job.ok ? [] : [job]));
      if (read.ok && damaged.length === read.value.length) trouble = damaged[0]?.refusal ?? null;
    }
    input.value = '';
  }

  /** A file that was chosen before the page had its script is looked at as soon as it has. */
  const lookAtEarly = (input: HTMLInputElement): void => untrack(() => void look(input));

  async function bringIn(): Promise<void> {
    busy = true;
    stop = new AbortController();
    progress = null;
    const sender = await loadModule(() => import('../../store/send-file.ts'));
    const sent = sender.ok
      ? await sender.value.sendFile(text, stop.signal, (now) => (progress = now))
      : sender;
    busy = false;
    if (sent.ok) {
      outcomes = sent.value;
      oncame();
    } else trouble = sent.refusal;
  }
</script>

<section aria-label="Files" class="flex flex-wrap items-center gap-3 border-t-2 border-base-300 pt-4">
  <label class="tap btn has-focus-visible:outline-2">
    <Upload size={18} aria-hidden="true" /> Import a file…
    <input
      type="file"
      class="sr-only"
      accept=".json,application/json"
      {@attach lookAtEarly}
      onchange={(event) => void look(event.currentTarget)}
    />
  </label>
  <ExportJobs />
  <p class="chart-label text-sm">Job files of Porthole (JSON), up to {most} MB.</p>
</section>

<Dialog bind:open title={outcomes ? 'Brought in' : 'What is in the file'}>
  <p class="chart-label">{name}</p>
  {#if trouble}<TroubleNote refusal={trouble} />{/if}
  {#if outcomes}
    <ul class="flex flex-col gap-2 text-lg">
      {#each outcomes as each, i (i)}
        <li>
          {#if each.outcome === 'refused'}
            <span class="font-semibold">{each.name}</span>: not brought in. {sayRefusal(each.refusal)}
          {:else}
            <a class="font-semibold underline" href={resolve('/jobs/[job]', { job: each.id })}>{each.name}</a
            >: {OUTCOMES[each.outcome]}
          {/if}
        </li>
      {/each}
    </ul>
  {:else if summary}
    <p class="text-sm">
      Written by Porthole {summary.app}{summary.isNewer ? ', a newer one: it can be looked at, no more' : ''}.
    </p>
    <ul class="flex flex-col gap-2">
      {#each summary.jobs as job, i (i)}
        <li>
          <p class="text-lg font-semibold">{job.name}</p>
          <p class="text-sm">
            {job.runs.map((run) => `${run.name} (${sayCount(run.legs, 'leg')})`).join(', ') || 'no run yet'}
          </p>
        </li>
      {/each}
    </ul>
    {#if !trouble}
      {#each damaged as { name: job, refusal }, i (i)}
        <p role="alert"><span class="font-semibold">{job}</span> is left out. {sayRefusal(refusal)}</p>
      {/each}
      <p class="text-sm">
        Nothing that is here is written over: a job that differs comes in beside the other.
      </p>
      <button
        type="button"
        class="btn h-14 text-lg btn-primary"
        disabled={busy}
        onclick={() => void bringIn()}
        >{busy
          ? 'Bringing it in…'
          : `Bring in ${summary.jobs.length === 1 ? 'this job' : sayJobs(summary.jobs.length - damaged.length)}`}</button
      >
      {#if busy}
        <div class="flex items-center gap-3">
          <progress
            class="progress progress-primary grow"
            aria-label="Jobs brought in"
            value={progress?.done}
            max={progress?.of ?? 1}
          ></progress>
          <span role="status" class="tabular-nums">
            {progress ? `${progress.done} of ${progress.of}` : 'reading the file'}
          </span>
          <button type="button" class="tap btn" onclick={() => stop.abort()}>Stop</button>
        </div>
      {/if}
    {/if}
  {/if}
</Dialog>
