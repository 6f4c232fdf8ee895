<script lang="ts">
  import type { CutSheet } from '#core/cutting';
  import type { LaidEnd } from '#core/runs/measuring';
  import type { Piece } from '#core/runs/pieces';
  import { type TapeGraduation, getTapeFormat, toMillimetres, type Length } from '#core/units';
  import { DO_NOT_CUT } from '#words/findings.ts';
  import { sayExact, sayLength, sayTaped, sayNumber } from '#words/length-text.ts';
  import { sayShop } from '#words/shop.ts';
  import { sayTubeJoint, sayTubeWay } from '#words/tube.ts';
  import BendTable from './BendTable.svelte';
  import { sayTightness } from '#words/tightness.ts';
  import { MATERIAL_NAMES, namePort } from '#words/parts.ts';
  import LengthText from '../../controls/LengthText.svelte';
  import type { RunStore } from '../../store/run-store.svelte.ts';
  import AsCutField from './AsCutField.svelte';
  import TickBox from './TickBox.svelte';
  import WhyButton from '../reasons/WhyButton.svelte';

  interface Props {
    sheet: CutSheet;
    store: RunStore;
    graduation: TapeGraduation;
    onwhy: (id: string) => void;
  }
  let { sheet, store, graduation, onwhy }: Props = $props();
  const unit = $derived(store.details?.units ?? 'in');
  const format = $derived(getTapeFormat(graduation));

  const nameEnd = ({ joint, unknown }: LaidEnd): string =>
    joint ? namePort(joint.part, joint.port.id) : unknown ? 'no fitting known' : 'open end';
  const sayThread = ({ thread }: LaidEnd): string =>
    thread ? `cut ${thread.threadsToCut} threads, ${sayTaped(thread.cutLength, unit)}` : '';
  /** Into what was found in place the pipe goes beyond what was measured: that end adds to the cut. */
  const sayAllowance = ({ takeOff }: LaidEnd): string => {
    if (takeOff === null) return 'take off not known';
    return takeOff < 0 ? `add ${sayExact(-takeOff, unit)}` : `take off ${sayExact(takeOff, unit)}`;
  };
  const sayOff = (error: Length): string =>
    error === 0 ? 'on the mark' : `tape ${error < 0 ? '−' : '+'}${sayExact(Math.abs(error), unit)}`;
  /** Pieces in one line share their rounding: what their far end is off by, where that is not this piece's own. */
  const sayLine = ({ cut, path }: Piece): string =>
    !cut || path || cut.farEndOff === cut.onTape.error
      ? ''
      : `; end of the line ${cut.farEndOff === 0 ? 'on its mark' : `${cut.farEndOff < 0 ? '−' : '+'}${sayExact(Math.abs(cut.farEndOff), unit)}`}`;

  /** An end in one sentence: the fitting, what it takes off, the thread to cut, how it seals and how tight. */
  const sayEnd = (end: LaidEnd, isBought: boolean): string =>
    [
      end.joint ? `${nameEnd(end)}, ${sayAllowance(end)}` : nameEnd(end),
      isBought ? '' : sayThread(end),
      end.joint && !end.thread ? sayTubeJoint(end.joint, unit) : '',
      end.joint?.tightness ? `seal required, ${sayTightness(end.joint.tightness)}` : '',
    ]
      .filter(Boolean)
      .join('; ');
</script>

