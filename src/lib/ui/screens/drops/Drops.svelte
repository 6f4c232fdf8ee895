<script lang="ts">
  import { untrack } from 'svelte';
  import { page } from '$app/state';
  import ArrowLeft from '@lucide/svelte/icons/arrow-left';
  import ArrowRight from '@lucide/svelte/icons/arrow-right';
  import { isId } from '#core/shapes';
  import { listDrops, judgeDrop } from '#core/traps';
  import { TRAP_NAMES } from '#words/traps.ts';
  import { LaterPanel } from '../../controls/later.svelte.ts';
  import DropView from './DropView.svelte';
  import ReasonDialogs from '../reasons/ReasonDialogs.svelte';
  import NothingYet from '../run/NothingYet.svelte';
  import { getRunStore } from '../../store/run-context.ts';

  const store = getRunStore();
  let reasons = $state<ReasonDialogs>();
  const buildPanel = new LaterPanel(() => import('./BuildDialog.svelte'));
  const platePanel = new LaterPanel(() => import('./PlateDialog.svelte'));
  /** Back from the bench: the appliance whose inlet was identified, and the specimen. What is no id is left unread. */
  const readId = (name: string): string | null => {
    const value = page.url.searchParams.get(name);
    return value !== null && isId(value) ? value : null;
  };
  const asked = untrack(() => ({ plate: readId('plate'), specimen: readId('specimen') }));
  let picked = $state<string | null>(asked.plate);
  let specimen = $state(asked.specimen);

  const layout = $derived(store.layout);
  const drops = $derived(layout ? listDrops(layout) : []);
  const lines = $derived(drops.map((drop) => ({ drop, headline: judgeDrop(drop).headline })));
  /** The first that is not right is looked at first. */
  const at = $derived.by((): number => {
    const found = drops.findIndex(({ node }) => node.id === picked);
    if (found >= 0) return found;
    const wrong = lines.findIndex(({ headline }) => headline.severity !== 'note');
    return wrong >= 0 ? wrong : 0;
  });
  const drop = $derived(drops[at]);
  const wrong = $derived(lines.filter(({ headline }) => headline.severity !== 'note').length);
  let isReturned = false;
  $effect(() => {
    if (!asked.plate || isReturned || drop?.node.id !== asked.plate) return;
    isReturned = true;
    platePanel.open();
  });

  function step(by: 1 | -1): void {
    picked = drops[(at + by + drops.length) % drops.length]?.node.id ?? null;
  }
  function build(): void {
    // What is worked on stays what is looked at, whatever its verdict becomes.
    picked = drop?.node.id ?? null;
    buildPanel.open();
  }
  function readPlate(): void {
    picked = drop?.node.id ?? null;
    platePanel.open();
  }
</script>

<svelte:head><title>Drops · Porthole</title></svelte:head>

<main class="mx-auto flex w-full max-w-6xl flex-col gap-4 p-4 max-sm:pb-24 sm:p-6">
  <div>
    <h1 class="text-3xl font-semibold">Drops</h1>
    <p class="chart-label">
      {drops.length === 0
        ? 'Where the gas goes to an appliance, and its sediment trap.'
        : wrong === 0
          ? `${drops.length} ${drops.length === 1 ? 'drop' : 'drops'}, nothing to look at`
          : `${wrong} of ${drops.length} to look at`}
    </p>
  </div>
  {#if layout && drop}
    <div class="desk">
      <nav aria-label="Drops of the run" class="max-sm:hidden">
        <ul class="flex flex-col">
          {#each lines as { drop: each, headline } (each.node.id)}
            <li>
              <button
                type="button"
                class="tap w-full border-b border-l-4 border-base-300 px-3 py-2 text-left {each === drop
                  ? 'border-l-accent bg-base-200'
                  : 'border-l-transparent'}"
                aria-current={each === drop ? 'true' : undefined}
                onclick={() => (picked = each.node.id)}
              >
                <strong class="block first-letter:uppercase">{each.appliance.name}</strong>
                <span
                  class={headline.severity === 'stop'
                    ? 'font-medium text-error'
                    : headline.severity === 'ask'
                      ? 'font-medium text-warning'
                      : ''}>{TRAP_NAMES[headline.finding.code]}</span
                >
              </button>
            </li>
          {/each}
        </ul>
      </nav>
      {#key drop.node.id}
        <DropView
          {store}
          {drop}
          onbuild={build}
          onplate={readPlate}
          onwhy={(id) => reasons?.showWhy(id)}
          onrule={(rule) => reasons?.showRules(rule)}
        />
      {/key}
    </div>
    {#if drops.length > 1}
      <nav class="turning" aria-label="Drops">
        <button type="button" class="btn h-14" aria-label="The drop before" onclick={() => step(-1)}
          ><ArrowLeft aria-hidden="true" /></button
        >
        <p class="grow text-center">drop {at + 1} of {drops.length}</p>
        <button type="button" class="btn h-14" aria-label="The next drop" onclick={() => step(1)}
          ><ArrowRight aria-hidden="true" /></button
        >
      </nav>
    {/if}
    {#if buildPanel.panel}<buildPanel.panel bind:open={buildPanel.isOpen} {store} {drop} />{/if}
    {#if platePanel.panel}
      <platePanel.panel
        bind:open={platePanel.isOpen}
        {store}
        node={drop.node.id}
        appliance={drop.appliance}
        {drop}
        {specimen}
      />
    {/if}
  {:else if layout && layout.legs.size > 0}
    <NothingYet
      job={store.job}
      run={store.run}
      title="No appliance yet"
      says="Say at the end of a leg that it ends at an appliance: its drop is judged here, and a trap built in where one is wanted."
    />
  {:else}
    <NothingYet
      job={store.job}
      run={store.run}
      title="No drop yet"
      says="Lay out the run to its first appliance: how its drop is piped is judged here."
    />
  {/if}
</main>
<ReasonDialogs bind:this={reasons} {store} />

<style>
  .desk {
    display: grid;
    gap: 1.5rem;
  }
  .turning {
    position: fixed;
    inset: auto 0 0;
    z-index: 10;
    display: flex;
    align-items: center;
    gap: 0.75rem;
    padding: 0.5rem 0.75rem;
    background: var(--color-base-200);
    border-top: 2px solid var(--color-accent);
  }
  @media (min-width: 640px) {
    .turning {
      display: none;
    }
    .desk {
      grid-template-columns: minmax(0, 15rem) minmax(0, 1fr);
    }
  }
</style>
