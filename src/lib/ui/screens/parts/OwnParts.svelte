<!-- The shop's own parts: added, edited, retired, brought in and out as a table. -->
<script lang="ts">
  import { toPart, type ShopPart } from '#core/catalogue';
  import { accept, refuse, type Result } from '#core/outcome';
  import { namePart } from '#words/parts.ts';
  import type { Refusal } from '#words/refusals.ts';
  import TableInOut from '../../controls/TableInOut.svelte';
  import { loadModule } from '../../store/load-module.ts';
  import type { PartsStore } from '../../store/parts-store.svelte.ts';
  import OwnPartDialog from './OwnPartDialog.svelte';
  import { OwnPartForm } from './own-part-form.svelte.ts';

  let { store }: { store: PartsStore } = $props();
  const form = new OwnPartForm();
  let open = $state(false);
  let isNew = $state(true);

  function edit(part: ShopPart | null): void {
    form.begin(part);
    store.trouble = null;
    [isNew, open] = [part === null, true];
  }

  const save = async () => (await import('./save-parts-file.ts')).savePartsFile(store.items);

  async function bring(text: string): Promise<Result<string, Refusal>> {
    if (!(await store.ready())) return refuse(store.trouble!);
    const reader = await loadModule(() => import('./read-parts-in-thread.ts'));
    const read = reader.ok ? await reader.value.readPartsInThread(text) : reader;
    if (!read.ok) return read;
    if (!(await store.keep(read.value))) return refuse(store.trouble!);
    return accept(`${read.value.length === 1 ? 'One part' : `${read.value.length} parts`} brought in.`);
  }
</script>

<section aria-label="The shop’s own parts" class="flex flex-col gap-3 border-t-2 border-base-300 pt-4">
  <h2 class="text-2xl font-semibold">The shop’s own parts</h2>
  <p class="chart-label max-w-3xl">
    What your counter has and no list does: a meter nut, a maker’s special. It joins what its ends join,
    stands in runs with its own length, and is asked for by your own name.
  </p>
  <TableInOut
    names={{ add: 'Add a part', bring: 'Bring in a table…', save: 'Save as a table' }}
    schema="porthole-parts-1.schema.json"
    isEmpty={store.items.length === 0}
    trouble={open ? null : store.trouble}
    onadd={() => edit(null)}
    {save}
    {bring}
  />
  {#if store.isRead && store.items.length === 0}
    <p>None yet. Add the one your counter clerk had to look for.</p>
  {/if}
  <ul>
    {#each store.items as part (part.id)}
      <li class="flex flex-wrap items-center gap-x-4 border-t border-base-300 py-2">
        <div class="min-w-0 flex-1 basis-60">
          <p class="text-lg leading-tight font-semibold">
            {part.name}{part.retired ? ' (no longer bought)' : ''}
          </p>
          <p class="chart-label text-sm">
            {namePart(toPart(part))}{part.price === null
              ? ''
              : `; ${(part.price / 100).toFixed(2)}`}{part.note ? `; ${part.note}` : ''}
          </p>
        </div>
        <button type="button" class="tap btn" onclick={() => edit(part)} aria-label="Edit {part.name}"
          >Edit</button
        >
        <button
          type="button"
          class="tap btn"
          disabled={store.keeping}
          aria-label={part.retired ? `Buy ${part.name} again` : `Retire ${part.name}`}
          onclick={() => void store.keep([{ ...part, retired: !part.retired }])}
          >{part.retired ? 'Buy it again' : 'Retire'}</button
        >
      </li>
    {/each}
  </ul>
  {#if open}<OwnPartDialog bind:open {form} {store} {isNew} />{/if}
</section>
