<script lang="ts">
  import { getZoneOf, findWayFrom, hasPipe } from '#core/runs/document';
  import { resolve } from '$app/paths';
  import { page } from '$app/state';
  import { MATERIALS, type Material, type Stock } from '#core/catalogue';
  import { getCraft } from '#core/materials';
  import type { LegSize } from '#core/ends';
  import { type Axis, findDiagonal, getOppositeWay, isAxis, type Way } from '#core/geometry';
  import type { LaidLeg } from '#core/runs/pieces';
  import { ZONES, type ZoneId } from '#core/permissions';
  import { ZONE_NAMES } from '#words/places.ts';
  import { MATERIAL_NAMES, STOCK_NAMES } from '#words/parts.ts';
  import { nameWay } from '#words/ways.ts';
  import Dialog from '../../controls/Dialog.svelte';
  import MeasureField from '../../controls/MeasureField.svelte';
  import TroubleNote from '../../controls/TroubleNote.svelte';
  import DirectionRose from '../../instruments/DirectionRose.svelte';
  import EndSelect from './EndSelect.svelte';
  import InlineParts from './InlineParts.svelte';
  import type { LegEntry } from './leg-entry.svelte.ts';
  import PassageFields from './PassageFields.svelte';
  import LegMeasures from './LegMeasures.svelte';
  import { OffsetEntry } from './offset-entry.svelte.ts';
  import OffsetFields from './OffsetFields.svelte';
  import type { RunEditor } from './run-editor.ts';

  interface Props {
    open: boolean;
    entry: LegEntry;
    editor: RunEditor;
    /** Other materials are held against this one. */
    onswitch: () => void;
  }
  let { open = $bindable(), entry, editor, onswitch }: Props = $props();
  const laid = $derived<LaidLeg | null>(open ? entry.selected : null);
  const beyond = $derived(laid ? editor.countBeyond(laid.id) : 0);
  const zone = $derived<ZoneId | null>(laid && entry.layout ? getZoneOf(entry.layout, laid.leg) : null);
  const isPipe = $derived(laid?.leg.geometry.kind === 'axis');
  const isMeasurable = $derived(isPipe || laid?.leg.geometry.kind === 'route');
  const stocks = $derived(laid ? (getCraft(laid.leg).fields.stock as readonly Stock[]) : []);
  /** Measured along its way, or from crossing to crossing: the figure stays. */
  function follow(isRoute: boolean): void {
    const geometry = laid?.leg.geometry;
    if (laid && (geometry?.kind === 'axis' || geometry?.kind === 'route'))
      editor.redirect(laid.id, { kind: isRoute ? 'route' : 'axis', axis: geometry.axis });
  }
  let branchFrom = $state<'near' | 'far'>('near');
  let slanting = $state(false);
  const offset = new OffsetEntry(() => entry.unit);

  /** Ways are as the gas goes; the leg keeps the direction in which it was drawn. */
  function turn(axis: Axis): void {
    if (!laid) return;
    const now = findWayFrom(laid.leg, laid.near);
    const slant = slanting && now && isAxis(now) ? findDiagonal(now, axis) : null;
    const way: Way = slant ?? axis;
    const drawn = laid.leg.from === laid.near ? way : getOppositeWay(way);
    slanting = false;
    const { geometry } = laid.leg;
    editor.redirect(
      laid.id,
      geometry.kind === 'made-up' || geometry.kind === 'connector' || geometry.kind === 'route'
        ? { ...geometry, axis: drawn }
        : { kind: 'axis', axis: drawn },
    );
  }

  function makeOffset(): void {
    if (laid && offset.geometry && editor.redirect(laid.id, offset.geometry)) offset.clear();
  }

  function branch(value: number | null, typed: string): void {
    if (!laid || value === null) return;
    const from = branchFrom === 'near' ? laid.near : laid.far;
    if (editor.branchHere(laid.id, { from, value, typed })) open = false;
  }
</script>

