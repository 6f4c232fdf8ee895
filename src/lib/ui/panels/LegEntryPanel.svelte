<script lang="ts">
  import { standardCatalogue } from '#core/catalogue/standard-catalogue.ts';
  import type { NominalSize } from '#core/catalogue/size.ts';
  import { nameRef } from '#core/runs/name-ref.ts';
  import { nameFitting } from '#words/parts.ts';
  import { REF_POINT_NAMES, sayRef } from '#words/refs.ts';
  import { sayLength } from '#words/length-text.ts';
  import { sayRefusal } from '#words/refusals.ts';
  import { sayWay } from '#words/ways.ts';
  import DirectionRose from '../instruments/DirectionRose.svelte';
  import FractionKeypad from '../instruments/FractionKeypad.svelte';
  import { findAxisForKey, isSlantKey } from '../instruments/axis-keys.ts';
  import LengthText from '../controls/LengthText.svelte';
  import TroubleNote from '../controls/TroubleNote.svelte';
  import type { LegEntry, LegKind } from './leg-entry.svelte.ts';
  import MeasurePointsDialog from './MeasurePointsDialog.svelte';
  import OffsetFields from './OffsetFields.svelte';

  let { entry }: { entry: LegEntry } = $props();
  const id = $props.id();
  let field = $state<HTMLInputElement | null>(null);
  let pointsOpen = $state(false);

  const empty = $derived(entry.layout?.legs.size === 0);
  const reading = $derived(entry.reading);
  /** Said while typing: how it was read when that could surprise, what is wrong once it cannot become right. */
  const says = $derived(reading?.ok ? `read as ${sayLength(reading.value.length, entry.unit)}` : '');
  const growsFrom = $derived.by(() => {
    if (entry.inserting) {
      const before = entry.layout?.legs.get(entry.inserting);
      return `in between, at the far end of leg ${before?.leg.tag ?? '?'}`;
    }
    const node = entry.growingNode;
    if (!node || empty) return 'from the source';
    const [leg] = node.legs;
    return `from the ${nameFitting(node.fitting)} at leg ${leg?.tag ?? '?'}`;
  });
  const title = $derived(entry.inserting ? 'Leg in between' : empty ? 'First leg' : 'Next leg');
  const measured = $derived.by(() => {
    const { datum, fromPoint, toPoint, layout } = entry;
    const to = REF_POINT_NAMES[toPoint.at].name;
    if (datum && layout) {
      const from = nameRef(layout, { kind: 'node', id: datum, ...fromPoint });
      return `from ${sayRef(from, entry.unit)} to ${to}`;
    }
    return `${REF_POINT_NAMES[fromPoint.at].name} to ${to}`;
  });
  const isPlainMeasure = $derived(measured === 'centre to centre');
  const KINDS: readonly { kind: LegKind; name: string; says: string }[] = [
    { kind: 'pipe', name: 'pipe', says: 'a leg of pipe' },
    { kind: 'offset', name: 'offset', says: 'an offset between two 45° elbows' },
    { kind: 'fitting', name: 'no pipe', says: 'fitting straight into fitting' },
  ];
  /** A picked leg whose length is not measured. */
  const follows = $derived(entry.selected ? entry.selected.leg.geometry.kind !== 'axis' : false);
  const way = $derived(entry.axis ? sayWay(entry.axis) : null);
  /** What the button does, up to the length it does it with. */
  const doWords = $derived.by(() => {
    if (entry.selected) return `Measure leg ${entry.selected.leg.tag} again${reading?.ok ? ': ' : ''}`;
    const verb = entry.inserting ? 'Put in' : 'Add';
    if (entry.kind === 'offset') return entry.geometry ? `${verb} offset` : 'Say the ways and two figures';
    if (entry.kind === 'fitting') return way ? `${verb} fitting: ${way}` : 'Pick the way it looks';
    if (!way) return reading?.ok ? 'Pick a direction for ' : 'Pick a direction and type the measure';
    return reading?.ok ? `${verb} leg: ${way} ` : `${way}: type the measure`;
  });

  function onKey(event: KeyboardEvent): void {
    if (event.ctrlKey || event.metaKey || event.altKey) return;
    if (event.key === '[' || event.key === ']') {
      event.preventDefault();
      entry.stepPoint(event.key === ']' ? 1 : -1);
      return;
    }
    if (entry.selected) return;
    const before = entry.typed.slice(0, field?.selectionStart ?? 0);
    const kind = before.trim() === '' ? KIND_KEYS[event.key] : undefined;
    if (kind) {
      event.preventDefault();
      entry.takeKind(kind);
      return;
    }
    const axis = findAxisForKey(event.key, before);
    if (!axis) return;
    event.preventDefault();
    if (isSlantKey(event.key) && !entry.slanting) entry.toggleSlant();
    entry.pickAxis(axis);
  }
  const KIND_KEYS: Readonly<Partial<Record<string, LegKind>>> = { p: 'pipe', s: 'offset', n: 'fitting' };

  function onSubmit(event: SubmitEvent): void {
    event.preventDefault();
    entry.enter();
  }

  /** A measure typed by keys goes on at the field; the pad must not call up the phone's own keyboard. */
  export const focusField = (): void => field?.focus();
