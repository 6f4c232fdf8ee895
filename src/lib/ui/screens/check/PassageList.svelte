<script lang="ts">
  import { judgePassages } from '#core/checks';
  import { GUARDS, type Guard } from '#core/permissions';
  import { planGuardPassage } from '#core/runs/commands';
  import type { RunLayout } from '#core/runs/layout';
  import { GUARD_NAMES, PASSAGE_NAMES, PASSAGE_WANT_NAMES } from '#words/ground-findings.ts';
  import { sayJurisdiction, sayPermit } from '#words/places.ts';
  import { sayRefusal, type Refusal } from '#words/refusals.ts';
  import { nameLeg } from '#words/run-joints.ts';
  import type { RunStore } from '../../store/run-store.svelte.ts';

  interface Props {
    store: RunStore;
    layout: RunLayout;
  }
  let { store, layout }: Props = $props();
  const jurisdiction = $derived(store.details?.jurisdiction ?? 'ask');
  const passages = $derived(judgePassages(layout, jurisdiction));
  const isClosed = $derived(store.finish !== null);
  let refusal = $state<Refusal | null>(null);
  function guard(passage: string, by: Guard | null): void {
    if (!store.doc) return;
    const planned = planGuardPassage(store.doc, passage, by);
    const done = planned.ok ? store.apply(planned.value) : planned;
    refusal = done.ok ? null : done.refusal;
  }
</script>

{#if passages.length > 0}
  <section aria-label="Floors and walls" class="flex flex-col gap-2">
    <h2 class="text-xl font-semibold">Floors and walls it passes</h2>
    <p class="chart-label text-sm">
      {sayJurisdiction(jurisdiction)}. Each is a place of its own; a floor or a wall is added at its leg, on
      Lay out.
    </p>
    {#if refusal}<p role="alert" class="text-error">{sayRefusal(refusal)}</p>{/if}
    <ul class="flex flex-col">
      {#each passages as { passage, laid, ruling, wants } (passage.id)}
        <li class="flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-base-300 py-2">
          <div class="grow basis-72">
            <p>{nameLeg(laid)} through {PASSAGE_NAMES[passage.kind].through}</p>
            <p class="chart-label text-sm first-letter:uppercase">{sayPermit(ruling)}</p>
            {#each wants as want (want)}
              <p class="text-sm font-medium text-warning">Still: {PASSAGE_WANT_NAMES[want]}.</p>
            {/each}
          </div>
          <label class="flex items-center gap-2 text-sm"
            ><span class="chart-label">edge</span>
            <select
              class="tap select w-44"
              disabled={isClosed}
              value={passage.guard ?? ''}
              onchange={(event) => guard(passage.id, (event.currentTarget.value || null) as Guard | null)}
            >
              <option value="">not said</option>
              {#each GUARDS as each (each)}<option value={each}>{GUARD_NAMES[each]}</option>{/each}
            </select></label
          >
        </li>
      {/each}
    </ul>
  </section>
{/if}
