<script lang="ts">
  import { MediaQuery } from 'svelte/reactivity';
  import { type CutSheetRow, getPieceMarks, type PieceMark, makeTubeSheet } from '#core/cutting';
  import { getKerf } from '#core/house-rules';
  import TubeTape from '../../instruments/TubeTape.svelte';
  import BendSteps from './BendSteps.svelte';
  import BendTable from '../cut/BendTable.svelte';
  import { sayTubeJoint, sayTubeWay } from '#words/tube.ts';
  import type { LaidEnd } from '#core/runs/measuring';
  import { getTapeFormat, type LengthUnit } from '#core/units';
  import { DO_NOT_CUT, sayFinding } from '#words/findings.ts';
  import { sayExact, sayLength, sayTaped } from '#words/length-text.ts';
  import { sayShop } from '#words/shop.ts';
  import { sayTightness } from '#words/tightness.ts';
  import { MATERIAL_NAMES, namePort } from '#words/parts.ts';
  import JointLens from '../../instruments/JointLens.svelte';
  import LengthText from '../../controls/LengthText.svelte';
  import type { RunStore } from '../../store/run-store.svelte.ts';
  import AsCutField from '../cut/AsCutField.svelte';
  import TickBox from '../cut/TickBox.svelte';
  import WhyButton from '../reasons/WhyButton.svelte';

  interface Props {
    row: CutSheetRow;
    store: RunStore;
    unit: LengthUnit;
    onwhy: (id: string) => void;
  }
  let { row, store, unit, onwhy }: Props = $props();
  const piece = $derived(row.piece);
  const format = $derived(getTapeFormat(store.rules['tape-rounding'].option));
  const marks = $derived(row.nipple === null && !piece.path ? getPieceMarks(piece) : null);
  const tube = $derived(store.layout && piece.path ? makeTubeSheet(piece, store.layout) : null);
  let bend = $state(0);
  $effect(() => {
    if (bend >= (tube?.bends.length ?? 0)) bend = 0;
  });
  const graduation = $derived(store.rules['tape-rounding'].option);
  const kerf = $derived(getKerf(store.rules['saw-kerf']));
  /** In the hand the joints are opened when asked for. */
  const isWide = new MediaQuery('min-width: 700px').current;
  const nameEnd = ({ joint, unknown }: LaidEnd): string =>
    joint ? namePort(joint.part, joint.port.id) : unknown ? 'no fitting known' : 'open end';

  const WHAT: Readonly<Record<PieceMark['what'], string>> = {
    face: 'face comes up to here',
    thread: 'thread ends',
    cut: 'cut here',
  };
  /** Where a mark lies on the picture: short pieces fill it, long ones are broken in the middle. */
  const toX = (at: number): number => {
    const length = piece.cut?.onTape.length ?? 1;
    return 30 + (at / length) * 540;
  };
</script>

