<!-- The shop's own parts: added, edited, retired, brought in and out as a table. -->
<script lang="ts">
  import { untrack } from 'svelte';
  import { asset } from '$app/paths';
  import Download from '@lucide/svelte/icons/download';
  import Plus from '@lucide/svelte/icons/plus';
  import Upload from '@lucide/svelte/icons/upload';
  import { toPart, type ShopPart } from '#core/catalogue';
  import { LIMITS } from '#core/shapes';
  import { namePart } from '#words/parts.ts';
  import type { Refusal } from '#words/refusals.ts';
  import TroubleNote from '../../controls/TroubleNote.svelte';
  import { loadModule } from '../../store/load-module.ts';
  import type { PartsStore } from '../../store/parts-store.svelte.ts';
  import OwnPartDialog from './OwnPartDialog.svelte';
  import { OwnPartForm } from './own-part-form.svelte.ts';

  let { store }: { store: PartsStore } = $props();
  const form = new OwnPartForm();
  let open = $state(false);
  let isNew = $state(true);
  let trouble = $state.raw<Refusal | null>(null);
  let said = $state('');
  let reading = $state(false);

  function edit(part: ShopPart | null): void {
    form.begin(part);
    store.trouble = null;
    [isNew, open] = [part === null, true];
  }

  async function save(): Promise<void> {
    const writer = await loadModule(() => import('./save-parts-file.ts'));
    trouble = writer.ok ? null : writer.refusal;
    if (writer.ok) await writer.value.savePartsFile(store.items);
  }

  async function bringIn(input: HTMLInputElement): Promise<void> {
    const file = input.files?.[0];
    if (!file) return;
    [trouble, said] = [null, ''];
    if (file.size > LIMITS.partsBody) trouble = { code: 'body-too-large', limit: LIMITS.partsBody };
    else {
      reading = true;
      const reader = await loadModule(() => import('./read-parts-in-thread.ts'));
      const read = reader.ok ? await reader.value.readPartsInThread(await file.text()) : reader;
      reading = false;
      if (!read.ok) trouble = read.refusal;
      else if (await store.keep(read.value))
        said = `${read.value.length === 1 ? 'One part' : `${read.value.length} parts`} brought in.`;
      else trouble = store.trouble;
    }
    input.value = '';
  }
  /** A file that was chosen before the page had its script is read as soon as it has. */
  const bringInEarly = (input: HTMLInputElement): void => untrack(() => void bringIn(input));
</script>

<section aria-label="The shop’s own parts" class="flex flex-col gap-3 border-t-2 border-base-300 pt-4">
  <h2 class="text-2xl font-semibold">The shop’s own parts</h2>
  <p class="chart-label max-w-3xl">
    What your counter has and no list does: a meter nut, a maker’s special. It joins what its ends join,
    stands in runs with its own length, and is asked for by your own name.
  </p>
  {#if trouble}<TroubleNote refusal={trouble} />{/if}
  {#if store.trouble && !open && !trouble}<TroubleNote refusal={store.trouble} />{/if}
  <p class="chart-label text-sm">
    What stands in the columns of such a table: <a
      class="underline"
      href={asset('/schemas/porthole-parts-1.schema.json')}>its schema</a
    >.
  </p>
  <p role="status" class={said || reading ? 'font-medium' : 'sr-only'}>
    {reading ? 'Reading the table…' : said}
  </p>
  <div class="flex flex-wrap gap-2">
    <button type="button" class="tap btn btn-primary" onclick={() => edit(null)}
      ><Plus size={18} aria-hidden="true" /> Add a part</button
    >
    <label class="tap btn has-focus-visible:outline-2">
      <Upload size={18} aria-hidden="true" /> Bring in a table…
      <input
        {@attach bringInEarly}
        type="file"
        accept=".csv,text/csv"
        class="sr-only"
        onchange={({ currentTarget }) => void bringIn(currentTarget)}
      />
    </label>
    <button type="button" class="tap btn" disabled={store.items.length === 0} onclick={() => void save()}
      ><Download size={18} aria-hidden="true" /> Save as a table</button
    >
  </div>
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
