<script lang="ts">
  import type { CutSheet } from '#core/cutting';
  import type { HouseRules } from '#core/house-rules';
  import { type LengthUnit, type TapeGraduation, getTapeFormat } from '#core/units';
  import { MATERIAL_NAMES, namePart, sayRating } from '#words/parts.ts';
  import { sayConnector } from '#words/appliances.ts';
  import { sayCount } from '#words/counts.ts';
  import { sayPipeTotal, sayUnknownCuts } from '#words/pipe-totals.ts';
  import { sayShop } from '#words/shop.ts';
  import { sayLength } from '#words/length-text.ts';
  import { counterList } from '../parts/counter-list.svelte.ts';
  import LengthText from '../../controls/LengthText.svelte';

  interface Props {
    sheet: CutSheet;
    unit: LengthUnit;
    graduation: TapeGraduation;
    rules: HouseRules;
    /** As the shop calls its own parts, by the ids of parts. */
    ownNames?: ReadonlyMap<string, string>;
  }
  let { sheet, unit, graduation, rules, ownNames = new Map() }: Props = $props();
  let listed = $state(false);
  /** What is asked for at the counter: fittings, and nipples as they are bought. */
  function list(): void {
    void counterList.add([
      ...sheet.fittings.map(({ part, count }) => ({
        part: part.id,
        name: ownNames.get(part.id) ?? null,
        count,
      })),
      ...sheet.nipples.map(({ size, length, count }) => ({
        part: `nipple ${size} ${length}`,
        name: `${size} nipple, ${sayLength(length, unit)} long`,
        count,
      })),
    ]);
    listed = true;
  }
  const format = $derived(getTapeFormat(graduation));
</script>

<section aria-label="Totals" class="totals grid gap-8 sm:grid-cols-2 print:grid-cols-2">
  <div>
    <h2 class="text-xl font-semibold">Pipe</h2>
    <ul>
      {#each sheet.sizes as total (`${total.material} ${total.size}`)}
        {@const said = sayPipeTotal(total, unit, rules['stock-length'].option)}
        <li class="py-1">
          <strong>{total.size} {MATERIAL_NAMES[total.material]}:</strong>
          {#if said !== null}<LengthText length={total.length} {unit} {format} />
            {said}{/if}{#if total.unknown > 0}<span class="font-semibold text-error"
              >{said === null ? '' : '; '}{sayUnknownCuts(total)}</span
            >{/if}
          <span class="chart-label block text-sm">{sayShop(total.material, total.size, rules)}</span>
        </li>
      {/each}
    </ul>
  </div>
  <div>
    <div class="flex flex-wrap items-center justify-between gap-2">
      <h2 class="text-xl font-semibold">Fittings</h2>
      <button type="button" class="no-print tap btn" onclick={list} aria-live="polite"
        >{listed ? 'On the counter list' : 'To the counter list'}</button
      >
    </div>
    <ul>
      {#each sheet.fittings as total (total.part.id)}
        <li class="py-1">
          <strong>{total.count} ×</strong>
          {ownNames.get(total.part.id) ?? namePart(total.part)}{sayRating(total.part)}
        </li>
      {:else}<li class="py-1">none yet</li>{/each}
      {#each sheet.connectors as total (sayConnector(total, unit))}
        <li class="py-1"><strong>{total.count} ×</strong> {sayConnector(total, unit)}</li>
      {/each}
    </ul>
    <p class="mt-2">
      <strong>{sayCount(sheet.joints.made, 'joint')}</strong> to make{#if sheet.joints.seats > 0}, and
        {sayCount(sheet.joints.seats, 'seat')} inside parts: {sayCount(sheet.joints.leakPoints, 'place')} to look
        at in the test{/if}
    </p>
    {#if sheet.nipples.length > 0}
      <h2 class="mt-3 text-xl font-semibold">Nipples to buy</h2>
      <ul>
        {#each sheet.nipples as { size, length, count } (`${size} ${length}`)}
          <li class="py-1"><strong>{count} ×</strong> {size} nipple, {sayLength(length, 'in')}</li>
        {/each}
      </ul>
    {/if}
  </div>
</section>

<style>
  .totals {
    break-inside: avoid;
  }
</style>