<section aria-label="Piece {piece.mark}" class="flex flex-col gap-4 px-4">
  <div class="flex items-center gap-4">
    <p class="mark" aria-label="mark {piece.mark}">{piece.mark}</p>
    <p class="chart-label grow text-lg leading-tight">
      {piece.size}
      {MATERIAL_NAMES[row.material]}{row.nipple === null ? '' : ', a bought nipple'}
    </p>
    <!-- In the hand it lies with the keys, where the thumb is. -->
    <div class="flex flex-col items-center text-sm font-semibold max-sm:hidden">
      <TickBox {store} {piece} /> <span>made</span>
    </div>
  </div>
  {#if row.forbidden}
    <div class="border-l-4 border-error pl-3" data-testid="verdict">
      <p class="text-5xl font-bold text-error">{DO_NOT_CUT}</p>
      <p class="text-xl">
        {sayFinding(row.forbidden, unit)}
        <WhyButton id={piece.id} what="cut of piece {piece.mark}" {onwhy} />
      </p>
    </div>
  {:else if piece.cut}
    <div>
      <p
        class="text-6xl leading-none font-bold {piece.path ? 'sm:text-7xl' : 'sm:text-8xl'}"
        data-testid="cut-length"
      >
        <LengthText length={piece.cut.onTape.length} {unit} {format} />
      </p>
      <p>
        exact {sayExact(piece.cut.whole, unit)}
        <WhyButton id={piece.id} what="cut of piece {piece.mark}" {onwhy} />
      </p>
    </div>
  {:else}<p class="text-4xl font-bold text-error">no cut yet: see the cut sheet</p>{/if}

  {#if row.forbidden}<!-- Nothing is marked on what is not cut. -->
  {:else if tube && piece.cut}
    <p class="text-lg">{sayTubeWay(piece, unit)}</p>
    <TubeTape
      sheet={tube}
      cut={piece.cut.onTape.length}
      {unit}
      {graduation}
      at={tube.bends.length > 0 ? bend : null}
    />
    {#if tube.bends[bend] && piece.path?.bending && row.isMarked}
      <BendSteps sheet={tube} mark={store.rules['bender-mark'].option} {unit} {graduation} bind:at={bend} />
      <BendTable sheet={tube} mark={store.rules['bender-mark'].option} {unit} {graduation} />
    {/if}
  {:else if marks}
    <svg viewBox="0 0 600 96" class="w-full" role="img" aria-label="The piece with its marks">
      <path class="body" d="M30 30H570V66H30Z" />
      {#each marks as { what, end, at }, i (i)}
        {#if what === 'thread'}
          {@const from = end === 0 ? 30 : toX(at)}
          <rect
            class="thread"
            x={from}
            y="30"
            width={Math.max(0, (end === 0 ? toX(at) : 570) - from)}
            height="36"
          />
        {:else if what === 'face'}<path class="face" d="M{toX(at)} 22V74" />
        {:else}<path class="cut" d="M570 12V84M558 8H582" />{/if}
      {/each}
      <path class="zero" d="M30 18V78" />
    </svg>
    <table class="w-full text-left text-lg">
      <caption class="chart-label pb-1 text-left"
        >Marks, along one tape from end A{kerf > 0
          ? `; saw on the waste side, the blade takes ${sayExact(kerf, unit)}`
          : ''}</caption
      >
      <tbody>
        {#each marks as mark, i (i)}
          <tr class="border-b border-base-300 {mark.what === 'cut' ? 'font-bold' : ''}">
            <td class="py-1 text-2xl"><LengthText length={mark.at} {unit} {format} /></td>
            <td class="py-1"
              >{mark.what === 'cut' ? '' : `${mark.end === 0 ? 'A' : 'B'}: `}{WHAT[mark.what]}</td
            >
          </tr>
        {/each}
      </tbody>
    </table>
  {:else if row.nipple !== null}
    <p class="text-xl">Take a {piece.size} nipple {sayLength(row.nipple, 'in')} from the box.</p>
  {/if}

  <ul class="grid items-start gap-3 sm:grid-cols-2">
    {#each piece.ends as end, i (end.id)}
      <li class="border-l-4 border-base-300 pl-3">
        <strong class="text-xl">{i === 0 ? 'A' : 'B'}: {nameEnd(end)}</strong>
        {#if row.nipple === null && end.thread}
          <span class="block text-lg"
            >cut {end.thread.threadsToCut} threads, {sayTaped(end.thread.cutLength, unit)} long</span
          >
        {/if}
        {#if end.joint?.tightness}
          <span class="block">{sayTightness(end.joint.tightness)}</span>
        {:else if end.joint && !end.thread}
          <span class="block text-lg">{sayTubeJoint(end.joint, unit)}</span>
        {/if}
        {#if end.joint && (end.joint.tightness || !end.thread)}
          <details class="mt-1" open={isWide}>
            <summary
              class="tap flex cursor-pointer items-center underline decoration-dotted underline-offset-4"
              >The joint cut open</summary
            >
            <div class="max-w-64"><JointLens {end} layout={store.layout!} {unit} /></div>
          </details>
          <button
            type="button"
            class="tap btn"
            aria-label="All of joint {i === 0 ? 'A' : 'B'}"
            onclick={() => onwhy(end.id)}>Seal, tightness, clocking</button
          >
        {/if}
      </li>
    {/each}
  </ul>
  <p class="chart-label">{sayShop(row.material, piece.size, store.rules)}</p>
  <div class="flex flex-wrap items-start gap-6">
    <div class="flex items-start gap-2">
      <span class="chart-label pt-2">as cut, if otherwise</span>
      <AsCutField {store} {piece} />
    </div>
  </div>
</section>

<style>
  .mark {
    display: flex;
    align-items: center;
    justify-content: center;
    min-width: 4.6rem;
    height: 4.6rem;
    padding: 0 0.75rem;
    border: 5px solid var(--color-accent);
    border-radius: 999px;
    font-size: 2.2rem;
    font-weight: 700;
  }
  .body {
    fill: var(--color-base-200);
    stroke: var(--color-base-content);
    stroke-width: 2;
  }
  .thread {
    fill: var(--color-base-content);
    opacity: 0.28;
  }
  .face {
    stroke: var(--color-accent);
    stroke-width: 4;
  }
  .cut,
  .zero {
    stroke: var(--color-base-content);
    stroke-width: 4;
    fill: none;
  }
  .zero {
    stroke-width: 2;
  }
</style>
