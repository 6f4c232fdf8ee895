<script lang="ts">
  import { listBondings, countSupports, listSupports } from '#core/supports';
  import type { RunLayout } from '#core/runs/layout';
  import { sayJurisdiction } from '#words/places.ts';
  import { MATERIAL_NAMES } from '#words/parts.ts';
  import { nameLeg } from '#words/run-joints.ts';
  import { sayBonding, saySpacing, saySupports } from '#words/supports.ts';
  import RulesHere from '../rules/RulesHere.svelte';
  import type { RunStore } from '../../store/run-store.svelte.ts';

  interface Props {
    store: RunStore;
    layout: RunLayout;
  }
  let { store, layout }: Props = $props();
  const unit = $derived(store.details?.units ?? 'in');
  const jurisdiction = $derived(store.details?.jurisdiction ?? 'ask');
  const bondings = $derived(listBondings(layout, jurisdiction));
  const legs = $derived(listSupports(layout, jurisdiction));
  /** How many of each pipe are to be bought; of legs that nobody can say them for, how many those are. */
  const totals = $derived(
    countSupports(layout, jurisdiction).map(
      ({ size, material, isClip, count }) =>
        [`${size} ${MATERIAL_NAMES[material]}${isClip ? ' (clips)' : ''}`, count] as const,
    ),
  );
  const asked = $derived(legs.filter(({ at }) => at === null).length);
  let showsAll = $state(false);
  const MOST = 40;
  const shown = $derived(showsAll ? legs : legs.slice(0, MOST));
</script>

{#if legs.length > 0}
  <section aria-label="Supports" class="flex flex-col gap-3">
    <h2 class="text-xl font-semibold">Supports</h2>
    <p class="chart-label text-sm">
      {sayJurisdiction(jurisdiction)}. The maker’s sheet and the inspector go before it.
    </p>
    <p>
      {#each totals as [name, count], i (name)}{i > 0 ? '; ' : ''}<strong>{count}</strong> for {name}{/each}{#if asked > 0}{totals.length >
        0
          ? '; '
          : ''}<span class="font-medium text-warning"
          >of {asked === 1 ? '1 leg' : `${asked} legs`} it is not known: ask</span
        >{/if}
    </p>
    <ul class="legs">
      {#each shown as each (each.laid.id)}
        <li class="break-inside-avoid border-b border-base-300 py-1">
          <p class="flex flex-wrap justify-between gap-x-4">
            <span>{nameLeg(each.laid)}{each.isUpright ? ', upright' : ''}</span>
            <span class={each.at === null ? 'font-medium text-warning' : ''}>{saySupports(each, unit)}</span>
          </p>
          <p class="chart-label text-sm">{saySpacing(each, unit)}</p>
        </li>
      {/each}
    </ul>
    {#if shown.length < legs.length}
      <button type="button" class="tap btn self-start" onclick={() => (showsAll = true)}
        >Show the supports of all {legs.length} legs</button
      >
    {/if}
    {#if bondings.length > 0}
      <h3 class="text-lg font-semibold">Direct bond</h3>
      {#each bondings as bonding (bonding.metal[0]!.id)}<p>{sayBonding(bonding, unit)}</p>{/each}
    {/if}
    <RulesHere
      rules={['support-ends']}
      {layout}
      {unit}
      keys={[]}
      about="supports"
      onchange={(planned) => store.apply(planned)}
    />
  </section>
{/if}

<style>
  .legs {
    columns: 22rem;
    column-gap: 2rem;
  }
</style>
