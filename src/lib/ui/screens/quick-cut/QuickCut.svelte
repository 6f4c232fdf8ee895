<script lang="ts">
  import X from '@lucide/svelte/icons/x';
  import { untrack } from 'svelte';
  import { goto } from '$app/navigation';
  import { resolve } from '$app/paths';
  import { getTapeFormat } from '#core/units';
  import { CAUTIONS } from '#words/cautions.ts';
  import { DO_NOT_CUT } from '#words/findings.ts';
  import { sayBetween, sayQuickCut } from '#words/quick-cut.ts';
  import GloveSwitch from '../../controls/GloveSwitch.svelte';
  import Dialog from '../../controls/Dialog.svelte';
  import LengthText from '../../controls/LengthText.svelte';
  import type { RulesStore } from '../../store/rules-store.svelte.ts';
  import { LegEntry } from '../lay-out/leg-entry.svelte.ts';
  import { TapeHand } from '../tape/tape-hand.svelte.ts';
  import QuickAnswer from './QuickAnswer.svelte';
  import QuickPad from './QuickPad.svelte';
  import QuickToJob from './QuickToJob.svelte';
  import TapePanel from '../tape/TapePanel.svelte';
  import { QuickCutBench } from './quick-cut.svelte.ts';
  import WhyDialog from '../reasons/WhyDialog.svelte';

  let { rules }: { rules: RulesStore } = $props();
  const bench = untrack(() => new QuickCutBench(() => rules.choices ?? {}));
  const hand = new TapeHand(new LegEntry(bench));
  let why = $state<string | null>(null);
  let tapeOpen = $state(false);
  let putting = $state(false);
  $effect(() => void bench.open());
  // Rolled up in its dialog, the tape is put away.
  $effect(() => {
    if (hand.leg === null) tapeOpen = false;
  });
</script>

<div class="quick">
  <div class="seen">
    <QuickAnswer
      {bench}
      onwhy={(id) => (why = id)}
      ontape={() => {
        hand.layOn(bench.leg);
        tapeOpen = true;
      }}
    />
  </div>
  <div class="asked">
    {#if bench.phase === 'ready'}<QuickPad {bench} onput={() => (putting = true)} />{/if}
  </div>
  <section class="list" aria-label="The short list">
    {#if bench.list.length > 0}
      <h2 class="text-xl font-semibold">Kept on this device</h2>
      <ul>
        {#each bench.list as kept (kept.id)}
          {@const seen = bench.look(kept)}
          <li class="flex items-center gap-2 border-t border-base-300">
            <button
              type="button"
              class="tap flex grow flex-wrap items-baseline gap-x-3 py-1 text-left"
              onclick={() => bench.takeBack(kept)}
            >
              <strong class="text-xl"
                >{#each seen.alike as { first, count }, i (first.id)}{i > 0 ? ', ' : ''}{count > 1
                    ? `${count} × `
                    : ''}<LengthText
                    length={first.cut?.nipple ?? first.cut?.onTape.length ?? 0}
                    unit={kept.unit}
                    format={getTapeFormat(seen.graduation)}
                  />{:else}{DO_NOT_CUT}{/each}</strong
              >
              <span class="text-sm"
                >{sayQuickCut(kept.cut)}; {sayBetween(kept.cut.ends)} {kept.cut.measure?.typed}</span
              >
            </button>
            <button
              type="button"
              class="tap flex cursor-pointer items-center justify-center"
              aria-label="Strike out {sayQuickCut(kept.cut)} {kept.cut.measure?.typed}"
              onclick={() => bench.strike(kept.id)}><X size={20} aria-hidden="true" /></button
            >
          </li>
        {/each}
      </ul>
    {/if}
    <p class="mt-2 flex justify-end lg:hidden"><GloveSwitch /></p>
    <p class="mt-3 border-l-4 border-warning pl-3 text-sm font-medium text-warning">
      {CAUTIONS.liveLine}
      {rules.trouble ? 'The house rules of the shop could not be read just now: these are the defaults.' : ''}
    </p>
  </section>
</div>

<WhyDialog
  layout={bench.layout}
  unit={bench.unit}
  bind:id={why}
  onrule={(rule) => void goto(resolve('/rules')).then(() => document.getElementById(rule)?.scrollIntoView())}
  onwhy={(id) => (why = id)}
  onchange={(planned) => bench.apply(planned)}
/>
<Dialog bind:open={tapeOpen} title="The tape on the piece">
  <TapePanel {hand} layout={hand.tried ?? bench.layout} />
</Dialog>
<QuickToJob {bench} bind:open={putting} />

<style>
  /* In the hand: the number above, all that is pressed in the lower half, where the thumb is. */
  .quick {
    display: grid;
    grid-template-rows: minmax(calc(100dvh - 56px - 440px), auto) auto auto;
    flex: 1;
  }
  .seen {
    padding: 0.5rem 0.75rem;
  }
  .asked {
    position: sticky;
    bottom: 0;
    z-index: 5;
    padding: 0.5rem 0.75rem;
    background: var(--color-base-200);
    border-top: 2px solid var(--color-accent);
  }
  .list {
    padding: 0.75rem;
  }
  @media (min-width: 1000px) {
    .quick {
      grid-template-columns: minmax(0, 1fr) 420px;
      grid-template-rows: auto 1fr;
      gap: 0 2rem;
      padding: 1.5rem 2rem;
    }
    .asked {
      position: static;
      grid-column: 2;
      grid-row: 1 / 3;
      align-self: start;
      border-top: 0;
      padding: 1rem;
    }
    .list {
      grid-column: 1;
    }
  }
</style>
