<script lang="ts">
  import Ruler from '@lucide/svelte/icons/ruler';
  import type { LaidEnd } from '#core/runs/measuring';
  import type { LaidLeg, LaidNode, Piece } from '#core/runs/pieces';
  import { type RunLayout, findPiecesThrough } from '#core/runs/layout';
  import { getTapeFormat } from '#core/units';
  import { findForbidden } from '#core/checks';
  import { DO_NOT_CUT, sayFinding } from '#words/findings.ts';
  import { sayError, sayExact, sayLength } from '#words/length-text.ts';
  import { sayTightness } from '#words/tightness.ts';
  import { sayTubeJoint, sayTubeWay } from '#words/tube.ts';
  import { findArriving } from '#core/runs/reading';
  import { sayAt } from '#words/refs.ts';
  import { nameFitting, namePort } from '#words/parts.ts';
  import LengthText from '../../controls/LengthText.svelte';
  import WhyButton from '../reasons/WhyButton.svelte';
  import type { Draft, LegEntry } from './leg-entry.svelte.ts';
  import type { RunEditor } from './run-editor.ts';

  interface Props {
    entry: LegEntry;
    /** The leg that is being typed. */
    draft: Draft | null;
    layout: RunLayout | null;
    /** The leg looked at; null while the run grows, from `point`. */
    leg: string | null;
    point: LaidNode | null;
    editor: RunEditor;
    onwhy: (id: string) => void;
    onleg: () => void;
    onfitting: () => void;
    /** What stands at a station is to be measured: a node, or a part in a leg. */
    onmeasure: (subject: string) => void;
    /** The tape is laid on a leg. */
    ontape: (leg: string) => void;
  }
  let { entry, draft, layout, leg, point, editor, onwhy, onleg, onfitting, onmeasure, ontape }: Props =
    $props();

  /** What is being looked at: the draft while a leg is typed, the leg picked, or the newest. */
  const shown = $derived.by((): { laid: LaidLeg; layout: RunLayout; isDraft: boolean } | null => {
    const tried = draft?.layout.legs.get(draft.leg);
    if (draft && tried) return { laid: tried, layout: draft.layout, isDraft: true };
    if (!layout) return null;
    let newest: LaidLeg | null = null;
    for (const laid of layout.legs.values()) {
      if (!newest || laid.leg.tag > newest.leg.tag) newest = laid;
    }
    const laid = (leg && layout.legs.get(leg)) || newest;
    return laid && { laid, layout, isDraft: false };
  });
  const pieces = $derived(shown ? findPiecesThrough(shown.layout, shown.laid.id) : []);
  const format = $derived(shown && getTapeFormat(shown.layout.rules['tape-rounding'].option));
  const isMadeUp = $derived(shown?.laid.leg.geometry.kind === 'made-up');
  const isConnector = $derived(shown?.laid.leg.geometry.kind === 'connector');
  const isDerived = $derived(shown ? shown.layout.solved.derived.has(shown.laid.id) : false);
  const nameEnd = ({ joint, unknown }: LaidEnd): string =>
    joint ? namePort(joint.part, joint.port.id) : unknown ? 'no fitting' : 'open end';
  /** The first end that nothing can be cut over before its fitting is measured. */
  const unmeasured = $derived(
    shown && !shown.isDraft
      ? (pieces.flatMap(({ ends }) => ends).find(({ unknown }) => unknown === 'part-length-unknown') ?? null)
      : null,
  );
  /** An end that can be capped at once: the one being grown from. */
  const end = $derived(point?.legs.length === 1 && point.node.terminal?.kind !== 'existing' ? point : null);
</script>