{#snippet ends(piece: Piece, isBought: boolean)}
  <ul class="grid gap-x-8 text-sm md:grid-cols-2 print:grid-cols-2">
    {#each piece.ends as end, i (end.id)}
      <li class="flex items-center gap-2">
        <strong>{i === 0 ? 'A' : 'B'}</strong>
        <span class="grow">{sayEnd(end, isBought)}</span>
        {#if end.joint}<span class="no-print"
            ><WhyButton
              id={end.id}
              what="joint {i === 0 ? 'A' : 'B'} of piece {piece.mark}"
              {onwhy}
              small
            /></span
          >{/if}
      </li>
    {/each}
  </ul>
{/snippet}

<table class="sheet w-full border-collapse text-left">
  <caption class="sr-only">Pieces to cut, in cutting order</caption>
  <thead>
    <tr class="chart-label border-b-2 border-base-content text-sm">
      <th scope="col" class="w-20 py-1 font-medium">mark</th>
      <th scope="col" class="font-medium max-md:hidden">centre to centre</th>
      <th scope="col" class="font-medium">cut, on the tape</th>
      <th scope="col" class="font-medium max-md:hidden">exact</th>
      <th scope="col" class="font-medium max-sm:hidden">mm</th>
      <th scope="col" class="w-14 font-medium">done</th>
      <th scope="col" class="w-32 font-medium">as cut</th>
    </tr>
  </thead>
  {#each sheet.groups as group (`${group.material} ${group.size}`)}
    <tbody class="group">
      <tr>
        <th scope="rowgroup" colspan="7" class="pt-4 pb-1 text-lg font-semibold">
          {group.size}
          {MATERIAL_NAMES[group.material]}
          <span class="chart-label text-sm font-medium"
            >{sayShop(group.material, group.size, store.rules)}</span
          >
        </th>
      </tr>
    </tbody>
    {#each group.rows as { piece, order, forbidden, nipple, trapOf, tube, isMarked } (piece.id)}
      <tbody class="border-b border-base-300">
        <tr>
          <th scope="row" class="py-1 align-top text-2xl leading-none font-bold">
            {piece.mark}
            <span class="chart-label block text-xs font-medium">{order}. to cut</span>
          </th>
          <td class="pt-1 align-top max-md:hidden">
            {#if piece.centreToCentre !== null}<LengthText
                length={piece.centreToCentre}
                {unit}
              />{:else}?{/if}
          </td>
          <td class="align-top">
            {#if piece.cut}
              {#if forbidden}<strong class="block text-xl text-error">{DO_NOT_CUT}</strong>{/if}
              <span class={forbidden ? '' : 'text-2xl font-bold'}
                ><LengthText length={piece.cut.onTape.length} {unit} {format} /></span
              >
              <span class="no-print"
                ><WhyButton id={piece.id} what="cut of piece {piece.mark}" {onwhy} small /></span
              >
              {#if nipple !== null}<strong class="block">buy a nipple {sayLength(nipple, 'in')}</strong>{/if}
              {#if piece.path}<span class="block text-sm">{sayTubeWay(piece, unit)}</span>{/if}
              {#if trapOf !== null}<span class="block text-sm">the sediment trap of {trapOf}</span>{/if}
              <span class="block text-sm md:hidden print:hidden"
                >{piece.centreToCentre === null ? '?' : sayLength(piece.centreToCentre, unit)} c-c</span
              >
            {:else}<span class="font-semibold text-error">no cut: see above</span>{/if}
          </td>
          <td class="pt-1 align-top max-md:hidden">
            {#if piece.cut}{sayExact(piece.cut.whole, unit)}<span class="block text-xs text-secondary"
                >{sayOff(piece.cut.onTape.error)}{sayLine(piece)}</span
              >{/if}
          </td>
          <td class="pt-1 align-top max-sm:hidden"
            >{piece.cut ? sayNumber(toMillimetres(piece.cut.whole), 1) : ''}</td
          >
          <td class="py-1 align-top"><TickBox {store} {piece} /></td>
          <td class="py-1 align-top"><AsCutField {store} {piece} /></td>
        </tr>
        <tr>
          <td></td>
          <td colspan="6" class="pb-2"
            >{@render ends(piece, nipple !== null)}
            {#if tube && isMarked && tube.bends.length > 0}<BendTable
                sheet={tube}
                mark={store.rules['bender-mark'].option}
                {unit}
                {graduation}
              />{/if}</td
          >
        </tr>
      </tbody>
    {/each}
  {/each}
</table>

<style>
  .sheet tbody {
    break-inside: avoid;
  }
  .sheet tbody.group {
    break-after: avoid;
  }
  .sheet td,
  .sheet th {
    padding-right: 0.75rem;
  }
</style>
