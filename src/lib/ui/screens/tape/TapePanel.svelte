<script lang="ts">
  import Maximize from '@lucide/svelte/icons/maximize';
  import Minus from '@lucide/svelte/icons/minus';
  import Plus from '@lucide/svelte/icons/plus';
  import X from '@lucide/svelte/icons/x';
  import type { RunLayout } from '#core/runs/layout';
  import { getMarks, type TapeMark } from '#core/tape';
  import { getTapeFormat } from '#core/units';
  import { sayRefusal } from '#words/refusals.ts';
  import { listMark, sayMark } from '#words/tape.ts';
  import LengthText from '../../controls/LengthText.svelte';
  import MeasureField from '../../controls/MeasureField.svelte';
  import Tape from '../../instruments/Tape.svelte';
  import type { TapeHand } from './tape-hand.svelte.ts';

  let { hand, layout }: { hand: TapeHand; layout: RunLayout } = $props();
  const id = $props.id();
  let picture = $state<Tape>();
  const shown = $derived(hand.shown);
  const graduation = $derived(layout.rules['tape-rounding'].option);
  const isMeasured = $derived(shown?.leg.centreToCentre !== null);
  const stationOf = (mark: TapeMark) => shown?.stations.find((each) => each.id === mark.ref.id) ?? null;
  const name = (mark: TapeMark): string => sayMark(layout, mark, stationOf(mark), hand.unit);
  const list = (mark: TapeMark): string => listMark(layout, mark, stationOf(mark), hand.unit);
  const isFixed = (mark: TapeMark) => stationOf(mark)?.isStock === true;
  const value = $derived.by(() => {
    const from = hand.hook?.at ?? null;
    const to = hand.mark?.at ?? null;
    return from === null || to === null ? null : Math.abs(to - from);
  });
  const isAtHook = $derived(hand.hook !== null && hand.hook.ref.id === hand.mark?.ref.id);

  function focusField(): void {
    const field = document.querySelector<HTMLInputElement>(`#${CSS.escape(id)} .typed input`);
    field?.focus();
    field?.select();
  }
</script>

{#if shown && hand.hook && hand.mark}
  <section {id} class="flex flex-col gap-1" aria-label="Tape">
    <div class="flex flex-wrap items-end gap-x-4 gap-y-1">
      <h2 class="text-lg leading-tight font-semibold">Tape on leg {shown.leg.leg.tag}</h2>
      {#each shown.pieces as piece (piece.id)}
        <p class="leading-tight">
          <span class="chart-label">{shown.pieces.length > 1 ? `${piece.mark}, cut` : 'cut'}</span>
          {#if piece.cut}<strong class="text-2xl" data-testid="tape-cut"
              ><LengthText
                length={piece.cut.onTape.length}
                unit={hand.unit}
                format={getTapeFormat(graduation)}
              /></strong
            >{:else}<strong class="text-error">not known</strong>{/if}
        </p>
      {/each}
      <div class="ml-auto flex flex-wrap gap-1" role="group" aria-label="How near the tape is seen">
        <button type="button" class="tap btn px-2" onclick={() => picture?.showEnd('near')}>Near end</button>
        <button type="button" class="tap btn px-2" onclick={() => picture?.showEnd('far')}>Far end</button>
        <button type="button" class="tap btn px-2" aria-label="Nearer" onclick={() => picture?.zoomBy(1.5)}
          ><Plus size={20} aria-hidden="true" /></button
        >
        <button
          type="button"
          class="tap btn px-2"
          aria-label="Farther"
          onclick={() => picture?.zoomBy(1 / 1.5)}><Minus size={20} aria-hidden="true" /></button
        >
        <button
          type="button"
          class="tap btn px-2"
          aria-label="The whole leg"
          onclick={() => picture?.showAll()}><Maximize size={20} aria-hidden="true" /></button
        >
        <button type="button" class="tap btn px-2" aria-label="Roll the tape up" onclick={() => hand.rollUp()}
          ><X size={20} aria-hidden="true" /></button
        >
      </div>
    </div>
    {#if isMeasured}
      <Tape
        bind:this={picture}
        tape={shown}
        catalogue={layout.catalogue}
        unit={hand.unit}
        {graduation}
        hook={hand.hook}
        mark={hand.mark}
        shift={hand.shift}
        {name}
        onhold={(mark) => hand.hold(mark)}
        ondrag={(mark, to) => hand.drag(mark, to)}
        ondrop={() => hand.drop()}
        onleave={() => hand.leave()}
        onnudge={(mark, by) => hand.nudge(mark, by)}
        ontype={focusField}
      />
    {:else}
      <p class="max-w-prose py-2">
        This leg is not measured yet, so nothing of it lies to scale. Say where the tape is hooked on and what
        it reads at a mark; the rest follows.
      </p>
    {/if}
    <div class="flex flex-wrap items-end gap-x-3 gap-y-1">
      <label class="flex flex-col text-sm"
        ><span class="chart-label">hooked on</span>
        <select
          class="tap select w-64 max-w-full"
          value={hand.hook.id}
          onchange={(event) => hand.hookOn(event.currentTarget.value)}
        >
          {#each shown.hooks as each (each.id)}<option value={each.id}>{list(each)}</option>{/each}
        </select></label
      >
      <label class="flex flex-col text-sm"
        ><span class="chart-label">read at</span>
        <select
          class="tap select w-64 max-w-full"
          value={hand.mark.id}
          onchange={(event) => hand.hold(event.currentTarget.value)}
        >
          {#each getMarks(shown).filter((each) => !isFixed(each)) as each (each.id)}
            <option value={each.id}>{list(each)}</option>
          {/each}
        </select></label
      >
      {#if isAtHook}
        <p class="max-w-72 text-sm">
          The tape is hooked on this fitting. Drag the mark to move this end of the leg, or hook the tape on
          elsewhere to read it.
        </p>
      {:else}
        <div class="typed">
          <MeasureField
            label="the tape reads"
            unit={hand.unit}
            {value}
            onmeasure={(length, typed) => {
              if (length !== null) hand.read(length, typed);
            }}
          />
        </div>
      {/if}
      {#if isMeasured}
        {@const mark = hand.mark}
        <div class="flex gap-1">
          <button
            type="button"
            class="tap btn"
            aria-label="A graduation back"
            onclick={() => hand.nudge(mark.id, -1)}>−</button
          >
          <button
            type="button"
            class="tap btn"
            aria-label="A graduation onward"
            onclick={() => hand.nudge(mark.id, 1)}>+</button
          >
        </div>
      {/if}
    </div>
    {#if hand.refusal}<p role="alert" class="max-w-prose text-error">
        {sayRefusal(hand.refusal, hand.unit)}
      </p>{/if}
  </section>
{/if}
