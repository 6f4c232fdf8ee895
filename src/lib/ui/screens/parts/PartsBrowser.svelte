<!-- Parts by their name at the counter, and by what they join. -->
<script lang="ts">
  import { sayCount } from '#words/counts.ts';
  import { getShopPartId, type ShopPart } from '#core/catalogue';
  import { END_CLASS_NAMES } from '#words/end-classes.ts';
  import { REFUSED_WAY_WORDS } from '#words/transitions.ts';
  import { MOST_SHOWN, PartSearch } from './part-search.svelte.ts';
  import PartRow from './PartRow.svelte';

  let { shopParts }: { shopParts: readonly ShopPart[] } = $props();
  const id = $props.id();
  const search = new PartSearch(() => shopParts);
  const own = $derived(new Map(shopParts.map((part) => [getShopPartId(part.id), part])));
  const shown = $derived(search.found.slice(0, search.most));
  const reading = $derived(search.reading);
</script>

<section aria-label="Find a part" class="flex flex-col gap-3">
  <div>
    <label class="chart-label" for="{id}-said">ask for it as at the counter</label>
    <input
      id="{id}-said"
      class="input h-14 w-full text-xl"
      autocomplete="off"
      autocapitalize="off"
      spellcheck="false"
      maxlength="120"
      placeholder="1 x 3/4 x 1/2 tee · 3/4 bell reducer · 1/2 mip x 3/8 flare half union"
      bind:value={search.said}
      oninput={() => (search.most = MOST_SHOWN)}
    />
    <div aria-live="polite">
      {#if reading}
        <p class="chart-label pt-1 text-sm">
          Read: {reading.sizes.length > 0 ? reading.sizes.join(' × ') : 'no size'}{reading.words.length > 0
            ? `, ${reading.words.join(' ')}`
            : ''}.
        </p>
        {#if reading.unknown.length > 0}
          <p role="alert" class="text-sm text-error">
            Not understood, and left out: {reading.unknown.join(', ')}.
          </p>
        {/if}
        {#if reading.never}
          {@const { name, why, instead } = REFUSED_WAY_WORDS[reading.never]}
          <p role="alert" class="border-l-8 border-error bg-base-200 px-4 py-2 font-medium text-error">
            {name}: never for gas pipe here, because {why}. Instead: {instead}.
          </p>
        {/if}
        {#if reading.asks === 'which-flare'}
          <p class="border-l-8 border-warning bg-base-200 px-4 py-2 font-medium">
            “Flare” reads two ways: an ordinary flare of that tube, or the end of a flexible connector called
            so, with another thread. Both are below: measure over the thread, or say “tube” or “connector”.
          </p>
        {/if}
      {/if}
    </div>
  </div>
  <div class="flex flex-wrap items-end gap-x-4 gap-y-2">
    <label class="flex min-w-48 flex-1 flex-col text-sm"
      ><span class="chart-label">it joins</span>
      <select class="tap select w-full" bind:value={search.one}>
        <option value="">anything</option>
        {#each search.classes as each (each)}<option value={each}>{END_CLASS_NAMES[each]}</option>{/each}
      </select></label
    >
    <label class="flex min-w-48 flex-1 flex-col text-sm"
      ><span class="chart-label">to</span>
      <select class="tap select w-full" bind:value={search.other}>
        <option value="">anything</option>
        {#each search.classes as each (each)}<option value={each}>{END_CLASS_NAMES[each]}</option>{/each}
      </select></label
    >
    <label class="flex w-32 flex-col text-sm"
      ><span class="chart-label">one end is</span>
      <select class="tap select w-full" bind:value={search.size}>
        <option value="">any size</option>
        {#each search.sizes as each (each)}<option value={each}>{each}</option>{/each}
      </select></label
    >
  </div>
  {#if !search.isAsked}
    <p class="chart-label">
      {sayCount(search.found.length, 'part')}. Say what you would ask for, or what it has to join: what an end
      is called here is what the part has, so a pipe’s male end wants a part with a female one.
    </p>
  {:else}
    <p class="chart-label" role="status">
      {search.found.length === 0
        ? 'No part that is carried is all of that. Leave a word or a choice out.'
        : `${sayCount(search.found.length, 'part')}.`}
    </p>
    <ul>
      {#each shown as part (part.id)}
        {@const mine = own.get(part.id)}
        <PartRow {part} ownName={mine?.name ?? null} price={mine?.price ?? null} note={mine?.note ?? ''} />
      {/each}
    </ul>
    {#if shown.length < search.found.length}
      <button type="button" class="tap btn self-start" onclick={() => (search.most += 2 * MOST_SHOWN)}
        >Show more</button
      >
    {/if}
  {/if}
</section>
