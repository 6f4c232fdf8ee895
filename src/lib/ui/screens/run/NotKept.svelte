<script lang="ts">
  import Download from '@lucide/svelte/icons/download';
  import { sayChange } from '#words/changes.ts';
  import { handOverFile, toFileName } from '../../controls/hand-over.ts';
  import TroubleNote from '../../controls/TroubleNote.svelte';
  import { bench } from '../../store/bench.svelte.ts';
  import { getNow } from '../../store/get-now.ts';
  import { newId } from '../../store/new-id.ts';
  import { getChanges } from '../../store/outbox.ts';
  import { makeUnsentFile } from '../../store/unsent-file.ts';
  import type { RunStore } from '../../store/run-store.svelte.ts';

  let { store }: { store: RunStore } = $props();
  const aside = $derived(getChanges(store.shelf.aside));
  const name = $derived(store.kept?.name ?? 'Run');

  /** The run as this window has it, as a file that can be brought in anywhere: no server is needed for it. */
  function saveRun(): void {
    const { doc, events, details } = store;
    if (!doc) return;
    const now = getNow();
    const file = makeUnsentFile({ job: details, name, doc, events, by: bench.signature }, newId, now);
    handOverFile(
      `${JSON.stringify(file)}\n`,
      'application/json',
      `porthole-${toFileName(name)}-${now.slice(0, 10)}.json`,
    );
  }

  const saveAside = (): void =>
    handOverFile(
      `${JSON.stringify({ porthole: 'changes', run: store.run, changes: aside }, null, 2)}\n`,
      'application/json',
      `porthole-set-aside-${toFileName(name)}.json`,
    );
</script>

{#if store.shelf.refused}
  <div class="no-print flex flex-wrap items-center gap-x-4 gap-y-1 px-3 py-1 sm:px-5">
    <div class="min-w-64 flex-1">
      <TroubleNote refusal={{ code: 'device-store-refused', unsafe: store.waiting.length }} />
    </div>
    {#if store.doc}
      <button type="button" class="tap btn" onclick={saveRun}
        ><Download size={18} aria-hidden="true" /> Save the run to a file</button
      >
    {/if}
  </div>
{/if}
{#if aside.length > 0}
  <section
    aria-label="Set aside"
    class="no-print flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-base-300 px-3 py-1 sm:px-5"
  >
    <div class="min-w-64 flex-1">
      <TroubleNote refusal={{ code: 'work-set-aside', count: aside.length }} />
      <p class="text-sm">{aside.map(({ label }) => sayChange(label)).join('; ')}</p>
    </div>
    <button type="button" class="tap btn" onclick={saveAside}
      ><Download size={18} aria-hidden="true" /> Save to a file</button
    >
    <button type="button" class="tap btn" onclick={() => void store.shelf.dropAside()}>Drop</button>
  </section>
{/if}
