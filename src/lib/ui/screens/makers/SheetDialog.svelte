<!-- What one maker’s sheet says: whose, of which parts, and a line for each size. -->
<script lang="ts">
  import { tick } from 'svelte';
  import Plus from '@lucide/svelte/icons/plus';
  import X from '@lucide/svelte/icons/x';
  import { nameSheetSize, SHEET_FIGURES, SHEET_JOINS, TAPER_FAMILIES, type SheetRow } from '#core/catalogue';
  import { NOMINAL_SIZES } from '#core/ends';
  import { LIMITS } from '#core/shapes';
  import { nameSheetJoin, nameSheetRow, SHEET_FIGURE_WORDS } from '#words/makers.ts';
  import Dialog from '../../controls/Dialog.svelte';
  import MeasureField from '../../controls/MeasureField.svelte';
  import TroubleNote from '../../controls/TroubleNote.svelte';
  import { unitSetting } from '../../controls/unit-setting.svelte.ts';
  import type { MakersStore } from '../../store/makers-store.svelte.ts';
  import type { SheetForm } from './sheet-form.svelte.ts';
  import TorqueField from './TorqueField.svelte';

  let { open = $bindable(), form, store }: { open: boolean; form: SheetForm; store: MakersStore } = $props();
  const id = $props.id();
  const { unit } = $derived(unitSetting);
  const rowsWrong = $derived(form.sayRowsWrong(unit));

  const figuresOf = ({ thread }: SheetRow) => (thread ? (['fitting'] as const) : form.figures);

  async function keep(): Promise<void> {
    form.isTried = true;
    if (form.makerWrong || form.sourceWrong || rowsWrong) {
      await tick();
      const at = form.makerWrong ? 'maker' : form.sourceWrong ? 'source' : 'rows';
      document.getElementById(`${id}-${at}`)?.focus();
    } else if (await store.keepEdits([{ was: form.was, wanted: form.toSheet() }])) open = false;
    // What was typed stays; pressed again it is put into the sheet as it is by now.
    else if (store.trouble?.code === 'changed-elsewhere')
      form.was = store.items.find((sheet) => sheet.id === form.id) ?? null;
  }
</script>

