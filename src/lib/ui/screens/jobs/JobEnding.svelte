<script lang="ts">
  import Lock from '@lucide/svelte/icons/lock';
  import LockOpen from '@lucide/svelte/icons/lock-open';
  import { LIMITS } from '#core/formats/limits.ts';
  import { findFinish, type Job } from '#core/runs/job.ts';
  import { sayDay } from '#words/days.ts';
  import type { Refusal } from '#words/refusals.ts';
  import BenchSelect from '../../controls/BenchSelect.svelte';
  import Dialog from '../../controls/Dialog.svelte';
  import TroubleNote from '../../controls/TroubleNote.svelte';
  import { bench } from '../../store/bench.svelte.ts';
  import type { JobStore } from '../../store/job-store.svelte.ts';

  let { job, store }: { job: Job; store: JobStore } = $props();
  const finish = $derived(findFinish(job));
  let open = $state(false);
  let reason = $state('');
  let trouble = $state.raw<Refusal | null>(null);
  let sending = $state(false);

  async function pass(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    trouble = check();
    if (trouble) return;
    sending = true;
    const kind = finish ? 'reopened' : 'finished';
    const passed = await store.passMilestone(job.id, {
      kind,
      by: bench.signature,
      reason: finish ? reason.trim() : '',
    });
    sending = false;
    if (passed.ok) [open, reason] = [false, ''];
    else trouble = passed.refusal;
  }

  function check(): Refusal | null {
    if (!bench.name && job.people.length > 0) return { code: 'nobody-at-the-bench' };
    const said = reason.trim();
    return finish && said.length < 3 ? { code: 'reason-missing', typed: said } : null;
  }
</script>

<section aria-label="Finished or open" class="border-t-2 border-base-300 pt-4">
  {#if finish}
    <div class="flex flex-wrap items-center justify-between gap-3 border-l-4 border-accent bg-base-200 p-3">
      <div class="min-w-64 flex-1">
        <p class="text-lg font-semibold">Finished on {sayDay(finish.at)} by {finish.by}</p>
        <p>
          It can be read, printed and exported; nothing in it is changed. Made under catalogue {finish.written
            .catalogue}, house rules {finish.written.rulePack}, Porthole {finish.written.app}.
        </p>
      </div>
      <button type="button" class="tap btn" onclick={() => (open = true)}
        ><LockOpen size={18} aria-hidden="true" /> Open it again…</button
      >
    </div>
  {:else}
    <div class="flex flex-wrap items-center justify-between gap-3">
      <p class="min-w-64 flex-1">When all is made, tested and signed off, the record is closed.</p>
      <button type="button" class="tap btn" onclick={() => (open = true)}
        ><Lock size={18} aria-hidden="true" /> Finish the job…</button
      >
    </div>
  {/if}
  {#each job.milestones.filter(({ kind }) => kind === 'reopened') as { id, by, at, reason: why } (id)}
    <p class="mt-2 text-sm text-secondary">Opened again on {sayDay(at)} by {by}: {why}</p>
  {/each}
</section>

<Dialog bind:open title={finish ? 'Open the job again' : 'Finish the job'} onclose={() => (trouble = null)}>
  <form class="flex flex-col gap-4" novalidate onsubmit={pass}>
    {#if finish}
      <p>What is changed from now on is no longer what was finished. The reason stays in the record.</p>
      <label>
        <span class="block font-semibold">Why</span>
        <input
          class="input h-12 w-full text-lg"
          bind:value={reason}
          maxlength={LIMITS.reason}
          autocomplete="off"
          aria-invalid={trouble?.code === 'reason-missing'}
        />
      </label>
    {:else}
      <p>
        Its runs, records, specimens and house rules stay as they are, with the versions they were made under.
      </p>
      <p class="border-l-4 border-warning pl-3 font-medium text-warning">
        Finishing here tests nothing: the tightness test, purging and the sign-off are the licensed fitter’s,
        by the local code.
      </p>
    {/if}
    <BenchSelect people={job.people} />
    {#if trouble}<TroubleNote refusal={trouble} />{/if}
    <button type="submit" class="btn h-12 btn-primary" disabled={sending}
      >{finish ? 'Open it again' : 'Finish it'}</button
    >
  </form>
</Dialog>
