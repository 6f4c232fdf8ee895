<script lang="ts">
  import type { Result } from '#core/outcome';
  import type { PlannedChange } from '#core/runs/changes';
  import type { LaidEnd } from '#core/runs/measuring';
  import type { RunLayout } from '#core/runs/layout';
  import { getTapeFormat, type LengthUnit } from '#core/units';
  import { sayNoStop, sayTurned } from '#words/joints.ts';
  import { sayTurns } from '#words/tightness.ts';
  import { sayExact, sayNumber } from '#words/length-text.ts';
  import { sayRefusal, type Refusal } from '#words/refusals.ts';
  import LengthText from '../../controls/LengthText.svelte';
  import ClockingDial from '../../instruments/ClockingDial.svelte';
  import { JointClockingState } from './joint-clocking.svelte.ts';

  interface Props {
    end: LaidEnd;
    layout: RunLayout;
    unit: LengthUnit;
    onchange: (planned: PlannedChange) => Result<void, Refusal>;
  }
  let { end, layout, unit, onchange }: Props = $props();
  const id = $props.id();
  const state = new JointClockingState(
    () => ({ layout, end }),
    (planned) => onchange(planned),
  );
  const format = $derived(getTapeFormat(layout.rules['tape-rounding'].option));
  const top = $derived(state.pointing?.twelve === 'back' ? 'away' : 'up');
</script>

<section class="border-t border-base-300 pt-3" aria-label="Clocking">
  <h3 class="text-lg font-semibold">Which way it points</h3>
  {#if !state.pointing}
    <p>Nothing at this fitting leaves to a side, so it may stop anywhere in its window.</p>
  {:else}
    <p>
      What goes on leaves at {state.wanted}° clockwise from {top}, looking from the fitting into the pipe.
      Screw it on by hand, turn the brass hand to where it points then, and pick the stop.
    </p>
    <div class="flex flex-wrap items-start gap-4">
      <ClockingDial
        handTight={state.handTight}
        wanted={state.wanted}
        {top}
        turns={state.shown}
        onturn={(angle) => state.turn(angle)}
      />
      <div class="min-w-56 flex-1 basis-64">
        {#if state.found && !state.found.ok}
          <p role="alert" class="border-l-4 border-error pl-3">{sayNoStop(state.found.refusal)}</p>
        {/if}
        <fieldset>
          <legend class="sr-only">Where the joint is left</legend>
          <label class="tap flex cursor-pointer items-start gap-3 py-1">
            <input
              type="radio"
              class="radio mt-0.5 checked:bg-accent checked:text-accent-content"
              name="{id}-stop"
              checked={state.chosen === null}
              onchange={() => state.choose(null)}
            />
            <span><strong>By the house rule</strong>, wherever it then points</span>
          </label>
          {#each state.stops as { stop, whole, cut } (whole)}
            <label class="tap flex cursor-pointer items-start gap-3 py-1">
              <input
                type="radio"
                class="radio mt-0.5 checked:bg-accent checked:text-accent-content"
                name="{id}-stop"
                checked={state.chosen !== null && Math.abs(state.chosen - stop.turns) < 1e-6}
                onchange={() => state.choose(whole)}
              />
              <span
                ><strong>{sayTurns(stop.turns)} past hand-tight</strong>, {sayExact(stop.engagement, unit)} in,
                {sayNumber(stop.tightness.threadsShowing, 1)} threads showing{#if cut !== null}: leg {state
                    .piece?.mark} is cut
                  <strong><LengthText length={cut} {unit} {format} /></strong>{/if}</span
              >
            </label>
          {/each}
        </fieldset>
      </div>
    </div>
    <p class="text-sm">
      A taper joint only goes tighter: never back it off to align.
      {#if state.turned}{sayTurned(state.turned, layout.doc.legs[end.leg]?.tag ?? 0)}{/if}
    </p>
  {/if}
  {#if state.refusal}<p role="alert" class="text-error">{sayRefusal(state.refusal)}</p>{/if}
</section>
