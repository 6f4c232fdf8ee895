<script lang="ts">
  import { untrack } from 'svelte';
  import { goto } from '$app/navigation';
  import { resolve } from '$app/paths';
  import { LIMITS } from '#core/shapes';
  import { nameQuickRun, sayQuickCut } from '#words/quick-cut.ts';
  import type { Refusal } from '#words/refusals.ts';
  import Dialog from '../../controls/Dialog.svelte';
  import TroubleNote from '../../controls/TroubleNote.svelte';
  import { bench as atTheBench } from '../../store/bench.svelte.ts';
  import { JobsStore } from '../../store/jobs-store.svelte.ts';
  import { newId } from '../../store/new-id.ts';
  import { makeCopyIds, sendCopy, type CopyIds } from '../../store/run-sync.ts';
  import type { QuickCutBench } from './quick-cut.svelte.ts';

  let { bench, open = $bindable() }: { bench: QuickCutBench; open: boolean } = $props();
  const id = $props.id();
  const jobs = new JobsStore();
  let picked = $state<string | null>(null);
  let name = $state('');
  let trouble = $state.raw<Refusal | null>(null);
  let isSending = $state(false);
  /** Made each time this is opened, for each job: pressed again, it is the same run. */
  let ids: Record<string, CopyIds> = {};
  /** The run it was put into. */
  let put = $state.raw<{ job: string; run: string; name: string } | null>(null);

  $effect(() => {
    if (!open) return;
    untrack(() => {
      [put, trouble, ids] = [null, null, {}];
      name = nameQuickRun(bench.cut).slice(0, LIMITS.name);
      void jobs.load();
    });
  });
  const list = $derived(jobs.jobs ?? []);
  const job = $derived(picked ?? list[0]?.id ?? null);

  async function send(goesOn: boolean): Promise<void> {
    if (!job || isSending) return;
    isSending = true;
    ids[job] ??= makeCopyIds(newId());
    const sent = await sendCopy(
      job,
      bench.makeRun(),
      name.trim() || nameQuickRun(bench.cut),
      atTheBench.signature,
      ids[job],
    );
    isSending = false;
    trouble = sent.ok ? null : sent.refusal;
    if (!sent.ok) return;
    if (goesOn) {
      bench.keep();
      await goto(resolve('/jobs/[job]/runs/[run]/lay-out', { job, run: sent.value }));
      return;
    }
    put = { job, run: sent.value, name };
    bench.keep();
  }
</script>

<Dialog bind:open title="Put it into a job">
  {#if put}
    <p role="status" class="text-lg">“{put.name}” is in the job. The measure is on the list here as well.</p>
    <p class="flex flex-wrap gap-2">
      <a
        class="tap btn btn-primary"
        href={resolve('/jobs/[job]/runs/[run]/lay-out', { job: put.job, run: put.run })}>Open the run</a
      >
      <button type="button" class="tap btn" onclick={() => (open = false)}>On with quick cuts</button>
    </p>
  {:else}
    <p>
      {sayQuickCut(bench.cut)}. It becomes a run of its own, cut under the job’s house rules: what stands at
      its ends is there, and the legs beside it wait for their measures.
    </p>
    {#if jobs.trouble}<TroubleNote refusal={jobs.trouble} />{/if}
    {#if list.length > 0}
      <label class="flex flex-col"
        ><span class="chart-label">job</span>
        <select
          class="tap select w-full"
          value={job}
          onchange={(event) => (picked = event.currentTarget.value)}
        >
          {#each list as each (each.id)}<option value={each.id}>{each.name}</option>{/each}
        </select></label
      >
      <label class="flex flex-col" for="{id}-name"
        ><span class="chart-label">the run is called</span>
        <input id="{id}-name" class="input h-12 w-full" maxlength={LIMITS.name} bind:value={name} /></label
      >
      {#if trouble}<TroubleNote refusal={trouble} />{/if}
      <p class="flex flex-wrap gap-2">
        <button type="button" class="tap btn" disabled={isSending} onclick={() => void send(false)}
          >Put it there</button
        >
        <button type="button" class="tap btn btn-primary" disabled={isSending} onclick={() => void send(true)}
          >Make a run of it and go on</button
        >
      </p>
    {:else if jobs.jobs}
      <p>
        There is no job yet. <a class="underline" href={resolve('/jobs/new')}>Open one</a>; the piece stays
        here.
      </p>
    {/if}
    {#if jobs.next !== null}<button type="button" class="tap btn" onclick={() => void jobs.more()}
        >More jobs</button
      >{/if}
  {/if}
</Dialog>
