<script lang="ts">
  import type { RefPoint } from '#core/runs/document';
  import Dialog from '../../controls/Dialog.svelte';
  import PointSelect from '../../controls/PointSelect.svelte';
  import type { LegEntry } from './leg-entry.svelte.ts';
  import { listStations } from './station-choices.ts';

  let { open = $bindable(), entry }: { open: boolean; entry: LegEntry } = $props();
  const stations = $derived(
    open && entry.layout ? listStations(entry.layout).filter(({ kind }) => kind === 'node') : [],
  );
  const pickFrom = (at: RefPoint, gap: number) => entry.say({ says: 'from', point: { at, gap } });
  const pickTo = (at: RefPoint, gap: number) => entry.say({ says: 'to', point: { at, gap } });
</script>

<Dialog bind:open title="Measured from where to where">
  <p>
    Centre to centre unless you say otherwise. A datum stays until it is let go: give every fitting of a
    straight header its running dimension from it.
  </p>
  <label class="flex flex-col"
    ><span class="chart-label">from</span>
    <select
      class="tap select w-full max-w-md"
      value={entry.datum ?? ''}
      onchange={(event) => entry.say({ says: 'datum', datum: event.currentTarget.value || null })}
    >
      <option value="">where the leg grows from</option>
      {#each stations as { id, name } (id)}<option value={id}>datum: {name}</option>{/each}
    </select></label
  >
  <div class="grid gap-4 sm:grid-cols-2">
    <PointSelect label="taken from its" unit={entry.unit} {...entry.fromPoint} onpick={pickFrom} />
    <PointSelect label="to the new fitting’s" unit={entry.unit} {...entry.toPoint} onpick={pickTo} />
  </div>
  <p class="chart-label text-sm">
    Face: the opening that looks along the measure. Back: its outside on the far side. Wall behind: a wall so
    far behind that back. Pipe end: the end of the pipe made up there.
  </p>
  <p class="flex flex-wrap gap-2">
    <button
      type="button"
      class="tap btn"
      onclick={() => {
        entry.say({ says: 'datum', datum: null });
        pickFrom('centre', 0);
        pickTo('centre', 0);
      }}>Centre to centre</button
    >
    <button type="button" class="tap btn btn-primary" onclick={() => (open = false)}>Done</button>
  </p>
</Dialog>
