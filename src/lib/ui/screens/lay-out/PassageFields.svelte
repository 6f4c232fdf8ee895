<script lang="ts">
  import { isCorrugated, GUARDS, PASSAGES, type Guard, type PassageKind } from '#core/permissions';
  import { planGuardPassage, planPutPassage, planTakeOutPassage, planSayFished } from '#core/runs/commands';
  import type { LaidLeg } from '#core/runs/pieces';
  import { GUARD_NAMES, PASSAGE_NAMES } from '#words/ground-findings.ts';
  import { newId } from '../../store/new-id.ts';
  import type { LegEntry } from './leg-entry.svelte.ts';

  let { laid, entry }: { laid: LaidLeg; entry: LegEntry } = $props();
  const doc = $derived(entry.layout?.doc ?? null);
  const passed = $derived(doc ? Object.values(doc.passages).filter(({ leg }) => leg === laid.id) : []);
  const fished = $derived(doc?.fished[laid.id] ?? null);
  const isTubing = $derived(isCorrugated(laid.leg.material));
  let kind = $state<PassageKind>('wall');
  let [text, reason] = $state(['', '']);

  const put = (): void => {
    if (doc) entry.take(planPutPassage(doc, laid.id, { kind, share: 0.5, guard: null }, newId));
  };
  const guard = (passage: string, by: Guard | null): void => {
    if (doc) entry.take(planGuardPassage(doc, passage, by));
  };
  function say(isFished: boolean): void {
    if (!doc || !entry.take(planSayFished(doc, laid.id, isFished ? { text, reason } : null))) return;
    [text, reason] = ['', ''];
  }
</script>

<section class="border-t border-base-300 pt-3" aria-label="Floors and walls it passes">
  <h3 class="text-lg font-semibold">Floors and walls it passes</h3>
  <ul>
    {#each passed as passage (passage.id)}
      <li class="flex flex-wrap items-center gap-3 py-1">
        <span class="grow">{PASSAGE_NAMES[passage.kind].name}</span>
        <label class="flex items-center gap-2 text-sm"
          ><span class="chart-label">edge</span>
          <select
            class="tap select w-44"
            value={passage.guard ?? ''}
            onchange={(event) => guard(passage.id, (event.currentTarget.value || null) as Guard | null)}
          >
            <option value="">not said</option>
            {#each GUARDS as each (each)}<option value={each}>{GUARD_NAMES[each]}</option>{/each}
          </select></label
        >
        <button
          type="button"
          class="tap btn"
          aria-label="Does not pass {PASSAGE_NAMES[passage.kind].through}"
          onclick={() => doc && entry.take(planTakeOutPassage(doc, passage.id))}>Take back</button
        >
      </li>
    {/each}
  </ul>
  <div class="flex flex-wrap items-end gap-3">
    <label class="flex flex-col text-sm"
      ><span class="chart-label">it passes</span>
      <select class="tap select w-56" bind:value={kind}>
        {#each PASSAGES as each (each)}<option value={each}>{PASSAGE_NAMES[each].name}</option>{/each}
      </select></label
    >
    <button type="button" class="tap btn" onclick={put}>Say so</button>
  </div>
</section>

{#if isTubing}
  <section class="border-t border-base-300 pt-3" aria-label="Fished tubing">
    <h3 class="text-lg font-semibold">Fished through what is closed</h3>
    {#if fished}
      <p>“{fished.text}”, because {fished.reason}</p>
      <button type="button" class="tap btn mt-2" onclick={() => say(false)}>It is held by supports</button>
    {:else}
      <p class="text-sm">
        Tubing is held by supports. Only where its maker’s own text lets it be fished may it lie unsupported:
        write the text and the reason.
      </p>
      <div class="flex flex-wrap items-end gap-3">
        <label class="flex grow flex-col text-sm"
          ><span class="chart-label">the maker’s words, and where they stand</span>
          <input
            class="tap input w-full min-w-56"
            autocomplete="off"
            maxlength="300"
            bind:value={text}
          /></label
        >
        <label class="flex grow flex-col text-sm"
          ><span class="chart-label">why here</span>
          <input
            class="tap input w-full min-w-40"
            autocomplete="off"
            maxlength="300"
            bind:value={reason}
          /></label
        >
        <button type="button" class="tap btn" onclick={() => say(true)}>It was fished</button>
      </div>
    {/if}
  </section>
{/if}