<Dialog bind:open title={form.was ? `${form.was.maker}: ${form.was.source}` : 'A maker’s sheet'}>
  {#if store.trouble}<TroubleNote refusal={store.trouble} />{/if}
  <div class="flex flex-wrap gap-x-4 gap-y-2">
    <div class="min-w-48 flex-1">
      <label class="block font-semibold" for="{id}-maker">Maker</label>
      <input id="{id}-maker" class="tap input w-full" maxlength={LIMITS.name} bind:value={form.maker} />
      {#if form.isTried && form.makerWrong}<p role="alert" class="text-error">{form.makerWrong}</p>{/if}
    </div>
    <div class="min-w-48 flex-1">
      <label class="block font-semibold" for="{id}-source">Which sheet</label>
      <input
        id="{id}-source"
        class="tap input w-full"
        maxlength={LIMITS.place}
        placeholder="sheet 12, 2026"
        bind:value={form.source}
      />
      {#if form.isTried && form.sourceWrong}<p role="alert" class="text-error">{form.sourceWrong}</p>{/if}
    </div>
    <label class="flex min-w-48 flex-1 flex-col"
      ><span class="font-semibold">Of</span>
      <select
        class="tap select w-full"
        value={form.join}
        disabled={form.rows.length > 0}
        onchange={({ currentTarget }) => form.changeJoin(currentTarget.value as typeof form.join)}
      >
        {#each SHEET_JOINS as each (each)}<option value={each}>{nameSheetJoin(each)}</option>{/each}
      </select></label
    >
  </div>
  {#if form.rows.length > 0}
    <ul>
      {#each form.rows as row (nameSheetRow(form.join, row))}
        {@const name = nameSheetRow(form.join, row)}
        <li class="border-t border-base-300 py-2">
          <div class="flex items-center justify-between gap-2">
            <p class="text-lg font-semibold">{name}</p>
            <button
              type="button"
              class="tap btn btn-ghost px-2"
              aria-label="Take {name} off the sheet"
              onclick={() => form.remove(row)}><X size={18} aria-hidden="true" /></button
            >
          </div>
          <div class="grid grid-cols-2 items-end gap-x-3 gap-y-1 sm:grid-cols-4">
            {#each figuresOf(row) as figure (figure)}
              {#if SHEET_FIGURES[figure].is === 'length'}
                <MeasureField
                  label={SHEET_FIGURE_WORDS[figure]}
                  {unit}
                  width="w-full"
                  value={row[figure]}
                  optional
                  onmeasure={(value) => form.say(row, figure, value)}
                />
              {:else}
                <TorqueField
                  label={SHEET_FIGURE_WORDS[figure]}
                  {unit}
                  value={row[figure]}
                  ontorque={(value) => form.say(row, figure, value)}
                />
              {/if}
            {/each}
          </div>
        </li>
      {/each}
    </ul>
  {/if}
  <div class="grid grid-cols-2 items-end gap-x-3 gap-y-2 border-t border-base-300 pt-3 sm:flex sm:flex-wrap">
    <label class="flex flex-col text-sm sm:w-44"
      ><span class="chart-label">size</span>
      <select class="tap select w-full" bind:value={form.newSize}>
        {#each form.sizes as size (size)}<option value={size}>{nameSheetSize(form.join, size)}</option>{/each}
      </select></label
    >
    {#if form.hasFittings}
      <label class="flex flex-col text-sm sm:w-40"
        ><span class="chart-label">a line for</span>
        <select
          class="tap select w-full"
          value={form.newThread ? 'fitting' : 'size'}
          onchange={({ currentTarget }) => form.startThread(currentTarget.value === 'fitting')}
        >
          <option value="size">the tubing</option>
          <option value="fitting">an end fitting</option>
        </select></label
      >
    {/if}
    {#if form.newThread}
      {@const thread = form.newThread}
      <label class="flex flex-col text-sm sm:w-24"
        ><span class="chart-label">its thread</span>
        <select
          class="tap select w-full"
          value={thread.size}
          onchange={({ currentTarget }) =>
            (form.newThread = { ...thread, size: currentTarget.value as typeof thread.size })}
        >
          {#each NOMINAL_SIZES as each (each)}<option value={each}>{each}</option>{/each}
        </select></label
      >
      <label class="flex flex-col text-sm sm:w-24"
        ><span class="chart-label">in</span>
        <select
          class="tap select w-full"
          value={thread.system}
          onchange={({ currentTarget }) =>
            (form.newThread = { ...thread, system: currentTarget.value as typeof thread.system })}
        >
          {#each TAPER_FAMILIES as each (each)}<option value={each}>{each}</option>{/each}
        </select></label
      >
      <label class="flex flex-col text-sm sm:w-28"
        ><span class="chart-label">gender</span>
        <select
          class="tap select w-full"
          value={thread.gender}
          onchange={({ currentTarget }) =>
            (form.newThread = { ...thread, gender: currentTarget.value as typeof thread.gender })}
        >
          <option value="male">male</option>
          <option value="female">female</option>
        </select></label
      >
    {/if}
    <button type="button" class="tap btn col-span-2" disabled={form.isThere} onclick={() => form.add()}
      ><Plus size={18} aria-hidden="true" /> Add a line</button
    >
  </div>
  {#if form.isTried && rowsWrong}<p id="{id}-rows" role="alert" tabindex="-1" class="text-error">
      {rowsWrong}
    </p>{/if}
  <p class="chart-label text-sm">
    As the sheet has it, and nothing else: what it leaves out stays what is published of all makers. The sheet
    itself, the maker’s training and the local code go before what is kept here.
  </p>
  <p>
    <button type="button" class="tap btn btn-primary" disabled={store.keeping} onclick={() => void keep()}
      >{store.keeping ? 'Keeping…' : 'Keep it'}</button
    >
  </p>
</Dialog>
