<!-- Makers’ sheets the shop keeps: added, edited, taken away, brought in and out as a table. -->
<script lang="ts">
  import { untrack } from 'svelte';
  import { asset } from '$app/paths';
  import Download from '@lucide/svelte/icons/download';
  import Plus from '@lucide/svelte/icons/plus';
  import Upload from '@lucide/svelte/icons/upload';
  import type { MakerSheet } from '#core/catalogue';
  import { LIMITS } from '#core/shapes';
  import { sayCount } from '#words/counts.ts';
  import { nameSheetJoin } from '#words/makers.ts';
  import type { Refusal } from '#words/refusals.ts';
  import TroubleNote from '../../controls/TroubleNote.svelte';
  import { loadModule } from '../../store/load-module.ts';
  import type { MakersStore } from '../../store/makers-store.svelte.ts';
  import { SheetForm } from './sheet-form.svelte.ts';
  import SheetDialog from './SheetDialog.svelte';

  let { store }: { store: MakersStore } = $props();
  const form = new SheetForm();
  let open = $state(false);
  /** A sheet that is to be taken away, once that is said again. */
  let leaving = $state<string | null>(null);
  let trouble = $state.raw<Refusal | null>(null);
  let said = $state('');

  function edit(sheet: MakerSheet | null): void {
    form.begin(sheet);
    store.trouble = null;
    open = true;
  }

  async function save(): Promise<void> {
    const file = await loadModule(() => import('./sheets-file.ts'));
    trouble = file.ok ? null : file.refusal;
    if (file.ok) await file.value.saveSheetsFile(store.items);
  }

  async function bringIn(input: HTMLInputElement): Promise<void> {
    const chosen = input.files?.[0];
    if (!chosen) return;
    [trouble, said] = [null, ''];
    if (chosen.size > LIMITS.partsBody) trouble = { code: 'body-too-large', limit: LIMITS.partsBody };
    else {
      const file = await loadModule(() => import('./sheets-file.ts'));
      const read = file.ok ? file.value.readSheetsFile(await chosen.text(), store.items) : file;
      if (!read.ok) trouble = read.refusal;
      else if (await store.keep(read.value)) said = `${sayCount(read.value.length, 'sheet')} brought in.`;
      else trouble = store.trouble;
    }
    input.value = '';
  }
  /** A file that was chosen before the page had its script is read as soon as it has. */
  const bringInEarly = (input: HTMLInputElement): void => untrack(() => void bringIn(input));
</script>

<section aria-label="Makers’ sheets" class="flex flex-col gap-3 border-t-2 border-base-300 pt-4">
  <h2 class="text-2xl font-semibold">Makers’ sheets</h2>
  <p class="chart-label max-w-3xl">
    What the maker of your fittings says and no standard does: how deep, how far apart, how tight, what an end
    fitting is long. A run that uses that maker’s parts goes by it; no other maker’s parts do.
  </p>
  {#if trouble}<TroubleNote refusal={trouble} />{/if}
  {#if store.trouble && !open && !trouble}<TroubleNote refusal={store.trouble} />{/if}
  <p class="chart-label text-sm">
    What stands in the columns of such a table: <a
      class="underline"
      href={asset('/schemas/porthole-makers-1.schema.json')}>its schema</a
    >.
  </p>
  <p role="status" class={said ? 'font-medium' : 'sr-only'}>{said}</p>
  <div class="flex flex-wrap gap-2">
    <button type="button" class="tap btn btn-primary" onclick={() => edit(null)}
      ><Plus size={18} aria-hidden="true" /> Add a sheet</button
    >
    <label class="tap btn has-focus-visible:outline-2">
      <Upload size={18} aria-hidden="true" /> Bring in sheets…
      <input
        {@attach bringInEarly}
        type="file"
        accept=".csv,text/csv"
        class="sr-only"
        onchange={({ currentTarget }) => void bringIn(currentTarget)}
      />
    </label>
    <button type="button" class="tap btn" disabled={store.items.length === 0} onclick={() => void save()}
      ><Download size={18} aria-hidden="true" /> Save the sheets</button
    >
  </div>
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
