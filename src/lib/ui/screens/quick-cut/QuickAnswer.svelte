<script lang="ts">
  import Ruler from '@lucide/svelte/icons/ruler';
  import { getTapeFormat } from '#core/units/format-length.ts';
  import { sayTightness } from '#words/tightness.ts';
  import { sayError, sayExact, sayLength } from '#words/length-text.ts';
  import { namePort } from '#words/parts.ts';
  import { sayBetween, sayQuickCut } from '#words/quick-cut.ts';
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
  const piece = $derived(bench.piece);
  const cut = $derived(piece?.cut ?? null);
  const format = $derived(getTapeFormat(bench.rules['tape-rounding'].option));
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

<section aria-label="The cut" aria-live="polite" class="answer flex flex-col gap-1">
  <!-- In the hand the same stands on the strip beneath. -->
  <p class="chart-label leading-tight {cut ? 'max-lg:hidden' : ''}">
    {sayQuickCut(bench.cut)}; {sayBetween(bench.cut.ends)}{bench.cut.measure
      ? ` ${bench.cut.measure.typed}`
      : ''}
  </p>
  {#if piece && cut}
    <p class="chart-label leading-none">{cut.nipple === null ? 'cut' : 'buy a nipple'}</p>
    <p
      class="leading-none font-bold whitespace-nowrap"
      style:font-size="min(94cqw / {width.toFixed(2)}, 8rem)"
      data-testid="cut-length"
    >
      {#if cut.nipple === null}<LengthText
          length={cut.onTape.length}
          unit={bench.unit}
          {format}
        />{:else}<LengthText length={cut.nipple} unit="in" />{/if}
    </p>
    <div class="flex flex-wrap items-center gap-x-2">
      <p class="grow text-sm">
        exact {sayExact(cut.whole, bench.unit)}, {sayError(cut.onTape.error, bench.unit)}
      </p>
      <WhyButton id={piece.id} what="the cut" {onwhy} />
      <button type="button" class="tap btn" onclick={ontape}
        ><Ruler size={18} aria-hidden="true" /> Tape</button
      >
    </div>
    <ul class="grid grid-cols-2 gap-2">
      {#each piece.ends as end, i (end.id)}
        <li class="border-l-4 border-base-300 pl-2 text-sm leading-snug">
          <strong class="block"
            >{i === 0 ? 'one end' : 'other end'}: {end.joint
              ? namePort(end.joint.part, end.joint.port.id)
              : 'open'}</strong
          >
          {#if end.joint && end.thread && cut.nipple === null}
            cut {end.thread.threadsToCut} threads, {sayExact(end.thread.cutLength, bench.unit)};
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
  {:else}
    <p class="text-3xl leading-tight font-bold text-secondary">
      {bench.cut.measure ? 'no cut yet' : 'Say what you have, then the measure.'}
    </p>
  {/if}
  <FindingsList findings={bench.findings} unit={bench.unit} />
</section>

<style>
  .answer {
    container-type: inline-size;
  }
</style>
