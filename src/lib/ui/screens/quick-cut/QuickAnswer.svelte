<script lang="ts">
  import Ruler from '@lucide/svelte/icons/ruler';
  import { groupAlike } from '#core/cutting';
  import type { Piece } from '#core/runs/pieces';
  import { getTapeFormat } from '#core/units';
  import { sayOfOnePiece, SEVERITY_NAMES } from '#words/findings.ts';
  import { sayTightness } from '#words/tightness.ts';
  import { sayError, sayExact, sayLength, sayTaped } from '#words/length-text.ts';
  import { namePort } from '#words/parts.ts';
  import { sayBetween, sayQuickCut } from '#words/quick-cut.ts';
  import { sayRefusal } from '#words/refusals.ts';
  import LengthText from '../../controls/LengthText.svelte';
  import FindingsList from '../check/FindingsList.svelte';
  import WhyButton from '../reasons/WhyButton.svelte';
  import type { QuickCutBench } from './quick-cut.svelte.ts';

  interface Props {
    bench: QuickCutBench;
    onwhy: (id: string) => void;
    ontape: () => void;
  }
  let { bench, onwhy, ontape }: Props = $props();
  const { verdict, wrong, pieces } = $derived(bench);
  const alike = $derived(groupAlike(pieces));
  /** The one piece; null where there are several. */
  const piece = $derived(pieces.length === 1 ? pieces[0]! : null);
  const cut = $derived(piece?.cut ?? null);
  const format = $derived(getTapeFormat(bench.rules['tape-rounding'].option));
  const findings = $derived(wrong ? [] : bench.findings.filter((each) => each !== verdict));
  /** About how wide a length is set, in ems: so it can be as large as the screen allows. */
  function getWidth(text: string): number {
    const fractions = text.match(/\d+\/\d+/g)?.length ?? 0;
    const rest = text.replace(/\d+\/\d+/g, '');
    const count = (pattern: RegExp) => rest.match(pattern)?.length ?? 0;
    return (
      fractions * 0.95 +
      count(/\d/g) * 0.56 +
      count(/[a-ln-z]/g) * 0.4 +
      count(/m/g) * 0.65 +
      count(/[\s.−]/g) * 0.22
    );
  }
  const shown = $derived(cut ? (cut.nipple === null ? cut.onTape.length : cut.nipple) : 0);
  const width = $derived(Math.max(2.4, getWidth(sayLength(shown, cut?.nipple === null ? bench.unit : 'in'))));
</script>

{#snippet number({ cut }: Piece)}
  {#if cut?.nipple === null}<LengthText
      length={cut.onTape.length}
      unit={bench.unit}
      {format}
    />{:else if cut?.nipple}<LengthText length={cut.nipple} unit="in" />{/if}
{/snippet}

{#snippet tape()}
  <button type="button" class="tap btn" onclick={ontape}><Ruler size={18} aria-hidden="true" /> Tape</button>
{/snippet}

<section aria-label="The cut" aria-live="polite" class="answer flex flex-col gap-1">
  <!-- In the hand the same stands on the strip beneath. -->
  <p class="chart-label leading-tight max-lg:hidden">
    {sayQuickCut(bench.cut)}; {sayBetween(bench.cut.ends)}{bench.cut.measure
      ? ` ${bench.cut.measure.typed}`
      : ''}
  </p>
  {#if wrong}
    <div role="alert">
      <p class="text-4xl leading-tight font-bold text-error">No measure</p>
      <p class="text-lg leading-snug">{sayRefusal(wrong, bench.unit)}</p>
    </div>
  {:else if verdict}
    <div class="border-l-4 pl-3 {verdict.severity === 'stop' ? 'border-error' : 'border-warning'}">
      <p
        class="text-4xl leading-tight font-bold {verdict.severity === 'stop' ? 'text-error' : 'text-warning'}"
        data-testid="verdict"
      >
        {SEVERITY_NAMES[verdict.severity]}
      </p>
      <p class="text-lg leading-snug">{sayOfOnePiece(verdict, bench.unit)}</p>
    </div>
    {#if pieces[0]?.cut}
      <p class="flex flex-wrap gap-x-2">
        <WhyButton id={pieces[0].id} what="the cut" {onwhy} />{@render tape()}
      </p>
    {/if}
  {:else if piece && cut}
    <p class="chart-label leading-none">{cut.nipple === null ? 'cut' : 'buy a nipple'}</p>
    <p
      class="leading-none font-bold whitespace-nowrap"
      style:font-size="min(94cqw / {width.toFixed(2)}, 7rem)"
      data-testid="cut-length"
    >
      {@render number(piece)}
    </p>
    <div class="flex flex-wrap items-center gap-x-2">
      <p class="grow text-sm">
        exact {sayExact(cut.whole, bench.unit)}, {sayError(cut.onTape.error, bench.unit)}
      </p>
      <WhyButton id={piece.id} what="the cut" {onwhy} />
      {@render tape()}
    </div>
  {:else if alike.length > 0 && bench.cut.measure}
    <div class="flex items-center gap-2">
      <p class="chart-label grow leading-none">cut {pieces.length} pieces, coupled in this order</p>
      {@render tape()}
    </div>
    <ul aria-label="The pieces">
      {#each alike as { first, count } (first.id)}
        <li class="flex flex-wrap items-baseline gap-x-3" data-testid="cut-length">
          <strong class="text-4xl leading-tight"
            >{#if count > 1}<span class="text-2xl">{count} ×&nbsp;</span>{/if}{@render number(first)}</strong
          >
          <span class="text-sm">{first.cut?.nipple === null ? '' : 'buy a nipple'}</span>
          <WhyButton id={first.id} what="the cut of piece {first.mark}" {onwhy} />
        </li>
      {/each}
    </ul>
  {:else}
    <p class="text-3xl leading-tight font-bold text-secondary">
      {bench.typed.trim() ? 'no cut yet' : 'Say what you have, then the measure.'}
    </p>
  {/if}
  <FindingsList {findings} unit={bench.unit} say={sayOfOnePiece} />
  {#if piece && cut && !verdict && !wrong}
    <ul class="grid grid-cols-2 gap-2">
      {#each piece.ends as end, i (end.id)}
        <li class="border-l-4 border-base-300 pl-2 text-sm leading-snug">
          <strong class="block"
            >{i === 0 ? 'one end' : 'other end'}: {end.joint
              ? namePort(end.joint.part, end.joint.port.id)
              : 'open'}</strong
          >
          {#if end.joint && end.thread && cut.nipple === null}
            cut {end.thread.threadsToCut} threads, {sayTaped(end.thread.cutLength, bench.unit)};
          {/if}
          {#if end.joint?.tightness}{sayTightness(end.joint.tightness)}
            <button
              type="button"
              class="tap block underline decoration-dotted underline-offset-4"
              aria-label="The joint at {i === 0 ? 'one end' : 'the other end'}, cut open"
              onclick={() => onwhy(end.id)}>the joint cut open</button
            >{:else if !end.joint}no thread{/if}
        </li>
      {/each}
    </ul>
  {/if}
</section>

<style>
  .answer {
    container-type: inline-size;
  }
</style>
