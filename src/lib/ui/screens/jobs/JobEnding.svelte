<script lang="ts">
  import Lock from '@lucide/svelte/icons/lock';
  import LockOpen from '@lucide/svelte/icons/lock-open';
  import { LIMITS } from '#core/shapes';
  import type { UndoneAnswer } from '#core/formats';
  import { findFinish, isDone, PROOFS, type ClosedAs, type Job, type Proof } from '#core/jobs';
  import { PROOF_WORDS, sayClosed, sayLeft } from '#words/closing.ts';
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
  /** What is not done, as the server told it when this was opened; null until then. */
  let looked = $state.raw<UndoneAnswer | null>(null);
  let proof = $state<Proof | null>(null);
  let safe = $state('');
  const closed = $derived<ClosedAs | null>(
    looked && !looked.isEmpty && proof
      ? { proof, safe: isDone({ proof, undone: looked.undone }) ? '' : safe.trim(), undone: looked.undone }
      : null,
  );
  const asksSafe = $derived(
    looked !== null && !looked.isEmpty && (looked.undone.length > 0 || proof === 'not-proved'),
  );

  /** Looks what is not done: when it is opened, and again when it was otherwise by then. */
  async function look(): Promise<void> {
    looked = null;
    const answer = await store.askUndone(job.id);
    if (answer.ok) looked = answer.value;
    else trouble = answer.refusal;
  }
  function show(): void {
    open = true;
    trouble = null;
    if (!finish) void look();
  }

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
      closed: finish ? null : closed,
    });
    sending = false;
    if (passed.ok) [open, reason, safe, proof] = [false, '', '', null];
    else {
      trouble = passed.refusal;
      if (trouble.code === 'job-undone' || trouble.code === 'job-moving') void look();
    }
  }

  function check(): Refusal | null {
    if (!bench.name && job.people.length > 0) return { code: 'nobody-at-the-bench' };
    if (!finish && looked && !looked.isEmpty) {
      if (!proof) return { code: 'job-undone', undone: [] };
      if (asksSafe && safe.trim().length < 3) return { code: 'safe-unsaid', typed: safe.trim() };
    }
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
        {#if finish.closed}<p class="font-medium">{sayClosed(finish.closed)}</p>{/if}
      </div>
      <button type="button" class="tap btn" onclick={show}
        ><LockOpen size={18} aria-hidden="true" /> Open it again…</button
      >
    </div>
  {:else}
    <div class="flex flex-wrap items-center justify-between gap-3">
      <p class="min-w-64 flex-1">When all is made, tested and signed off, the record is closed.</p>
      <button type="button" class="tap btn" onclick={show}
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
      {#if !looked}
        {#if !trouble}<p role="status">Looking what is not done yet…</p>{/if}
      {:else if !looked.isEmpty}
        {#if looked.undone.length > 0}
          <div class="border-l-4 border-error pl-3">
            <h3 class="text-lg font-semibold text-error">Not done</h3>
            <ul aria-label="Not done">
              {#each looked.undone as each (each.run)}
                <li><strong>{each.name}</strong>: {sayLeft(each)}</li>
              {/each}
            </ul>
          </div>
        {/if}
        <fieldset class="flex flex-col gap-1">
          <legend class="font-semibold">Is it tight, and who says so?</legend>
          {#each PROOFS as each (each)}
            <label class="tap flex items-center gap-2">
              <input type="radio" class="radio" name="proof" value={each} bind:group={proof} />
              {PROOF_WORDS[each].asked}
            </label>
          {/each}
        </fieldset>
        {#if asksSafe}
          <label>
            <span class="block font-semibold">How was it left safe?</span>
            <input
              class="input h-12 w-full text-lg"
              bind:value={safe}
              maxlength={LIMITS.reason}
              placeholder="shut off at the meter, open ends capped, tagged"
              autocomplete="off"
              aria-invalid={trouble?.code === 'safe-unsaid'}
            />
          </label>
        {/if}
      {/if}
    {/if}
    <BenchSelect people={job.people} />
    {#if trouble}<TroubleNote refusal={trouble} />{/if}
    <button type="submit" class="btn h-12 btn-primary" disabled={sending || (!finish && !looked)}
      >{finish ? 'Open it again' : asksSafe ? 'Close it all the same' : 'Finish it'}</button
    >
  </form>
</Dialog>