<Dialog bind:open title={laid ? `Leg ${laid.leg.tag}` : 'Leg'}>
  {#if laid}
    {#if entry.refusal}<TroubleNote refusal={entry.refusal} />{/if}
    <div class="flex flex-wrap items-end gap-4">
      <label class="flex flex-col text-sm"
        ><span class="chart-label">size</span>
        <select
          class="tap select w-28 text-lg font-semibold"
          value={laid.leg.size}
          onchange={(event) => editor.resize(laid.id, event.currentTarget.value as LegSize)}
        >
          {#each getCraft(laid.leg).listSizes(laid.leg.material) as size (size)}<option>{size}</option>{/each}
        </select></label
      >
      <label class="flex flex-col text-sm"
        ><span class="chart-label">pipe</span>
        <select
          class="tap select w-56"
          value={laid.leg.material}
          onchange={(event) => editor.changeMaterial(laid.id, event.currentTarget.value as Material)}
        >
          {#each MATERIALS as material (material)}<option value={material}>{MATERIAL_NAMES[material]}</option
            >{/each}
        </select></label
      >
      {#if stocks.length > 1}
        <label class="flex flex-col text-sm"
          ><span class="chart-label">taken from</span>
          <select
            class="tap select w-52"
            value={laid.leg.stock}
            onchange={(event) => editor.changeStock(laid.id, event.currentTarget.value as Stock)}
          >
            {#each stocks as stock (stock)}<option value={stock}>{STOCK_NAMES[stock]}</option>{/each}
          </select></label
        >
      {/if}
      {#if getCraft(laid.leg).turnsBy === 'bend' && isMeasurable}
        <label class="tap flex items-center gap-2"
          ><input
            type="checkbox"
            class="checkbox"
            checked={laid.leg.geometry.kind === 'route'}
            onchange={(event) => follow(event.currentTarget.checked)}
          /> measured along its way only</label
        >
      {/if}
      <button type="button" class="tap btn" onclick={() => editor.resize(null, laid.leg.size)}>
        All legs {laid.leg.size}
      </button>
      {#if getCraft(laid.leg).isForGround}
        <a
          class="tap btn"
          href={resolve('/jobs/[job]/runs/[run]/check', {
            job: page.params['job']!,
            run: page.params['run']!,
          })}>In the ground: cover, risers, print lines</a
        >
      {/if}
      {#if hasPipe(laid.leg)}
        <button
          type="button"
          class="tap btn"
          onclick={() => {
            open = false;
            onswitch();
          }}>Compare materials</button
        >
      {/if}
    </div>

    <div class="flex flex-wrap items-end gap-4">
      <label class="flex flex-col text-sm"
        ><span class="chart-label">where it runs</span>
        <select
          class="tap select w-64"
          value={zone ?? ''}
          onchange={(event) =>
            editor.sayZone(laid.id, (event.currentTarget.value || null) as ZoneId | null, false)}
        >
          <option value="">not said yet</option>
          {#each ZONES as each (each)}<option value={each}>{ZONE_NAMES[each].name}</option>{/each}
        </select></label
      >
      {#if beyond > 0 && zone !== null}
        <button type="button" class="tap btn" onclick={() => editor.sayZone(laid.id, zone, true)}>
          So do the {beyond} beyond
        </button>
      {/if}
    </div>

    {#if hasPipe(laid.leg)}
      <InlineParts {laid} {entry} {editor} />
      <PassageFields {laid} {entry} />
    {/if}

    {#if isPipe}
      <section class="border-t border-base-300 pt-3" aria-label="Branch here">
        <h3 class="text-lg font-semibold">Branch here</h3>
        <p class="text-sm">
          Puts a fitting into this leg where you measured it; the run then grows from there. The measure over
          the whole leg stays.
        </p>
        <div class="flex flex-wrap items-end gap-3">
          <EndSelect {laid} layout={entry.layout} bind:end={branchFrom} />
          <MeasureField label="to its centre" unit={entry.unit} onmeasure={branch} />
        </div>
      </section>
    {/if}

    <LegMeasures {laid} {entry} {editor} />

    <section class="border-t border-base-300 pt-3" aria-label="Another way">
      <h3 class="text-lg font-semibold">Another way</h3>
      <p class="text-sm">
        Goes {nameWay(findWayFrom(laid.leg, laid.near))} now. All beyond it turns up where it then leads.
      </p>
      <div class="flex flex-wrap items-start gap-4">
        <div class="w-44">
          <DirectionRose
            axis={findWayFrom(laid.leg, laid.near)}
            taken={[]}
            {slanting}
            quarters={entry.quarters}
            label="Another direction for the leg"
            onpick={turn}
            onslant={() => (slanting = !slanting)}
          />
        </div>
        {#if hasPipe(laid.leg) && getCraft(laid.leg).screws}
          <details class="grow" open={laid.leg.geometry.kind === 'offset'}>
            <summary class="tap cursor-pointer py-2 underline decoration-dotted">as an offset</summary>
            <OffsetFields {offset} unit={entry.unit} />
            <button type="button" class="tap btn mt-2" disabled={!offset.geometry} onclick={makeOffset}
              >Make it this offset</button
            >
          </details>
        {/if}
      </div>
    </section>

    <section class="flex flex-wrap gap-2 border-t border-base-300 pt-3" aria-label="Move, put in, take out">
      <button
        type="button"
        class="tap btn"
        onclick={() => {
          entry.insertAfter(laid.id);
          open = false;
        }}>Put a leg in after it</button
      >
      <button
        type="button"
        class="tap btn"
        onclick={() => {
          const { id } = laid;
          entry.moveLeg(id);
          open = false;
        }}>Hang it elsewhere</button
      >
      <button
        type="button"
        class="tap btn"
        onclick={() => {
          if (editor.takeOut(laid.id)) open = false;
        }}>Take out, close the gap</button
      >
      <button
        type="button"
        class="tap btn btn-outline btn-error"
        onclick={() => {
          editor.remove(laid.id);
          open = false;
        }}>Remove{beyond > 0 ? ` with ${beyond} beyond` : ''}</button
      >
    </section>
  {/if}
</Dialog>
