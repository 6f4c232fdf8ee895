<script lang="ts">
  import { MATERIALS, type Material } from '#core/catalogue';
  import {
    compareFindings,
    listOtherSizes,
    tallyRun,
    trySwitch,
    type RunTally,
    findScope,
    SCOPES,
    type Scope,
  } from '#core/switching';
  import { sayFinding, SEVERITY_NAMES } from '#words/findings.ts';
  import { sayMass } from '#words/length-text.ts';
  import { MATERIAL_NAMES } from '#words/parts.ts';
  import { getTapeFormat } from '#core/units';
  import Dialog from '../../controls/Dialog.svelte';
  import LengthText from '../../controls/LengthText.svelte';
  import TroubleNote from '../../controls/TroubleNote.svelte';
  import type { RunStore } from '../../store/run-store.svelte.ts';
  import type { LegEntry } from './leg-entry.svelte.ts';

  interface Props {
    open: boolean;
    entry: LegEntry;
    store: RunStore;
  }
  let { open = $bindable(), entry, store }: Props = $props();
  const id = $props.id();
  const SCOPE_NAMES: Readonly<Record<Scope, string>> = {
    leg: 'this leg',
    stretch: 'the legs in a row',
    branch: 'this leg and all beyond',
  };
  let scope = $state<Scope>('stretch');
  let chosen = $state<Material | null>(null);
  const laid = $derived(open ? entry.selected : null);
  const layout = $derived(open ? entry.layout : null);
  const legs = $derived(laid && layout ? findScope(layout, laid.id, scope) : []);
  const marks = $derived(legs.map((each) => layout!.legs.get(each)!.leg.tag).sort((a, b) => a - b));
  const own = $derived(new Set(legs.map((each) => layout!.legs.get(each)!.leg.material)));
  const before = $derived(layout ? tallyRun(layout, store.details) : null);
  const rows = $derived(
    layout && legs.length > 0
      ? MATERIALS.filter((material) => own.size > 1 || !own.has(material)).map((material) =>
          trySwitch(layout, store.catalogue, legs, material, store.details),
        )
      : [],
  );
  const picked = $derived(rows.find(({ material }) => material === chosen) ?? null);
  const unit = $derived(entry.unit);
  const say = (finding: (typeof rows)[number]['findings'][number]) =>
    `${SEVERITY_NAMES[finding.severity]}. ${sayFinding(finding, unit)}`;
  const unlike = $derived(picked ? compareFindings(store.findings, picked.findings) : null);
  const gained = $derived([...new Set(unlike?.gained.map(say) ?? [])]);
  const lost = $derived([...new Set(unlike?.lost.map(say) ?? [])]);
  const otherSizes = $derived(picked && layout ? listOtherSizes(layout, picked) : []);
  const format = $derived(getTapeFormat(layout?.rules['tape-rounding'].option ?? '1/16'));
  const countStops = (findings: (typeof rows)[number]['findings']) =>
    findings.filter(({ severity }) => severity === 'stop').length;

  type Count = 'pieces' | 'joints' | 'leakPoints' | 'fittings' | 'supports' | 'unmeasured';
  const COLUMNS: readonly (readonly [Count, string])[] = [
    ['pieces', 'pieces'],
    ['joints', 'joints made'],
    ['leakPoints', 'leak points'],
    ['fittings', 'fittings'],
    ['supports', 'supports'],
    ['unmeasured', 'to measure'],
  ];
  function take(): void {
    if (picked && entry.take({ ok: true, value: picked.change })) open = false;
  }
</script>

