<!-- Whose parts the run uses, for each way of joining: that maker’s sheet is gone by, and no other’s. -->
<script lang="ts">
  import { resolve } from '$app/paths';
  import { getFirstSize, SHEET_JOINS, type SheetRow, type SheetSays, type TubeJoin } from '#core/catalogue';
  import { getCraft } from '#core/materials';
  import { planUseMaker } from '#core/runs/commands';
  import { isSameSheet } from '#core/runs/reading';
  import { nameSheet, nameSheetJoin, nameSheetRow, NO_MAKER, saySheetRow } from '#words/makers.ts';
  import type { Refusal } from '#words/refusals.ts';
  import Dialog from '../../controls/Dialog.svelte';
  import { unitSetting } from '../../controls/unit-setting.svelte.ts';
  import TroubleNote from '../../controls/TroubleNote.svelte';
  import { MakersStore } from '../../store/makers-store.svelte.ts';
  import type { RunStore } from '../../store/run-store.svelte.ts';

  let { open = $bindable(), store }: { open: boolean; store: RunStore } = $props();
  const makers = new MakersStore();
  $effect(() => {
    if (open) void makers.load();
  });
  let trouble = $state.raw<Refusal | null>(null);

  const used = $derived(
    new Set([...(store.layout?.legs.values() ?? [])].map(({ leg }) => getCraft(leg).findJoin(leg))),
  );
  const held = $derived(store.doc?.makers ?? {});
  /** What the run is made of, and what it has said a maker of; all others are offered when they are laid out. */
  const joins = $derived(SHEET_JOINS.filter((join) => used.has(join) || held[join]));

  const sizes = $derived(
    new Set([...(store.layout?.legs.values() ?? [])].map(({ leg }) => getFirstSize(leg.size))),
  );
  /** The lines of a sheet that are about what is laid out. */
  const listUsed = ({ rows }: SheetSays): readonly SheetRow[] => rows.filter(({ size }) => sizes.has(size));

  /** By the id of a sheet of the shop; empty: nobody’s; `as-it-is`: what the run has, which the shop has not (any more, or so). */
  const AS_IT_IS = 'as-it-is';
  const findShopSheet = (join: TubeJoin) =>
    makers.items.find((sheet) => isSameSheet(sheet, held[join] ?? null));
  const findNewer = (join: TubeJoin) => {
    const own = held[join];
    return own && !findShopSheet(join)
      ? makers.items.find(
          ({ join: of, maker, source }) => of === join && maker === own.maker && source === own.source,
        )
      : undefined;
  };
  const read = (join: TubeJoin): string => (held[join] ? (findShopSheet(join)?.id ?? AS_IT_IS) : '');

  function use(join: TubeJoin, id: string): void {
    if (!store.doc || id === AS_IT_IS) return;
    const sheet = makers.items.find((each) => each.id === id) ?? null;
    const planned = planUseMaker(store.doc, join, sheet);
    const done = planned.ok ? store.apply(planned.value) : planned;
    trouble = done.ok ? null : done.refusal;
  }
</script>

<Dialog bind:open title="Whose parts">
  <p class="chart-label">
    Fittings of one maker are made up as that maker’s sheet says. Say here whose this run uses; parts of two
    makers are not mixed in one way of joining.
  </p>
  {#if trouble}<TroubleNote refusal={trouble} />{/if}
  {#if makers.trouble}<TroubleNote refusal={makers.trouble} />{/if}
  {#if joins.length === 0}
    <p>
      Nothing in this run is joined by a maker’s own fittings: threaded pipe goes by the standards. Lay out
      tubing, pressed pipe or plastic and it stands here.
    </p>
  {/if}
  <ul class="flex flex-col gap-3">
    {#each joins as join (join)}
      {@const own = held[join]}
      {@const newer = findNewer(join)}
      <li class="border-t border-base-300 pt-2">
        <label class="flex flex-col"
          ><span class="font-semibold">{nameSheetJoin(join)}</span>
          <select
            class="tap select w-full"
            value={read(join)}
            disabled={store.finish !== null}
            onchange={({ currentTarget }) => use(join, currentTarget.value)}
          >
            <option value="">{NO_MAKER}</option>
            {#if own && !findShopSheet(join)}<option value={AS_IT_IS}
                >{nameSheet(own)} (as this run has it)</option
              >{/if}
            {#each makers.items.filter((sheet) => sheet.join === join) as sheet (sheet.id)}
              <option value={sheet.id}>{nameSheet(sheet)}</option>
            {/each}
          </select></label
        >
        {#if own}
          <dl class="mt-1 text-sm">
            {#each listUsed(own) as row (nameSheetRow(join, row))}
              <div class="flex flex-wrap gap-x-2">
                <dt class="font-semibold">{nameSheetRow(join, row)}</dt>
                <dd>{saySheetRow(row, unitSetting.unit)}</dd>
              </div>
            {:else}
              <p>
                This sheet says nothing of the sizes laid out so far: what is published of all makers holds
                for them.
              </p>
            {/each}
          </dl>
        {/if}
        {#if newer && store.finish === null}
          <p class="mt-1 flex flex-wrap items-center gap-2 border-l-4 border-warning pl-3">
            <span class="min-w-0 flex-1">The shop’s sheet has been changed since this run took it.</span>
            <button type="button" class="tap btn" onclick={() => use(join, newer.id)}
              >Go by it as it is now</button
            >
          </p>
        {/if}
      </li>
    {/each}
  </ul>
  <p class="chart-label text-sm">
    Sheets are kept under <a class="underline" href={resolve('/parts')}>Parts</a>. Change the maker and what
    you measured on the parts of the one before goes with it; undo brings both back. What is kept here
    replaces neither the sheet that came with the parts nor the maker’s training nor the local code.
  </p>
</Dialog>
