<script lang="ts">
  import { goto } from '$app/navigation';
  import { resolve } from '$app/paths';
  import type { InputRefusal } from '#core/formats';
  import type { Refusal } from '#words/refusals.ts';
  import TroubleNote from '../../controls/TroubleNote.svelte';
  import JobFields from './JobFields.svelte';
  import { JobForm } from './job-form.svelte.ts';
  import { newId } from '../../store/new-id.ts';
  import { JobsStore } from '../../store/jobs-store.svelte.ts';

  const form = new JobForm();
  const store = new JobsStore();
  /** Made with the form: pressed again, it is the same job. */
  const ids = { job: newId(), run: newId() };
  let run = $state('Run 1');
  let wrong = $state.raw<InputRefusal | null>(null);
  let trouble = $state.raw<Refusal | null>(null);
  let busy = $state(false);

  async function onSubmit(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    [wrong, trouble, busy] = [null, null, true];
    const read = await form.read();
    const opened = read.ok ? await store.open(read.value, run.trim() || 'Run 1', ids) : read;
    if (opened.ok) return goto(resolve('/jobs/[job]/runs/[run]/lay-out', opened.value));
    if (opened.refusal.code === 'input-invalid') wrong = opened.refusal;
    if (read.ok || !wrong) trouble = opened.refusal;
    busy = false;
  }
</script>

<svelte:head><title>New job · Porthole</title></svelte:head>
<main class="mx-auto flex w-full max-w-3xl flex-col gap-5 p-4 sm:p-8">
  <h1 class="text-4xl font-semibold">New job</h1>
  <form class="flex flex-col gap-5" novalidate onsubmit={onSubmit}>
    <JobFields {form} {wrong}>
      <div>
        <label class="block font-semibold" for="first-run">First run</label>
        <input
          id="first-run"
          class="input h-12 w-full text-lg"
          bind:value={run}
          maxlength="80"
          autocomplete="off"
        />
        <p class="chart-label text-sm">a header, a drop, a branch: what you will lay out first</p>
      </div>
    </JobFields>
    {#if trouble}<TroubleNote refusal={trouble} />{/if}
    <p class="flex gap-3">
      <button type="submit" class="btn h-14 grow text-lg btn-primary sm:grow-0" disabled={busy}
        >Open the job and lay out</button
      >
      <a class="btn h-14" href={resolve('/')}>Back</a>
    </p>
  </form>
</main>
