<!-- A list to read from at the counter: large, one line a part, ticked with a thumb. -->
<script lang="ts">
  import { resolve } from '$app/paths';
  import Minus from '@lucide/svelte/icons/minus';
  import Plus from '@lucide/svelte/icons/plus';
  import { untrack } from 'svelte';
  import { namePart, sayRating } from '#words/parts.ts';
  import TroubleNote from '../../controls/TroubleNote.svelte';
  import { catalogue } from '../../catalogue.ts';
  import { counterList } from './counter-list.svelte.ts';

  $effect(() => void untrack(() => counterList.adopt()));
  const lines = $derived(
    counterList.lines.map((line, at) => {
      const part = catalogue.findPartById(line.part);
      return { ...line, at, name: line.name ?? (part ? `${namePart(part)}${sayRating(part)}` : line.part) };
    }),
  );
  const ticked = $derived(lines.filter(({ isTicked }) => isTicked).length);
</script>

{#if counterList.trouble}<TroubleNote refusal={counterList.trouble} />{/if}
{#if counterList.isLoose}
  <p role="status" class="border-l-4 border-warning pl-3 text-lg">
    This browser keeps nothing: the list is here as long as this page is open. Print it, or write it down.
  </p>
{/if}
{#if lines.length === 0}
  <p class="text-lg">
    Nothing is on it yet. Put parts on it where they are found: <a class="underline" href={resolve('/joints')}
      >between two ends</a
    >, <a class="underline" href={resolve('/parts')}>among the parts</a>, or from a run’s cut sheet.
  </p>
{:else}
  <p class="chart-label" role="status">
    {ticked === lines.length ? 'All of it is got.' : `${lines.length - ticked} to get, ${ticked} got.`}
  </p>
  <ul aria-label="To ask for">
    {#each lines as { at, name, count, isTicked } (at)}
      <li class="flex items-center gap-3 border-t border-base-300 py-2">
        <label class="flex min-h-14 min-w-0 flex-1 cursor-pointer items-center gap-4">
          <input
            type="checkbox"
            class="checkbox shrink-0 checkbox-xl"
            checked={isTicked}
            onchange={({ currentTarget }) =>
              counterList.change(at, () => ({ isTicked: currentTarget.checked }))}
          />
          <span class="text-2xl leading-tight {isTicked ? 'line-through opacity-60' : ''}"
            ><strong class="tabular-nums">{count} ×</strong>
            <span class="first-letter:uppercase">{name}</span></span
          >
        </label>
        <div class="no-print flex shrink-0 items-center">
          <button
            type="button"
            class="tap btn btn-ghost px-2"
            aria-label="One less: {name}"
            onclick={() =>
              count > 1
                ? counterList.change(at, (line) => ({ count: Math.max(1, line.count - 1) }))
                : counterList.take(at)}><Minus aria-hidden="true" /></button
          >
          <button
            type="button"
            class="tap btn btn-ghost px-2"
            aria-label="One more: {name}"
            onclick={() => counterList.change(at, (line) => ({ count: line.count + 1 }))}
            ><Plus aria-hidden="true" /></button
          >
        </div>
      </li>
    {/each}
  </ul>
  <p class="no-print flex flex-wrap gap-3">
    <button type="button" class="tap btn" disabled={ticked === 0} onclick={() => counterList.clearTicked()}
      >Take off what is ticked</button
    >
    <button type="button" class="tap btn" onclick={() => window.print()}>Print it</button>
  </p>
  <p class="chart-label text-sm">
    {counterList.isLoose ? '' : 'This list is kept on this device. '}Show the clerk the part itself where you
    have one.
  </p>
{/if}
