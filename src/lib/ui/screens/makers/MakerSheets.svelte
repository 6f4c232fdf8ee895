<!-- Makers’ sheets the shop keeps: added, edited, taken away, brought in and out as a table. -->
<script lang="ts">
  import type { MakerSheet } from '#core/catalogue';
  import { accept, refuse, type Result } from '#core/outcome';
  import { sayCount } from '#words/counts.ts';
  import { nameSheetJoin } from '#words/makers.ts';
  import type { Refusal } from '#words/refusals.ts';
  import TableInOut from '../../controls/TableInOut.svelte';
  import { loadModule } from '../../store/load-module.ts';
  import type { MakersStore } from '../../store/makers-store.svelte.ts';
  import { SheetForm } from './sheet-form.svelte.ts';
  import SheetDialog from './SheetDialog.svelte';

  let { store }: { store: MakersStore } = $props();
  const form = new SheetForm();
  let open = $state(false);
  /** A sheet that is to be taken away, once that is said again. */
  let leaving = $state<string | null>(null);

  function edit(sheet: MakerSheet | null): void {
    form.begin(sheet);
    store.trouble = null;
    open = true;
  }

  const save = async () => (await import('./sheets-file.ts')).saveSheetsFile(store.items);

  async function bring(text: string): Promise<Result<string, Refusal>> {
    if (!(await store.ready())) return refuse(store.trouble!);
    const file = await loadModule(() => import('./sheets-file.ts'));
    const read = file.ok ? file.value.readSheetsFile(text, store.items) : file;
    if (!read.ok) return read;
    if (!(await store.keep(read.value))) return refuse(store.trouble!);
    return accept(`${sayCount(read.value.length, 'sheet')} brought in.`);
  }
</script>

<section aria-label="Makers’ sheets" class="flex flex-col gap-3 border-t-2 border-base-300 pt-4">
  <h2 class="text-2xl font-semibold">Makers’ sheets</h2>
  <p class="chart-label max-w-3xl">
    What the maker of your fittings says and no standard does: how deep, how far apart, how tight, what an end
    fitting is long. A run that uses that maker’s parts goes by it; no other maker’s parts do.
  </p>
  <TableInOut
    names={{ add: 'Add a sheet', bring: 'Bring in sheets…', save: 'Save the sheets' }}
    schema="porthole-makers-1.schema.json"
    isEmpty={store.items.length === 0}
    trouble={open ? null : store.trouble}
    onadd={() => edit(null)}
    {save}
    {bring}
  />
  {#if store.isRead && store.items.length === 0}
    <p>None yet. Begin with the press fittings or the tubing you use most.</p>
  {/if}
  <ul>
    {#each store.items as sheet (sheet.id)}
      <li class="flex flex-wrap items-center gap-x-4 border-t border-base-300 py-2">
        <div class="min-w-0 flex-1 basis-60">
          <p class="text-lg leading-tight font-semibold">{sheet.maker}: {nameSheetJoin(sheet.join)}</p>
          <p class="chart-label text-sm">{sheet.source}; {sayCount(sheet.rows.length, 'line')}</p>
        </div>
        <button
          type="button"
          class="tap btn"
          aria-label="Edit the sheet of {sheet.maker}, {nameSheetJoin(sheet.join)}"
          onclick={() => edit(sheet)}>Edit</button
        >
        {#if leaving === sheet.id}
          <button
            type="button"
            class="tap btn btn-error"
            disabled={store.keeping}
            onclick={() => void store.remove(sheet).then(() => (leaving = null))}>Yes, take it away</button
          >
          <button type="button" class="tap btn" onclick={() => (leaving = null)}>Keep it</button>
        {:else}
          <button
            type="button"
            class="tap btn"
            aria-label="Take away the sheet of {sheet.maker}, {nameSheetJoin(sheet.join)}"
            onclick={() => (leaving = sheet.id)}>Take away</button
          >
        {/if}
        {#if leaving === sheet.id}
          <p class="w-full text-sm" role="status">Runs that go by it keep their copy.</p>
        {/if}
      </li>
    {/each}
  </ul>
  {#if open}<SheetDialog bind:open {form} {store} />{/if}
</section>