</script>

<form
  class="flex flex-col gap-2"
  onsubmit={onSubmit}
  aria-label={entry.selected ? 'Measure again' : 'Next leg'}
>
  <div class="flex items-end justify-between gap-2">
    <p class="min-w-0 grow leading-tight">
      {#if entry.selected}
        <strong class="text-lg">Leg {entry.selected.leg.tag}</strong>
        <button type="button" class="tap btn btn-ghost underline btn-sm" onclick={() => entry.growOn()}
          >back to growing</button
        >
      {:else}
        <strong class="text-lg max-sm:sr-only">{title}</strong>
        <span class="chart-label block text-sm leading-tight">{growsFrom}</span>
        {#if entry.inserting}<button
            type="button"
            class="tap btn btn-ghost underline btn-sm"
            onclick={() => entry.growOn()}>leave it</button
          >{/if}
      {/if}
    </p>
  </div>
  {#if !entry.selected}
    <div class="flex items-stretch gap-1">
      <div class="grid grow grid-cols-3 gap-1" role="group" aria-label="What comes next">
        {#each KINDS as { kind, name, says: what } (kind)}
          <button
            type="button"
            class="kind tap"
            class:picked={entry.kind === kind}
            aria-pressed={entry.kind === kind}
            aria-label="{name}: {what}"
            onclick={() => entry.takeKind(kind)}>{name}</button
          >
        {/each}
      </div>
      <label class="flex items-center gap-2 text-sm">
        <span class="chart-label max-sm:sr-only">size</span>
        <select
          class="tap select w-22 text-lg font-semibold"
          value={entry.size}
          onchange={(event) => (entry.pickedSize = event.currentTarget.value as NominalSize)}
        >
          {#each standardCatalogue.sizes as size (size)}<option>{size}</option>{/each}
        </select>
      </label>
    </div>
  {/if}

  {#if follows}
    <p class="border-l-4 border-base-300 pl-3">
      The length of this leg follows from {entry.selected?.leg.geometry.kind === 'offset'
        ? 'its set and roll'
        : 'the parts at its ends'}. To change it, use “Change leg {entry.selected?.leg.tag}” beside the cut.
    </p>
  {:else if entry.kind === 'offset' && !entry.selected}
    <OffsetFields offset={entry.offset} unit={entry.unit} />
  {:else}
    <div class="flex gap-2">
      {#if !entry.selected}
        <div class="w-[38%] min-w-34 shrink-0">
          <DirectionRose
            axis={entry.axis}
            taken={entry.taken}
            slanting={entry.slanting}
            turns={entry.turns}
            onpick={(axis) => entry.pickAxis(axis)}
            onslant={() => entry.toggleSlant()}
          />
        </div>
      {/if}
      {#if entry.kind === 'fitting' && !entry.selected}
        <fieldset class="flex min-w-0 grow flex-col gap-1">
          <legend class="chart-label text-sm">whose end is the male one?</legend>
          {#each [['to', 'of what comes: street elbow, bushing, plug'], ['from', 'of what is there, into an opening']] as const as [male, words] (male)}
            <label class="tap flex cursor-pointer items-center gap-2 text-sm leading-tight">
              <input
                type="radio"
                class="radio checked:bg-accent checked:text-accent-content"
                name="{id}-male"
                checked={entry.male === male}
                onchange={() => (entry.male = male)}
              />
              {words}
            </label>
          {/each}
          <button
            type="button"
            class="tap btn"
            disabled={!entry.geometry || entry.male === 'from'}
            onclick={() => entry.enter({ kind: 'plug' })}>Plug it</button
          >
          <p class="text-sm">
            The length follows from the parts. <span class="chart-label"
              >Then say how the run goes on: that makes it a street elbow or a bushing.</span
            >
          </p>
        </fieldset>
      {:else}
        <div class="flex min-w-0 grow flex-col gap-1">
          <label class="sr-only" for="{id}-measure">Measure, centre to centre</label>
          <div class="field">
            <input
              bind:this={field}
              bind:value={entry.typed}
              id="{id}-measure"
              class="input h-full w-full text-2xl font-semibold placeholder:text-base placeholder:font-normal {entry.refusal
                ? 'input-error'
                : ''}"
              inputmode="none"
              autocomplete="off"
              autocapitalize="off"
              spellcheck="false"
              maxlength="60"
              placeholder={entry.unit === 'in' ? measured : `mm, ${measured}`}
              aria-describedby="{id}-says"
              aria-invalid={entry.refusal ? 'true' : undefined}
              oninput={() => (entry.refusal = null)}
              onkeydown={onKey}
            />
          </div>
          <FractionKeypad
            typed={entry.typed}
            unit={entry.unit}
            onpress={(typed) => {
              entry.refusal = null;
              entry.typed = typed;
            }}
          />
        </div>
      {/if}
    </div>
  {/if}

  <div id="{id}-says" class="text-sm empty:hidden" aria-live="polite">
    {#if entry.refusal}<TroubleNote refusal={entry.refusal} />
    {:else if reading && !reading.ok && entry.typed.length > 5}<span class="text-error"
        >{sayRefusal(reading.refusal)}</span
      >
    {:else if says}<span class="sr-only">{says}</span>{/if}
  </div>
  <div class="flex gap-2" class:hidden={follows}>
    <button type="submit" class="btn h-14 min-w-0 shrink grow text-lg leading-tight btn-primary">
      <span
        >{doWords}{#if reading?.ok && (entry.selected || entry.kind === 'pipe')}<LengthText
            length={reading.value.length}
            unit={entry.unit}
          />{/if}</span
      >
    </button>
    {#if !entry.selected && entry.kind === 'pipe'}
      <button
        type="button"
        class="btn h-14 w-24 shrink-0 px-1 text-sm leading-tight {isPlainMeasure ? '' : 'btn-accent'}"
        aria-label="Measured {measured}. Change the points"
        onclick={() => (pointsOpen = true)}
        >{isPlainMeasure ? 'measured from…' : entry.datum ? 'from datum' : 'other points'}</button
      >
    {/if}
  </div>
</form>
<MeasurePointsDialog bind:open={pointsOpen} {entry} />

<style>
  /* A box of its own: a letter typed lays out nothing around it. */
  .field {
    height: 50px;
    contain: layout size style;
  }
  .kind {
    border: 1px solid var(--color-base-300);
    border-radius: 0.25rem;
    background: var(--color-base-100);
    font-weight: 500;
    cursor: pointer;
  }
  .kind:hover {
    border-color: var(--color-base-content);
  }
  .picked {
    border-color: var(--color-base-content);
    border-bottom: 3px solid var(--color-accent);
    font-weight: 700;
  }
</style>
