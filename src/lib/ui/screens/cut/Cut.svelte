<script lang="ts">
  import { toCssText } from '../../controls/css-text.ts';
  import { getShopPartId } from '#core/catalogue';
  import Download from '@lucide/svelte/icons/download';
  import Printer from '@lucide/svelte/icons/printer';
  import Scale from '@lucide/svelte/icons/scale';
  import { sayMoment } from '#words/days.ts';
  import { makeCutSheet } from '#core/cutting';
  import { APP_VERSION } from '#core/formats';
  import { RULE_PACK_VERSION, HOUSE_RULES } from '#core/house-rules';
  import { CAUTIONS } from '#words/cautions.ts';
  import { GAS_NAMES, JURISDICTION_NAMES } from '#words/job-words.ts';
  import { sayChoice, getRuleTitle } from '#words/house-rules.ts';
  import LineDrawing from '../../instruments/LineDrawing.svelte';
  import CutSheetTable from './CutSheetTable.svelte';
  import CutSheetTotals from './CutSheetTotals.svelte';
  import FindingsList from '../check/FindingsList.svelte';
  import ReasonDialogs from '../reasons/ReasonDialogs.svelte';
  import BenchSelect from '../../controls/BenchSelect.svelte';
  import RunFilesDialog from '../run/RunFilesDialog.svelte';
  import NothingYet from '../run/NothingYet.svelte';
  import { getRunStore } from '../../store/run-context.ts';

  const store = getRunStore();
  let reasons = $state<ReasonDialogs>();
  let filesOpen = $state(false);

  const ownNames = $derived(
    new Map(Object.values(store.doc?.shopParts ?? {}).map(({ id, name }) => [getShopPartId(id), name])),
  );
  const layout = $derived(store.layout);
  const sheet = $derived(layout && makeCutSheet(layout));
  const unit = $derived(store.details?.units ?? 'in');
  const graduation = $derived(store.rules['tape-rounding'].option);
  const name = $derived(store.name);
  /** What is on paper is the run as it stands here; edits the server has not confirmed are said. */
  const revision = $derived(
    `${store.revision}${store.waiting.length > 0 ? ', not all on the server yet' : ''}`,
  );

  /** What every printed page says of itself, beside its number. */
  const running = $derived(`${store.details?.name ?? ''}: ${name}, revision ${revision}`);
  /** Page margins are set by a style sheet only: it carries the run's name while the sheet is open. */
  function runHeadings(): () => void {
    const style = document.createElement('style');
    document.head.append(style);
    $effect(() => {
      style.textContent = `@page { @top-left { content: ${toCssText(running)}; } }`;
    });
    return () => style.remove();
  }

  /** The rules that decided what stands on this sheet. */
  const CUTTING_RULES = HOUSE_RULES.filter(({ topic }) => topic === 'lengths');
</script>

<svelte:head>
  <title>Cut sheet · Porthole</title>
</svelte:head>

<main
  {@attach runHeadings}
  class="mx-auto flex w-full max-w-6xl flex-col gap-5 p-4 sm:p-6 print:max-w-none print:gap-3 print:p-0"
>
  <div class="flex flex-wrap items-end justify-between gap-3">
    <div>
      <h1 class="text-3xl font-semibold">Cut sheet</h1>
      <p class="chart-label">
        {store.details?.name ?? ''}{store.details?.place ? `, ${store.details.place}` : ''}: {name}, revision {revision}
      </p>
    </div>
    {#if sheet && sheet.rows.length > 0}
      <div class="no-print flex flex-wrap gap-2">
        <button type="button" class="tap btn" onclick={() => globalThis.print()}>
          <Printer size={18} aria-hidden="true" /> Print
        </button>
        <button type="button" class="tap btn" onclick={() => (filesOpen = true)}
          ><Download size={18} aria-hidden="true" /> Files</button
        >
        <button type="button" class="tap btn" onclick={() => reasons?.showRules()}
          ><Scale size={18} aria-hidden="true" /> House rules</button
        >
      </div>
    {/if}
  </div>
  <div class="no-print sm:hidden"><BenchSelect people={store.details?.people ?? []} /></div>
  {#if layout && sheet && sheet.rows.length > 0}
    <div class="print-only">
      <LineDrawing {layout} {unit} size={{ width: 680, height: 300 }} />
    </div>
    <FindingsList findings={store.findings} {unit} />
    <CutSheetTable {sheet} {store} {graduation} onwhy={(id) => reasons?.showWhy(id)} />
    <CutSheetTotals {sheet} {unit} {graduation} rules={store.rules} {ownNames} />
    <section aria-label="What this sheet rests on" class="text-sm">
      <p>
        {#if store.details}{GAS_NAMES[store.details.gas]}; {JURISDICTION_NAMES[store.details.jurisdiction]}, {store
            .details.edition || 'edition not known yet: ask'}.{/if}
        House rules: {#each CUTTING_RULES as rule, i (rule.id)}{i > 0 ? '; ' : ''}{getRuleTitle(
            rule.id,
          ).toLowerCase()}: {sayChoice(rule.id, store.rules[rule.id], unit)}{/each}.
      </p>
      <p class="chart-label">
        Porthole {APP_VERSION}, catalogue {layout.catalogue.version}, house rules {RULE_PACK_VERSION}
        <span class="print-only">, printed {sayMoment(new Date().toISOString())}</span>
      </p>
    </section>
    <p class="border-l-4 border-warning pl-3 text-sm">{CAUTIONS.threads} {CAUTIONS.openEnd}</p>
  {:else}
    <NothingYet
      job={store.job}
      run={store.run}
      title="Nothing to cut yet"
      says="Lay out the first leg: its direction and what you measured. Its piece appears here at once."
    />
  {/if}
</main>
<RunFilesDialog bind:open={filesOpen} {store} />
<ReasonDialogs bind:this={reasons} {store} />

<style>
  @media print {
    div.print-only {
      height: 300px;
    }
  }
</style>
