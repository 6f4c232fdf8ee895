<!-- A part of the shop's own: what it joins, how long it is, what it costs. -->
<script lang="ts">
  import { tick } from 'svelte';
  import { SHOP_PART_KINDS, SHOP_PART_MATERIALS } from '#core/catalogue';
  import { LIMITS } from '#core/shapes';
  import { MATERIAL_OF_PART, namePartKind } from '#words/parts.ts';
  import Dialog from '../../controls/Dialog.svelte';
  import MeasureField from '../../controls/MeasureField.svelte';
  import TroubleNote from '../../controls/TroubleNote.svelte';
  import { unitSetting } from '../../controls/unit-setting.svelte.ts';
  import type { PartsStore } from '../../store/parts-store.svelte.ts';
  import EndPicker from '../../instruments/EndPicker.svelte';
  import type { OwnPartForm } from './own-part-form.svelte.ts';

  interface Props {
    open: boolean;
    form: OwnPartForm;
    store: PartsStore;
    isNew: boolean;
  }
  let { open = $bindable(), form, store, isNew }: Props = $props();
  const id = $props.id();

  async function keep(): Promise<void> {
    form.isTried = true;
    if (!form.isWhole) {
      await tick();
      const at = form.nameWrong ? 'name' : form.endsWrong ? 'ends' : 'price';
      document.getElementById(`${id}-${at}`)?.focus();
    } else if (await store.keepEdits([{ was: form.was, wanted: form.toPart() }])) open = false;
    // What was typed stays; pressed again it is put into the part as it is by now.
    else if (store.trouble?.code === 'changed-elsewhere')
      form.restOn(store.items.find(({ id }) => id === form.id) ?? null);
  }
</script>

<Dialog bind:open title={isNew ? 'A part of the shop’s own' : `${form.name}`}>
  {#if store.trouble}<TroubleNote refusal={store.trouble} />{/if}
  <div>
    <label class="block font-semibold" for="{id}-name">Name, as you ask for it</label>
    <input id="{id}-name" class="input h-12 w-full text-lg" maxlength={LIMITS.name} bind:value={form.name} />
    {#if form.isTried && form.nameWrong}<p role="alert" class="text-error">{form.nameWrong}</p>{/if}
  </div>
  <div class="flex flex-wrap gap-x-4 gap-y-2">
    <label class="flex min-w-48 flex-1 flex-col"
      ><span class="font-semibold">What it is</span>
      <select class="tap select w-full" bind:value={form.kind}>
        {#each SHOP_PART_KINDS as each (each)}<option value={each}>{namePartKind(each)}</option>{/each}
      </select></label
    >
    <label class="flex min-w-40 flex-1 flex-col"
      ><span class="font-semibold">Made of</span>
      <select class="tap select w-full" bind:value={form.material}>
        {#each SHOP_PART_MATERIALS as each (each)}<option value={each}
            >{each === 'as-found' ? 'not said' : MATERIAL_OF_PART[each]}</option
          >{/each}
      </select></label
    >
  </div>
  <EndPicker title="One end" choice={form.ends[0]} specimens={[]} />
  <EndPicker title="The other" choice={form.ends[1]} specimens={[]} />
  {#if form.isTried && form.endsWrong}<p id="{id}-ends" role="alert" tabindex="-1" class="text-error">
      {form.endsWrong}
    </p>{/if}
  <div class="flex flex-wrap items-end gap-x-4 gap-y-2">
    <MeasureField
      label="length over all"
      unit={unitSetting.unit}
      value={form.length}
      placeholder="measure it"
      optional
      onmeasure={(length) => (form.length = length)}
    />
    <label class="flex w-36 flex-col text-sm"
      ><span class="chart-label">price of one</span>
      <input
        id="{id}-price"
        class="tap input w-full"
        inputmode="decimal"
        maxlength="12"
        bind:value={form.price}
      /></label
    >
    <label class="tap flex items-center gap-2"
      ><input type="checkbox" class="checkbox" bind:checked={form.retired} /> no longer bought</label
    >
  </div>
  {#if form.priceWrong}<p role="alert" class="text-error">{form.priceWrong}</p>{/if}
  <label class="flex flex-col"
    ><span class="font-semibold">Note</span>
    <textarea class="input h-20 w-full py-2" maxlength={LIMITS.reason} rows="2" bind:value={form.note}
    ></textarea></label
  >
  <p class="chart-label text-sm">
    A part joins what its ends join, by the rules of every other part: writing one down makes nothing fit gas
    that does not.
  </p>
  <p>
    <button type="button" class="tap btn btn-primary" disabled={store.keeping} onclick={() => void keep()}
      >{store.keeping ? 'Keeping…' : 'Keep it'}</button
    >
  </p>
</Dialog>
