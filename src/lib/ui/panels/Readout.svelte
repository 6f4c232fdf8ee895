<script lang="ts">
  import { standardCatalogue } from '#core/catalogue/standard-catalogue.ts';
  import type { NominalSize } from '#core/catalogue/size.ts';
  import type { LaidEnd, LaidLeg, RunLayout } from '#core/runs/layout.ts';
  import { getTapeFormat } from '#core/units/format-length.ts';
  import { sayError, sayExact } from '#words/length-text.ts';
  import { sayTightness } from '#words/joints.ts';
  import { namePort } from '#words/parts.ts';
  import LengthText from '../controls/LengthText.svelte';
  import WhyButton from './WhyButton.svelte';
  import { DRAFT_LEG, type LegEntry } from './leg-entry.svelte.ts';

  interface Props {
    entry: LegEntry;
    onwhy: (id: string) => void;
  }
  let { entry, onwhy }: Props = $props();

  /** What is being looked at: the draft while a leg is typed, the leg picked, or the newest. */
  const shown = $derived.by((): { laid: LaidLeg; layout: RunLayout; isDraft: boolean } | null => {
    const draft = entry.draft?.legs.get(DRAFT_LEG);
    if (entry.draft && draft) return { laid: draft, layout: entry.draft, isDraft: true };
    if (!entry.layout) return null;
    const legs = [...entry.layout.legs.values()];
    const newest = legs.reduce<LaidLeg | null>((a, b) => (a && a.leg.tag > b.leg.tag ? a : b), null);
    const laid = entry.selected ?? newest;
    return laid && { laid, layout: entry.layout, isDraft: false };
  });
  const piece = $derived(shown?.layout.pieces.get(shown.laid.id));
  const format = $derived(shown && getTapeFormat(shown.layout.rules['tape-rounding'].option));
  const far = $derived(shown?.layout.nodes.get(shown.laid.far));
  const nameEnd = ({ joint, unknown }: LaidEnd): string =>
    joint ? namePort(joint.part, joint.port.id) : unknown ? 'no fitting' : 'open end';
  const isEnd = $derived(far?.legs.length === 1);
</script>

{#if shown && piece && format}
  <section aria-label="Cut length" class="flex flex-col gap-1">
    <div class="flex flex-wrap items-end justify-between gap-x-6 gap-y-1">
      <div>
        <p class="chart-label leading-none">
          {shown.isDraft ? 'would cut' : `leg ${shown.laid.leg.tag}, cut`}
        </p>
        <div class="flex items-center gap-2">
          {#if piece.cut}
            <p class="text-4xl leading-tight font-bold sm:text-5xl" data-testid="cut-length">
              <LengthText length={piece.cut.onTape.length} unit={entry.unit} {format} />
            </p>
            {#if !shown.isDraft}<WhyButton
                id={piece.id}
                what="cut of leg {shown.laid.leg.tag}"
                {onwhy}
              />{/if}
          {:else}
            <p class="text-3xl font-bold text-error">no cut length</p>
          {/if}
        </div>
      </div>
      {#if !shown.isDraft && far}
        <div class="flex flex-wrap items-center gap-2">
          {#if isEnd}
            {#if far.node.terminal?.kind === 'cap'}
              <button type="button" class="tap btn" onclick={() => entry.close(far.id, null)}>Uncap</button>
            {:else}
              <button type="button" class="tap btn" onclick={() => entry.close(far.id, { kind: 'cap' })}
                >Cap end</button
              >
            {/if}
          {/if}
          {#if entry.selected}
            {@const beyond = entry.countBeyond(shown.laid.id)}
            <label class="flex items-center gap-2 text-sm">
              <span class="chart-label">size</span>
              <select
                class="tap select w-24"
                value={shown.laid.leg.size}
                onchange={(event) => entry.resize(shown.laid.id, event.currentTarget.value as NominalSize)}
              >
                {#each standardCatalogue.sizes as size (size)}<option>{size}</option>{/each}
              </select>
            </label>
            <button type="button" class="tap btn" onclick={() => entry.resize(null, shown.laid.leg.size)}>
              All legs {shown.laid.leg.size}
            </button>
            <button
              type="button"
              class="tap btn btn-outline btn-error"
              onclick={() => entry.remove(shown.laid.id)}
            >
              Remove{beyond > 0 ? ` with ${beyond} beyond` : ''}
            </button>
          {/if}
        </div>
      {/if}
    </div>
    {#if piece.cut}
      <p class="text-sm">
        exact {sayExact(piece.cut.exact, entry.unit)}, {sayError(piece.cut.onTape.error, entry.unit)}
      </p>
    {/if}
    <ul class="text-sm max-sm:hidden">
      {#each piece.ends as end (end.id)}
        <li class="flex items-center gap-2">
          <span class="chart-label w-20 shrink-0">{nameEnd(end)}</span>
          <span class="grow">
            {#if end.joint?.tightness}{sayTightness(end.joint.tightness)}
            {:else if end.joint || end.unknown}not known{:else}nothing taken off{/if}
          </span>
          {#if end.joint && !shown.isDraft}
            <WhyButton id={end.id} what="joint of leg {shown.laid.leg.tag}, {nameEnd(end)}" {onwhy} small />
          {/if}
        </li>
      {/each}
    </ul>
  </section>
{/if}
