<script lang="ts">
  import { standardCatalogue } from '#core/catalogue/standard-catalogue.ts';
  import type { NominalSize } from '#core/catalogue/size.ts';
  import { nameFitting } from '#words/parts.ts';
  import { sayLength } from '#words/length-text.ts';
  import { sayRefusal } from '#words/refusals.ts';
  import DirectionRose from '../instruments/DirectionRose.svelte';
  import FractionKeypad from '../instruments/FractionKeypad.svelte';
  import { findAxisForKey } from '../instruments/axis-keys.ts';
  import LengthText from '../controls/LengthText.svelte';
  import TroubleNote from '../controls/TroubleNote.svelte';
  import type { LegEntry } from './leg-entry.svelte.ts';

  let { entry }: { entry: LegEntry } = $props();
  const id = $props.id();
  let field = $state<HTMLInputElement | null>(null);

  const empty = $derived(entry.layout?.legs.size === 0);
  const reading = $derived(entry.reading);
  /** Said while typing: how it was read when that could surprise, what is wrong once it cannot become right. */
  const says = $derived.by(() => {
    if (!reading) return '';
    if (reading.ok) return `read as ${sayLength(reading.value.length, entry.unit)}`;
    return '';
  });
  const growsFrom = $derived.by(() => {
    const node = entry.growing === null ? null : entry.layout?.nodes.get(entry.growing);
    if (!node || empty) return 'from the source';
    const [leg] = node.legs;
    return `from the ${nameFitting(node.fitting)} at leg ${leg?.tag ?? '?'}`;
  });
  /** What the button does, up to the length it does it with. */
  const doWords = $derived.by(() => {
    if (entry.selected) return `Measure leg ${entry.selected.leg.tag} again${reading?.ok ? ': ' : ''}`;
    if (!entry.axis) return reading?.ok ? 'Pick a direction for ' : 'Pick a direction and type the measure';
    return reading?.ok ? `Add leg: ${entry.axis} ` : `${entry.axis}: type the measure`;
  });

  function onKey(event: KeyboardEvent): void {
    if (event.ctrlKey || event.metaKey || event.altKey) return;
    if (event.key === '[' || event.key === ']') {
      event.preventDefault();
      entry.stepPoint(event.key === ']' ? 1 : -1);
      return;
    }
    const before = entry.typed.slice(0, field?.selectionStart ?? 0);
    const axis = entry.selected ? null : findAxisForKey(event.key, before);
    if (!axis) return;
    event.preventDefault();
    entry.pickAxis(axis);
  }

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
  <div class="flex items-end justify-between gap-3">
    <p class="leading-tight">
      {#if entry.selected}
        <strong class="text-lg">Leg {entry.selected.leg.tag}</strong>
        <button type="button" class="tap btn btn-ghost underline btn-sm" onclick={() => entry.growOn()}
          >back to growing</button
        >
      {:else}
        <strong class="text-lg">{empty ? 'First leg' : 'Next leg'}</strong>
        <span class="chart-label block text-sm">{growsFrom}</span>
      {/if}
    </p>
    {#if !entry.selected}
      <label class="flex items-center gap-2 text-sm">
        <span class="chart-label">size</span>
        <select
          class="tap select w-24 text-lg font-semibold"
          value={entry.size}
          onchange={(event) => (entry.pickedSize = event.currentTarget.value as NominalSize)}
        >
          {#each standardCatalogue.sizes as size (size)}<option>{size}</option>{/each}
        </select>
      </label>
    {/if}
  </div>

  <div class="flex gap-2">
    {#if !entry.selected}
      <div class="w-[38%] min-w-34 shrink-0">
        <DirectionRose axis={entry.axis} taken={entry.taken} onpick={(axis) => entry.pickAxis(axis)} />
      </div>
    {/if}
    <div class="flex min-w-0 grow flex-col gap-1">
      <label class="sr-only" for="{id}-measure">Measure, centre to centre</label>
      <input
        bind:this={field}
        bind:value={entry.typed}
        id="{id}-measure"
        class="input w-full text-2xl font-semibold placeholder:text-base placeholder:font-normal {entry.refusal
          ? 'input-error'
          : ''}"
        style="height: 50px"
        inputmode="none"
        autocomplete="off"
        autocapitalize="off"
        spellcheck="false"
        maxlength="60"
        placeholder={entry.unit === 'in' ? 'centre to centre' : 'mm, centre to centre'}
        aria-describedby="{id}-says"
        aria-invalid={entry.refusal ? 'true' : undefined}
        oninput={() => (entry.refusal = null)}
        onkeydown={onKey}
      />
      <FractionKeypad
        typed={entry.typed}
        unit={entry.unit}
        onpress={(typed) => {
          entry.refusal = null;
          entry.typed = typed;
        }}
      />
    </div>
  </div>

  <div id="{id}-says" class="text-sm empty:hidden" aria-live="polite">
    {#if entry.refusal}<TroubleNote refusal={entry.refusal} />
    {:else if reading && !reading.ok && entry.typed.length > 5}<span class="text-error"
        >{sayRefusal(reading.refusal)}</span
      >
    {:else if says}<span class="sr-only">{says}</span>{/if}
  </div>
  <button type="submit" class="btn h-14 text-lg btn-primary">
    <span
      >{doWords}{#if reading?.ok}<LengthText length={reading.value.length} unit={entry.unit} />{/if}</span
    >
  </button>
</form>
