<script lang="ts">
  import type { CutSheet } from '#core/cutting/cut-sheet.ts';
  import type { LaidEnd, Piece } from '#core/runs/layout.ts';
  import type { TapeGraduation } from '#core/units/tape.ts';
  import { getTapeFormat } from '#core/units/format-length.ts';
  import { toMillimetres, type Length } from '#core/units/length.ts';
  import { sayExact, sayLength, sayNumber } from '#words/length-text.ts';
  import { sayTightness } from '#words/joints.ts';
  import { MATERIAL_NAMES, namePort } from '#words/parts.ts';
  import LengthText from '../controls/LengthText.svelte';
  import type { RunStore } from '../store/run-store.svelte.ts';
  import AsCutField from './AsCutField.svelte';
  import WhyButton from './WhyButton.svelte';

  interface Props {
    sheet: CutSheet;
    store: RunStore;
    graduation: TapeGraduation;
    onwhy: (id: string) => void;
  }
  let { sheet, store, graduation, onwhy }: Props = $props();
  const unit = $derived(store.details?.units ?? 'in');
  const format = $derived(getTapeFormat(graduation));

  const nameEnd = ({ joint }: LaidEnd): string => (joint ? namePort(joint.part, joint.port.id) : 'open end');
  const sayThread = ({ thread }: LaidEnd): string =>
    thread ? `${thread.threadsToCut} threads, ${sayExact(thread.cutLength, unit)}` : 'no thread known';
  /** Into what was found in place the pipe goes beyond what was measured: that end adds to the cut. */
  const sayAllowance = ({ takeOff }: LaidEnd): string => {
    if (takeOff === null) return 'take off not known';
    return takeOff < 0 ? `add ${sayExact(-takeOff, unit)}` : `take off ${sayExact(takeOff, unit)}`;
  };
  const sayOff = (error: Length): string =>
    error === 0 ? 'on the mark' : `tape ${error < 0 ? '−' : '+'}${sayExact(Math.abs(error), unit)}`;

  /** An end in one sentence: the fitting, what it takes off, the thread to cut, how it seals and how tight. */
  const sayEnd = (end: LaidEnd): string =>
    [
      end.joint ? `${nameEnd(end)}, ${sayAllowance(end)}` : nameEnd(end),
      `cut ${sayThread(end)}`,
      ...(end.joint?.tightness ? [`seal required, ${sayTightness(end.joint.tightness)}`] : []),
    ].join('; ');
</script>

{#snippet ends(piece: Piece)}
  <ul class="grid gap-x-8 text-sm md:grid-cols-2 print:grid-cols-2">
    {#each piece.ends as end, i (end.id)}
      <li class="flex items-center gap-2">
        <strong>{i === 0 ? 'A' : 'B'}</strong>
        <span class="grow">{sayEnd(end)}</span>
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
  <caption class="sr-only">Pieces to cut</caption>
  <thead>
    <tr class="chart-label border-b-2 border-base-content text-sm">
      <th scope="col" class="w-12 py-1 font-medium">mark</th>
      <th scope="col" class="font-medium max-md:hidden">size</th>
      <th scope="col" class="font-medium max-md:hidden">centre to centre</th>
      <th scope="col" class="font-medium">cut, on the tape</th>
      <th scope="col" class="font-medium max-md:hidden">exact</th>
      <th scope="col" class="font-medium max-sm:hidden">mm</th>
      <th scope="col" class="w-36 font-medium">as cut</th>
    </tr>
  </thead>
  {#each sheet.rows as { piece, material, nipple } (piece.id)}
    <tbody class="border-b border-base-300">
      <tr>
        <th scope="row" class="py-1 align-top text-2xl font-bold">{piece.mark}</th>
        <td class="pt-1 align-top max-md:hidden">{piece.size} {MATERIAL_NAMES[material]}</td>
        <td class="pt-1 align-top max-md:hidden">
          {#if piece.centreToCentre !== null}<LengthText length={piece.centreToCentre} {unit} />{:else}?{/if}
        </td>
        <td class="align-top">
          {#if piece.cut}
            <span class="text-2xl font-bold"
              ><LengthText length={piece.cut.onTape.length} {unit} {format} /></span
            >
            <span class="no-print"
              ><WhyButton id={piece.id} what="cut of piece {piece.mark}" {onwhy} small /></span
            >
            {#if nipple !== null}<strong class="block">buy a nipple {sayLength(nipple, 'in')}</strong>{/if}
            <span class="block text-sm md:hidden print:hidden"
              >size {piece.size}, {piece.centreToCentre === null
                ? '?'
                : sayLength(piece.centreToCentre, unit)} c-c</span
            >
          {:else}<span class="font-semibold text-error">no cut: see below</span>{/if}
        </td>
        <td class="pt-1 align-top max-md:hidden">
          {#if piece.cut}{sayExact(piece.cut.exact, unit)}<span class="block text-xs text-secondary"
              >{sayOff(piece.cut.onTape.error)}</span
            >{/if}
        </td>
        <td class="pt-1 align-top max-sm:hidden"
          >{piece.cut ? sayNumber(toMillimetres(piece.cut.exact), 1) : ''}</td
        >
        <td class="py-1 align-top"><AsCutField {store} {piece} /></td>
      </tr>
      <tr>
        <td></td>
        <td colspan="6" class="pb-2">{@render ends(piece)}</td>
      </tr>
    </tbody>
  {/each}
</table>

<style>
  .sheet tbody {
    break-inside: avoid;
  }
  .sheet td,
  .sheet th {
    padding-right: 0.75rem;
  }
</style>
