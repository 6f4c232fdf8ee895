<script lang="ts">
  import { INLINE_KINDS, type InlineKind } from '#core/runs/document';
  import { getCraft } from '#core/materials';
  import type { LaidInline, LaidLeg } from '#core/runs/pieces';
  import { sayLength } from '#words/length-text.ts';
  import { nameFitting, namePartKind } from '#words/parts.ts';
  import MeasureField from '../../controls/MeasureField.svelte';
  import type { LegEntry } from './leg-entry.svelte.ts';
  import EndSelect from './EndSelect.svelte';
  import PartLength from '../parts/PartLength.svelte';
  import type { RunEditor } from './run-editor.ts';

  let { laid, entry, editor }: { laid: LaidLeg; entry: LegEntry; editor: RunEditor } = $props();
  const unit = $derived(entry.unit);
  let kind = $state<InlineKind>('union');
  const offered = $derived(
    INLINE_KINDS.filter((each) => getCraft(laid.leg).listKinds(laid.leg).includes(each)),
  );
  $effect(() => {
    if (!offered.includes(kind)) kind = offered[0] ?? 'valve';
  });
  let from = $state<'near' | 'far'>('near');

  const own = $derived(laid.inline.filter(({ placedBy }) => placedBy !== 'stock'));
  const nameEnd = (node: string): string => {
    const at = entry.layout?.nodes.get(node);
    return at ? nameFitting(at.fitting) : 'end';
  };
  const getKind = ({ id }: LaidInline): InlineKind => laid.leg.inline[id]?.part ?? 'coupling';
  /** The measure that places a part, from one end of its leg. */
  const findMeasure = (part: string) =>
    Object.values(entry.store.doc?.measures ?? {}).find(({ to }) => to.kind === 'inline' && to.id === part);

  function put(value: number | null, typed: string): void {
    const node = from === 'near' ? laid.near : laid.far;
    editor.putPart(laid.id, kind, value === null ? { share: 0.5 } : { from: node, value, typed });
  }

  function place(part: string, value: number | null, typed: string): void {
    const measure = findMeasure(part);
    if (value === null) {
      if (measure) editor.removeMeasure(measure.id);
    } else if (measure) editor.referMeasure(measure.id, { value, typed });
    else {
      editor.addMeasure({
        from: { kind: 'node', id: laid.near, at: 'centre', gap: 0 },
        to: { kind: 'inline', id: part, at: 'centre', gap: 0 },
        along: null,
        value,
        typed,
      });
    }
  }
</script>

<section class="border-t border-base-300 pt-3" aria-label="Parts in this leg">
  <h3 class="text-lg font-semibold">Parts in this leg</h3>
  {#each own as part (part.id)}
    {@const measure = findMeasure(part.id)}
    <div
      class="my-2 flex flex-wrap items-end gap-3 border-l-4 pl-3 {entry.part === part.id
        ? 'border-accent'
        : 'border-base-300'}"
    >
      <p class="min-w-28">
        <strong class="block text-lg first-letter:uppercase">{namePartKind(getKind(part))}</strong>
        <span class="chart-label text-sm"
          >{part.at === null
            ? 'place not known'
            : `${sayLength(part.at, unit)} from the near end${part.placedBy === 'share' ? ', by eye' : ''}`}</span
        >
      </p>
      <MeasureField
        label={measure
          ? `centre, from the ${nameEnd(measure.from.id)}`
          : `centre, from the ${nameEnd(laid.near)}`}
        {unit}
        value={measure?.value ?? null}
        placeholder="by eye"
        optional
        onmeasure={(value, typed) => place(part.id, value, typed)}
      />
      {#if part.part}<PartLength part={part.part} {unit} {editor} />{/if}
      <button type="button" class="tap btn" onclick={() => editor.takeOutPart(part.id)}>Take out</button>
    </div>
  {/each}
  <div class="flex flex-wrap items-end gap-3">
    <label class="flex flex-col text-sm"
      ><span class="chart-label">put in a</span>
      <select class="tap select w-32" bind:value={kind}>
        {#each offered as each (each)}<option value={each}>{namePartKind(each)}</option>{/each}
      </select></label
    >
    <EndSelect {laid} layout={entry.layout} bind:end={from} />
    <MeasureField label="to its middle" {unit} onmeasure={put} />
    <button type="button" class="tap btn" onclick={() => put(null, '')}>Half way, by eye</button>
  </div>
</section>
