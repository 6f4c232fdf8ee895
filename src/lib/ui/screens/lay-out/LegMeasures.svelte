<script lang="ts">
  import { AXES, type Axis } from '#core/geometry';
  import type { LaidLeg } from '#core/runs/pieces';
  import { centreOf, type Measure, type Ref, getLegsByNode, findStraightLine } from '#core/runs/document';
  import MeasureField from '../../controls/MeasureField.svelte';
  import PointSelect from '../../controls/PointSelect.svelte';
  import type { LegEntry } from './leg-entry.svelte.ts';
  import type { RunEditor } from './run-editor.ts';
  import { listStations } from './station-choices.ts';

  let { laid, entry, editor }: { laid: LaidLeg; entry: LegEntry; editor: RunEditor } = $props();
  const unit = $derived(entry.unit);
  const doc = $derived(entry.store.doc);
  const legsByNode = $derived(doc ? getLegsByNode(doc) : new Map<string, never>());
  const stations = $derived(entry.layout ? listStations(entry.layout) : []);
  /** Every measure that runs over this leg; places of parts in legs stand beside the part. */
  const measures = $derived(
    Object.values(doc?.measures ?? {}).filter(
      ({ from, to, along }) =>
        to.kind === 'node' &&
        (along !== null ||
          findStraightLine(doc!, legsByNode, from, to)?.legs.some(({ id }) => id === laid.id)),
    ),
  );
  /** A measure being added. */
  let fresh = $state.raw<{ from: Ref; to: Ref; along: Axis | null } | null>(null);

  const findStage = (id: string) => stations.find((station) => station.id === id);
  const turnTo = (ref: Ref, id: string): Ref => {
    const station = findStage(id);
    return station ? { ...ref, kind: station.kind, id: station.id } : ref;
  };
  function change(measure: Measure | null, said: Partial<Pick<Measure, 'from' | 'to' | 'along'>>): void {
    if (measure) editor.referMeasure(measure.id, said);
    else if (fresh) fresh = { ...fresh, ...said };
  }
  function add(value: number | null, typed: string): void {
    if (fresh && value !== null && editor.addMeasure({ ...fresh, value, typed })) fresh = null;
  }
</script>

{#snippet points(measure: Measure | null, from: Ref, to: Ref, along: Axis | null)}
  {#each [['from', from], ['to', to]] as const as [side, ref] (side)}
    <div class="flex flex-wrap items-end gap-2">
      <label class="flex flex-col text-sm"
        ><span class="chart-label">{side}</span>
        <select
          class="tap select w-52"
          value={ref.id}
          onchange={(event) => change(measure, { [side]: turnTo(ref, event.currentTarget.value) })}
        >
          {#each stations as { id, name } (id)}<option value={id}>{name}</option>{/each}
        </select></label
      >
      <PointSelect
        label="{side} its"
        {unit}
        at={ref.at}
        gap={ref.gap}
        onpick={(at, gap) => change(measure, { [side]: { ...ref, at, gap } })}
      />
    </div>
  {/each}
  <label class="flex flex-col text-sm"
    ><span class="chart-label">runs</span>
    <select
      class="tap select w-52"
      value={along ?? ''}
      onchange={(event) => change(measure, { along: (event.currentTarget.value || null) as Axis | null })}
    >
      <option value="">along the pipe</option>
      {#each AXES as axis (axis)}<option value={axis}>square, {axis}</option>{/each}
    </select></label
  >
{/snippet}

<section class="border-t border-base-300 pt-3" aria-label="Measures over this leg">
  <h3 class="text-lg font-semibold">Measures over this leg</h3>
  {#each measures as measure (measure.id)}
    <div class="my-2 flex flex-wrap items-end gap-3 border-l-4 border-base-300 pl-3">
      <MeasureField
        label="as measured"
        {unit}
        value={measure.value}
        onmeasure={(value, typed) => {
          if (value !== null) editor.referMeasure(measure.id, { value, typed });
        }}
      />
      {@render points(measure, measure.from, measure.to, measure.along)}
      <button type="button" class="tap btn" onclick={() => editor.removeMeasure(measure.id)}
        >Strike out</button
      >
    </div>
  {:else}
    <p class="text-sm">None: its length follows from other measures, from its parts, or is not known.</p>
  {/each}
  {#if fresh}
    <div class="my-2 flex flex-wrap items-end gap-3 border-l-4 border-accent pl-3">
      {@render points(null, fresh.from, fresh.to, fresh.along)}
      <MeasureField label="as measured" {unit} onmeasure={add} />
      <button type="button" class="tap btn" onclick={() => (fresh = null)}>Leave it</button>
    </div>
  {:else}
    <button
      type="button"
      class="tap btn"
      onclick={() => (fresh = { from: centreOf(laid.near), to: centreOf(laid.far), along: null })}
      >Add a measure</button
    >
  {/if}
</section>
