<script lang="ts">
  import { goto } from '$app/navigation';
  import { resolve } from '$app/paths';
  import { resolveRules } from '#core/house-rules';
  import { compareRuns } from '#core/runs/reading';
  import { layOutRun } from '#core/runs/layout';
  import { sayWholeChange } from '#words/change-details.ts';
  import { sayChange } from '#words/changes.ts';
  import { sayBy } from '#words/people.ts';
  import { sayRefusal, type Refusal } from '#words/refusals.ts';
  import TroubleNote from '../../controls/TroubleNote.svelte';
  import Dialog from '../../controls/Dialog.svelte';
  import RunDifferences from './RunDifferences.svelte';
  import type { RunStore } from '../../store/run-store.svelte.ts';

  let { store }: { store: RunStore } = $props();
  const conflict = $derived(store.conflict);
  const unit = $derived(store.details?.units ?? 'in');
  const fits = $derived(conflict?.fits === true && conflict.mine.length > 0);
  let trouble = $state.raw<Refusal | null>(null);

  /** The run here against the run there, by what follows from them. */
  const difference = $derived.by(() => {
    if (!conflict || !store.layout) return null;
    const { doc } = conflict.server;
    const theirs = layOutRun(doc, store.catalogue, resolveRules(doc.ruleChoices), store.facts);
    return compareRuns(store.layout, theirs);
  });

  /** Goes to the copy: what was being worked on stays in hand. */
  async function keepCopy(): Promise<void> {
    const copied = await store.settleAsCopy();
    trouble = copied.ok ? null : copied.refusal;
    if (copied.ok)
      await goto(resolve('/jobs/[job]/runs/[run]/lay-out', { job: store.job, run: copied.value }));
  }
</script>

<Dialog open={conflict !== null} title="This run was changed elsewhere" mustAnswer>
  {#if conflict}
    {#if store.trouble}<p>{sayRefusal(store.trouble)}</p>{/if}
    {#if !fits}<p>
        Your edits do not fit the run as it is on the server now, so they cannot be put on top of it.
      </p>{/if}
    <h3 class="font-semibold">On the server meanwhile</h3>
    <ul class="list-disc pl-6">
      {#if conflict.earlier > 0}<li>
          {conflict.earlier === 1 ? 'one edit' : `${conflict.earlier} edits`} before these; the history has them
        </li>{/if}
      {#each conflict.since as change, i (i)}<li>{sayChange(change.label)}, {sayBy(change.by)}</li>
      {:else}<li>nothing that can be listed</li>{/each}
    </ul>
    <h3 class="font-semibold">On this device, not on the server</h3>
    <ul class="list-disc pl-6">
      {#each conflict.mine as change (change.id)}<li>
          {sayWholeChange(change, unit, store.catalogue)}, {sayBy(change.by)}
        </li>{/each}
    </ul>
    {#if difference}
      <h3 class="font-semibold">What differs</h3>
      <RunDifferences {difference} {unit} before="this device" after="the server" />
    {/if}
    {#if trouble}<TroubleNote refusal={trouble} />{/if}
    <div class="sticky -bottom-6 -mb-6 flex shrink-0 flex-wrap gap-3 bg-base-100 pt-2 pb-6">
      <button
        type="button"
        class="tap btn btn-primary"
        disabled={!fits}
        onclick={() => void store.settle('mine-on-top')}>Put mine on top</button
      >
      <button type="button" class="tap btn" onclick={() => void keepCopy()}>Keep mine as another run</button>
      <button type="button" class="tap btn" onclick={() => void store.settle('theirs')}>
        Drop mine, take the server’s
      </button>
    </div>
  {/if}
</Dialog>