<Dialog bind:open title="Another material">
  {#if laid && layout && before}
    {#if entry.refusal}<TroubleNote refusal={entry.refusal} />{/if}
    <fieldset>
      <legend class="chart-label">what is switched</legend>
      <div class="flex flex-wrap gap-x-6">
        {#each SCOPES as each (each)}
          <label class="tap flex cursor-pointer items-center gap-2">
            <input
              type="radio"
              class="radio checked:bg-accent checked:text-accent-content"
              name="{id}-scope"
              value={each}
              bind:group={scope}
            />
            {SCOPE_NAMES[each]}
          </label>
        {/each}
      </div>
      <p class="chart-label text-sm">{marks.length === 1 ? 'leg' : 'legs'} {marks.join(', ')}</p>
    </fieldset>
    <div class="shrink-0">
      <table class="w-full">
        <caption class="chart-label text-left text-sm">
          What the whole run comes to. Cost and hours are not counted; the sizes are the nearest made.
        </caption>
        <thead>
          <tr>
            <th scope="col" class="text-left">legs of</th>
            {#each COLUMNS as [key, name] (key)}<th scope="col" class="text-right">{name}</th>{/each}
            <th scope="col" class="text-right">pipe, weight</th>
            <th scope="col" class="text-right">stops</th>
          </tr>
        </thead>
        <tbody>
          {@render row(null, before, countStops(store.findings))}
          {#each rows as { material, tally, findings } (material)}
            {@render row(material, tally, countStops(findings))}
          {/each}
        </tbody>
      </table>
    </div>
    {#if picked}
      <section aria-live="polite" class="flex flex-col gap-1 text-sm">
        <p>
          Pipe: {#each picked.tally.byMaterial as { material, length }, i (material)}{i > 0
              ? '; '
              : ''}<LengthText {length} {unit} {format} /> of {MATERIAL_NAMES[material]}{/each}.
        </p>
        {#each otherSizes as { marks: which, from, to } (`${from} ${to}`)}
          <p>
            {which.length === 1 ? 'Leg' : 'Legs'}
            {which.join(', ')}: {from} becomes {to}, the nearest made. Look whether it carries the load.
          </p>
        {/each}
        {#if gained.length > 0}
          <h3 class="text-base font-semibold">It would be said besides</h3>
          <ul class="list-disc pl-5">
            {#each gained as each (each)}<li>{each}</li>{/each}
          </ul>
        {/if}
        {#if lost.length > 0}
          <h3 class="text-base font-semibold">No longer said</h3>
          <ul class="list-disc pl-5">
            {#each lost as each (each)}<li>{each}</li>{/each}
          </ul>
        {/if}
        {#if gained.length + lost.length === 0}<p>Nothing else would be said of the run.</p>{/if}
      </section>
    {/if}
    <button type="button" class="tap btn self-start btn-primary" disabled={!picked} onclick={take}
      >{picked ? `Switch to ${MATERIAL_NAMES[picked.material]}` : 'Choose a material'}</button
    >
    <p class="chart-label text-sm">
      What is set of the old material stays with its legs: switching back brings it back. Whether it may run
      there, and the maker’s sheet, go before any count.
    </p>
  {/if}
</Dialog>

{#snippet row(material: Material | null, tally: RunTally, stops: number)}
  <tr>
    <th scope="row" class="text-left font-normal">
      {#if material === null}as it is
      {:else}
        <label class="tap flex cursor-pointer items-center gap-2">
          <input
            type="radio"
            class="radio checked:bg-accent checked:text-accent-content"
            name="{id}-material"
            value={material}
            bind:group={chosen}
          />
          {MATERIAL_NAMES[material]}
        </label>
      {/if}
    </th>
    {#each COLUMNS as [key, name] (key)}
      <td class="text-right tabular-nums" data-label={name}
        >{tally[key]}{#if key === 'supports' && tally.supportsAsked > 0}<span class="text-warning">
            + ask</span
          >{/if}{#if material !== null && tally[key] !== before![key]}<span class="chart-label block text-xs"
            >{tally[key] > before![key] ? '+' : '−'}{Math.abs(tally[key] - before![key])}</span
          >{/if}</td
      >
    {/each}
    <td class="text-right whitespace-nowrap" data-label="pipe, weight"
      >{#if tally.length > 0}<LengthText
          length={tally.length}
          {unit}
          {format}
        />{/if}{#if tally.cutsUnknown > 0}<span class="block text-xs text-warning"
          >{tally.cutsUnknown} not known</span
        >{/if}<span class="block text-sm"
        >{sayMass(tally.mass, unit)}{#if tally.massUnknown > 0}<span class="text-xs text-warning">
            + {tally.massUnknown} not known</span
          >{/if}</span
      ></td
    >
    <td data-label="stops" class="text-right {stops > 0 ? 'font-medium text-error' : ''}">{stops}</td>
  </tr>
{/snippet}

<style>
  th,
  td {
    padding: 0.25rem 0.4rem;
    vertical-align: middle;
  }
  tbody tr {
    border-top: 1px solid var(--color-base-300);
  }
  thead th {
    font-size: 0.875rem;
    line-height: 1.15;
  }
  /* In the hand each material is a card of its own: its name, then its figures by name. */
  @media (max-width: 639px) {
    thead {
      position: absolute;
      width: 1px;
      height: 1px;
      overflow: hidden;
      clip-path: inset(50%);
    }
    table,
    tbody,
    caption {
      display: block;
    }
    tbody tr {
      display: grid;
      grid-template-columns: repeat(4, minmax(0, 1fr));
      padding: 0.4rem 0;
    }
    tbody th {
      grid-column: 1 / -1;
      font-weight: 600;
    }
    td {
      text-align: left;
      padding: 0.1rem 0.2rem;
    }
    td[data-label='pipe, weight'] {
      grid-column: span 2;
    }
    td::before {
      content: attr(data-label);
      display: block;
      font-size: 0.75rem;
      line-height: 1.1;
      color: var(--color-secondary);
    }
  }
</style>