{#snippet joints(piece: Piece, mark: string)}
  {#each piece.ends as each (each.id)}
    <li class="flex items-center gap-2">
      <span class="grow">
        <span class="chart-label">{nameEnd(each)}:</span>
        {#if each.joint?.tightness}{sayTightness(each.joint.tightness)}
        {:else if each.joint && !each.thread}{sayTubeJoint(each.joint, entry.unit)}
        {:else if each.joint || each.unknown}not known{:else}nothing taken off{/if}
      </span>
      {#if each.unknown === 'part-length-unknown' && !shown?.isDraft}
        <button
          type="button"
          class="tap btn btn-sm"
          aria-label="Measure the {nameEnd(each)}"
          onclick={() => onmeasure(each.station.split('.')[0]!)}>measure it</button
        >
      {/if}
      {#if each.joint && !shown?.isDraft}
        <WhyButton id={each.id} what="joint of leg {mark}, {nameEnd(each)}" {onwhy} small />
      {/if}
    </li>
  {/each}
{/snippet}

{#if shown && format}
  {@const tag = String(shown.laid.leg.tag)}
  <section aria-label="Cut length" class="flex flex-col gap-1">
    <div class="flex items-end justify-between gap-x-4 gap-y-1 max-sm:flex-wrap">
      <div class="flex flex-wrap items-end gap-x-5">
        {#if isConnector}
          <div>
            <p class="chart-label leading-none">leg {tag}, a flexible connector</p>
            <p class="text-3xl leading-tight font-bold">bought whole</p>
          </div>
        {:else if isMadeUp}
          <div>
            <p class="chart-label leading-none">leg {tag}, fitting in fitting, centres</p>
            <p class="text-4xl leading-tight font-bold sm:text-5xl">
              {#if shown.laid.centreToCentre !== null}<LengthText
                  length={shown.laid.centreToCentre}
                  unit={entry.unit}
                />{:else}<span class="text-3xl text-error">not known yet</span>{/if}
            </p>
          </div>
        {/if}
        {#each pieces as piece (piece.mark)}
          {@const forbidden = findForbidden(piece, shown.layout)}
          <div>
            <p class="chart-label leading-none">
              {shown.isDraft
                ? 'would cut'
                : piece.path
                  ? `tube ${piece.mark}, cut`
                  : `leg ${piece.mark}, cut`}{piece.cut && piece.cut.nipple !== null ? ': buy a nipple' : ''}
            </p>
            <div class="flex items-center gap-2">
              {#if forbidden}
                <p class="text-3xl leading-tight font-bold text-error" data-testid="verdict">{DO_NOT_CUT}</p>
                {#if !shown.isDraft}<WhyButton id={piece.id} what="cut of leg {piece.mark}" {onwhy} />{/if}
              {:else if piece.cut}
                <p
                  class="{pieces.length > 1 ? 'text-3xl' : 'text-4xl sm:text-5xl'} leading-tight font-bold"
                  data-testid="cut-length"
                >
                  <LengthText length={piece.cut.onTape.length} unit={entry.unit} {format} />
                </p>
                {#if !shown.isDraft}<WhyButton id={piece.id} what="cut of leg {piece.mark}" {onwhy} />{/if}
              {:else}
                <p class="text-3xl font-bold text-error">no cut length</p>
              {/if}
            </div>
          </div>
        {/each}
        {#if isMadeUp && !shown.isDraft}
          <WhyButton id={shown.laid.id} what="length of leg {tag}" {onwhy} />
        {/if}
      </div>
      {#if !shown.isDraft}
        <div class="row flex flex-wrap items-center justify-end gap-2">
          {#if !isConnector}
            <button
              type="button"
              class="tap btn"
              aria-label="Lay the tape on leg {tag}"
              onclick={() => ontape(shown.laid.id)}><Ruler size={18} aria-hidden="true" /> Tape</button
            >
          {/if}
          {#if unmeasured}
            <button
              type="button"
              class="tap btn sm:hidden"
              onclick={() => onmeasure(unmeasured.station.split('.')[0]!)}
              >Measure the {nameEnd(unmeasured)}</button
            >
          {/if}
          {#if leg}
            <button type="button" class="tap btn" onclick={onleg}>Change leg {tag}</button>
          {:else if point && layout && layout.legs.size > 0}
            {#if end}
              {#if end.node.terminal?.kind === 'cap'}
                <button type="button" class="tap btn" onclick={() => editor.close(end.id, null)}>Uncap</button
                >
              {:else if end.fitting.kind === 'open'}
                <button type="button" class="tap btn" onclick={() => editor.close(end.id, { kind: 'cap' })}
                  >Cap end</button
                >
              {/if}
            {/if}
            <button
              type="button"
              class="tap btn"
              aria-label="Change the {nameFitting(point.fitting)} {sayAt(findArriving(layout, point))}"
              onclick={onfitting}>Change {nameFitting(point.fitting)}</button
            >
          {/if}
        </div>
      {/if}
    </div>
    {#each pieces as piece (piece.mark)}
      {@const forbidden = findForbidden(piece, shown.layout)}
      {#if forbidden}<p class="text-sm leading-snug font-medium text-error">
          {sayFinding(forbidden, entry.unit)}
        </p>{/if}
    {/each}
    {#if pieces.length === 1 && pieces[0]?.cut && !findForbidden(pieces[0], shown.layout)}
      {@const { whole, onTape, farEndOff } = pieces[0].cut}
      <p class="text-sm leading-snug">
        exact {sayExact(whole, entry.unit)}, {sayError(
          onTape.error,
          entry.unit,
        )}{#if farEndOff !== onTape.error && !pieces[0].path}; end of the line off by {sayExact(
            farEndOff,
            entry.unit,
          )}{/if}{#if isDerived && shown.laid.centreToCentre !== null}; centres {sayLength(
            shown.laid.centreToCentre,
            entry.unit,
          )}{/if}{#if pieces[0].path}; {sayTubeWay(pieces[0], entry.unit)}{/if}
      </p>
    {/if}
    <ul class="text-sm max-sm:hidden">
      {#each pieces.slice(0, 2) as piece (piece.mark)}{@render joints(piece, piece.mark)}{/each}
    </ul>
  </section>
{/if}

<style>
  /* In the hand one row, seen whole: what does not fit on it slides. */
  @media (max-width: 639px) {
    .row {
      flex-wrap: nowrap;
      justify-content: flex-start;
      width: 100%;
      overflow-x: auto;
      scrollbar-width: none;
    }
    .row > :global(*) {
      flex-shrink: 0;
    }
  }
</style>
