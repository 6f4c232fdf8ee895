<script lang="ts">
  import { MATERIALS } from '#core/catalogue';
  import type { LegSize } from '#core/ends';
  import { MATERIAL_NAMES } from '#words/parts.ts';
  import DirectionRose from '../../instruments/DirectionRose.svelte';
  import FractionKeypad from '../../instruments/FractionKeypad.svelte';
  import { findAxisForKey, isSlantKey } from '../../instruments/axis-keys.ts';
  import { afterPaint } from '../../controls/after-paint.svelte.ts';
  import LengthText from '../../controls/LengthText.svelte';
  import TroubleNote from '../../controls/TroubleNote.svelte';
  import { describeEntry } from './describe-entry.ts';
  import type { LegEntry } from './leg-entry.svelte.ts';
  import type { LegKind } from './next-leg.ts';
  import ConnectorFields from './ConnectorFields.svelte';
  import MeasurePointsDialog from './MeasurePointsDialog.svelte';
  import OffsetFields from './OffsetFields.svelte';

  let { entry }: { entry: LegEntry } = $props();
  const id = $props.id();
  let field = $state<HTMLInputElement | null>(null);
  let pointsOpen = $state(false);

  /** What was pressed is there at once; the words around it follow by a frame. */
  const scene = afterPaint(
    () => entry.said,
    () => describeEntry(entry),
  );
  const words = $derived(scene.current);
  interface KindOffered {
    readonly kind: LegKind;
    readonly name: string;
    readonly says: string;
  }
  const FLEX: KindOffered = { kind: 'connector', name: 'flex', says: 'a flexible appliance connector' };
  const PIPE_KINDS: readonly KindOffered[] = [
    { kind: 'pipe', name: 'pipe', says: 'a leg of pipe' },
    { kind: 'offset', name: 'offset', says: 'an offset between two 45° elbows' },
    { kind: 'fitting', name: 'no pipe', says: 'fitting straight into fitting' },
    FLEX,
  ];
  const TUBE_KINDS: readonly KindOffered[] = [
    { kind: 'pipe', name: 'tube', says: 'a straight of tube, from crossing to crossing' },
    { kind: 'route', name: 'along', says: 'tubing measured along its way, not bend by bend' },
    FLEX,
  ];
  const kinds = $derived(words.isTube ? TUBE_KINDS : PIPE_KINDS);
  /** One list has the sizes of what is laid, and the other materials. */
  function choose(value: string): void {
    const other = MATERIALS.find((each) => value === `of ${each}`);
    if (other) entry.pickMaterial(other);
    else entry.say({ says: 'size', size: value as LegSize });
  }
  function onKey(event: KeyboardEvent): void {
    if (event.ctrlKey || event.metaKey || event.altKey) return;
    if (event.key === '[' || event.key === ']') {
      event.preventDefault();
      entry.stepPoint(event.key === ']' ? 1 : -1);
      return;
    }
    if (event.key === 'Enter' && !event.isComposing) {
      // As the button does, without the browser pressing it first.
      event.preventDefault();
      entry.enter();
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
    if (isSlantKey(event.key) && !entry.slanting) entry.say({ says: 'slant' });
    entry.pickAxis(axis);
  }
  const KIND_KEYS: Readonly<Partial<Record<string, LegKind>>> = {
    p: 'pipe',
    s: 'offset',
    n: 'fitting',
    c: 'connector',
  };

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
  aria-label={words.selected ? 'Measure again' : 'Next leg'}
>
  <div class="flex items-end justify-between gap-2">
    <p class="min-w-0 grow leading-tight">
      {#if words.selected}
        <strong class="text-lg">Leg {words.selected.tag}</strong>
        <button type="button" class="tap btn btn-ghost underline btn-sm" onclick={() => entry.growOn()}
          >back to growing</button
        >
      {:else}
        <strong class="text-lg max-sm:sr-only">{words.title}</strong>
        <span class="chart-label block text-sm leading-tight">{words.growsFrom}</span>
        {#if entry.inserting}<button
            type="button"
            class="tap btn btn-ghost underline btn-sm"
            onclick={() => entry.growOn()}>leave it</button
          >{/if}
      {/if}
    </p>
  </div>
  {#if !words.selected}
    <div class="flex items-stretch gap-1">
      <div
        class="grid grow gap-1 {kinds.length === 3 ? 'grid-cols-3' : 'grid-cols-4'}"
        role="group"
        aria-label="What comes next"
      >
        {#each kinds as { kind, name, says: what } (kind)}
          <button
            type="button"
            class="kind tap max-sm:text-[15px]"
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
          aria-label="size"
          class="tap select {words.isTube ? 'w-28' : 'w-22'} text-lg font-semibold"
          value={words.size}
          onchange={(event) => choose(event.currentTarget.value)}
        >
          <optgroup label={MATERIAL_NAMES[words.material]}>
            {#each words.sizes as size (size)}<option value={size}>{size}</option>{/each}
          </optgroup>
          <optgroup label="of another material">
            {#each MATERIALS.filter((each) => each !== words.material) as each (each)}<option
                value="of {each}">{MATERIAL_NAMES[each]}</option
              >{/each}
          </optgroup>
        </select>
      </label>
    </div>
  {/if}

  {#if words.selected?.follows}
    <p class="border-l-4 border-base-300 pl-3">
      The length of this leg follows from {words.selected.follows === 'offset'
        ? 'its set and roll'
        : words.selected.follows === 'connector'
          ? 'where its two ends are'
          : 'the parts at its ends'}. To change it, use “Change leg {words.selected.tag}” beside the cut.
    </p>
  {:else if entry.kind === 'offset' && !words.selected}
    <OffsetFields offset={entry.offset} unit={entry.unit} />
  {:else}
    <div class="flex gap-2">
      {#if !words.selected}
        <div class="w-[38%] min-w-34 shrink-0">
          <DirectionRose
            axis={entry.axis}
            taken={words.taken}
            slanting={entry.slanting}
            quarters={entry.quarters}
            onpick={(axis) => entry.pickAxis(axis)}
            onslant={() => entry.say({ says: 'slant' })}
          />
        </div>
      {/if}
      {#if entry.kind === 'connector' && !words.selected}
        <ConnectorFields connector={entry.connector} unit={entry.unit} />
      {:else if entry.kind === 'fitting' && !words.selected}
        <fieldset class="flex min-w-0 grow flex-col gap-1">
          <legend class="chart-label text-sm">whose end is the male one?</legend>
          {#each [['to', 'of what comes: street elbow, bushing, plug'], ['from', 'of what is there, into an opening']] as const as [male, words] (male)}
            <label class="tap flex cursor-pointer items-center gap-2 text-sm leading-tight">
              <input
                type="radio"
                class="radio checked:bg-accent checked:text-accent-content"
                name="{id}-male"
                checked={entry.male === male}
                onchange={() => entry.say({ says: 'male', male })}
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
              placeholder={entry.unit === 'in' ? words.measured : `mm, ${words.measured}`}
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
    {:else if words.wrong}<span class="text-error">{words.wrong}</span>
    {:else if words.says}<span class="sr-only">{words.says}</span>{/if}
  </div>
  <div class="flex gap-2" class:hidden={words.selected?.follows}>
    <button type="submit" class="btn h-14 min-w-0 shrink grow text-lg leading-tight btn-primary">
      <span
        >{words.does}{#if words.length !== null}<LengthText
            length={words.length}
            unit={entry.unit}
          />{/if}</span
      >
    </button>
    {#if !words.selected && (entry.kind === 'pipe' || entry.kind === 'route')}
      <button
        type="button"
        class="btn h-14 w-24 shrink-0 px-1 text-sm leading-tight {words.isPlainMeasure ? '' : 'btn-accent'}"
        aria-label="Measured {words.measured}. Change the points"
        onclick={() => (pointsOpen = true)}
        >{words.isPlainMeasure ? 'measured from…' : entry.datum ? 'from datum' : 'other points'}</button
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
