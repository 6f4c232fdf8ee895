<script lang="ts">
  import { MediaQuery } from 'svelte/reactivity';
  import { NOMINAL_SIZES, THREAD_FAMILIES, METALS, TEMPERS, type Metal } from '#core/ends';
  import type { Specimen } from '#core/identify';
  import { END_KIND_NAMES, METAL_NAMES, sayEnd, saySeat, TEMPER_NAMES } from '#words/pair-verdicts.ts';
  import { FAMILY_NAMES } from '#words/threads.ts';
  import {
    END_KINDS,
    FLANGES,
    isFamily,
    isSize,
    nameEnd,
    readNamedEnd,
    SOCKETS,
    TUBE_ENDS,
    type EndChoice,
    type EndKind,
  } from './end-choice.svelte.ts';

  interface Props {
    title: string;
    choice: EndChoice;
    specimens: readonly Specimen[];
  }
  let { title, choice, specimens }: Props = $props();
  const id = $props.id();
  /** Of the ends that agree with a name so many are offered. */
  const MOST = 5;
  /** At the desk the lists stand open; in the hand they would push the verdict out of sight. */
  const isWide = new MediaQuery('min-width: 1000px').current;
  const reading = $derived(readNamedEnd(choice.typed));
  /** One that is meant beyond doubt is taken; of several one is chosen. */
  function takeOnly(): void {
    const [only, another] = reading.ends;
    if (only && !another && reading.unknown.length === 0) choice.pickEnd(only);
  }
  const kinds = $derived(END_KINDS.filter((kind) => kind !== 'specimen' || specimens.length > 0));
</script>

<fieldset
  class="flex min-w-0 flex-wrap content-start items-end gap-x-3 gap-y-1 border-l-4 border-accent pl-3"
>
  <legend class="float-left w-full text-lg font-semibold"
    >{title}:
    <span class="font-normal"
      >{choice.typed.trim()
        ? `“${choice.typed.trim()}”, not chosen yet`
        : `${choice.called ? `“${choice.called}”: ` : ''}${sayEnd(choice.end)}`}</span
    ></legend
  >
  <div class="w-full">
    <label class="chart-label text-sm" for="{id}-name">type its name</label>
    <input
      id="{id}-name"
      class="input h-12 w-full text-lg"
      autocomplete="off"
      autocapitalize="off"
      spellcheck="false"
      maxlength="80"
      placeholder="3/4 npt m · half inch flare nut · 8 mm copper"
      bind:value={choice.typed}
      onkeydown={(event) => {
        if (event.key === 'Enter') takeOnly();
      }}
    />
    {#if choice.typed.trim()}
      <div class="mt-1 flex flex-wrap gap-1" role="group" aria-label="{title}: which of these">
        {#each reading.ends.slice(0, MOST) as end (sayEnd(end))}
          <button
            type="button"
            class="tap btn h-auto max-w-full px-3 py-2 text-left whitespace-normal"
            onclick={() => choice.pickEnd(end)}>{nameEnd(end)}</button
          >
        {/each}
      </div>
      {#if reading.unknown.length > 0}
        <p role="alert" class="text-sm text-error">
          Not understood: {reading.unknown.join(', ')}. Say size, thread or tube, and which side: 3/4 npt m, 8
          mm copper.
        </p>
      {:else if reading.ends.length === 0}
        <p role="alert" class="text-sm text-error">
          No end here is all of that. Leave a word out, or pick it from the lists.
        </p>
      {:else if reading.ends.length > 1}
        <p class="text-sm font-medium text-warning">
          {reading.ends.length} ends are called that: choose the one that is meant{reading.ends.length > MOST
            ? ', or say more of it'
            : ''}.
        </p>
      {/if}
    {/if}
  </div>
  <!-- In the hand whoever opens it before the page has its script finds it open still. -->
  <details class="w-full" {...isWide ? { open: true } : {}} onchange={() => (choice.typed = '')}>
    <summary
      class="tap flex cursor-pointer items-center text-sm underline decoration-dotted underline-offset-4"
      >or pick it from lists</summary
    >
    <div class="flex flex-wrap items-end gap-x-3 gap-y-1">
      <label class="flex flex-col text-sm"
        ><span class="chart-label">what it is</span>
        <select
          class="tap select w-40"
          value={choice.kind}
          onchange={(event) => choice.pickKind(event.currentTarget.value as EndKind)}
        >
          {#each kinds as kind (kind)}<option value={kind}>{END_KIND_NAMES[kind]}</option>{/each}
        </select></label
      >
      {#if choice.kind === 'thread'}
        <label class="flex flex-col text-sm"
          ><span class="chart-label">family</span>
          <select
            class="tap select w-60 max-w-full"
            value={choice.family}
            onchange={(event) => {
              if (isFamily(event.currentTarget.value)) choice.pickFamily(event.currentTarget.value);
            }}
          >
            {#each THREAD_FAMILIES as family (family)}<option value={family}
                >{FAMILY_NAMES[family].name}</option
              >{/each}
          </select></label
        >
        <label class="flex flex-col text-sm"
          ><span class="chart-label">size</span>
          <select
            class="tap select w-36"
            value={choice.size}
            onchange={(event) => choice.pickSize(event.currentTarget.value)}
          >
            {#each choice.sizes as size (size)}<option value={size}>{size}</option>{/each}
          </select></label
        >
        <label class="flex flex-col text-sm"
          ><span class="chart-label">gender</span>
          <select class="tap select w-28" bind:value={choice.gender}>
            {#each choice.genders as gender (gender)}<option value={gender}>{gender}</option>{/each}
          </select></label
        >
        {#if choice.seats.length > 1}
          <label class="flex flex-col text-sm"
            ><span class="chart-label">seat</span>
            <select
              class="tap select w-44"
              value={choice.seat}
              onchange={(event) => choice.pickSeat(event.currentTarget.value as typeof choice.seat)}
            >
              {#each choice.seats as seat (seat)}<option value={seat}>{saySeat(seat)}</option>{/each}
            </select></label
          >
        {/if}
        <label class="flex flex-col text-sm"
          ><span class="chart-label">metal</span>
          <select
            class="tap select w-32"
            value={choice.metal}
            onchange={(event) => (choice.metal = event.currentTarget.value as Metal)}
          >
            {#each METALS as material (material)}<option value={material}>{METAL_NAMES[material]}</option
              >{/each}
          </select></label
        >
      {:else if choice.kind === 'tube' || choice.kind === 'socket' || choice.kind === 'flange'}
        {@const list = { tube: TUBE_ENDS, socket: SOCKETS, flange: FLANGES }[choice.kind]}
        <label class="flex flex-col text-sm"
          ><span class="chart-label">which</span>
          <select
            class="tap select w-72 max-w-full"
            value={choice[choice.kind]}
            onchange={(event) => {
              if (choice.kind === 'tube' || choice.kind === 'socket' || choice.kind === 'flange')
                choice[choice.kind] = Number(event.currentTarget.value);
            }}
          >
            {#each list as end, i (i)}<option value={i}>{sayEnd(end)}</option>{/each}
          </select></label
        >
        {#if choice.kind === 'tube' && choice.asksTemper}
          <label class="flex flex-col text-sm"
            ><span class="chart-label">drawn</span>
            <select class="tap select w-48" bind:value={choice.temper}>
              {#each TEMPERS as temper (temper)}<option value={temper}>{TEMPER_NAMES[temper]}</option>{/each}
            </select></label
          >
        {/if}
      {:else if choice.kind === 'union-half'}
        <label class="flex flex-col text-sm"
          ><span class="chart-label">size</span>
          <select
            class="tap select w-28"
            value={choice.unionSize}
            onchange={(event) => {
              if (isSize(event.currentTarget.value)) choice.unionSize = event.currentTarget.value;
            }}
          >
            {#each NOMINAL_SIZES as size (size)}<option value={size}>{size}</option>{/each}
          </select></label
        >
        <label class="flex flex-col text-sm"
          ><span class="chart-label">half</span>
          <select class="tap select w-44" bind:value={choice.half}>
            <option value="cone">with the cone and nut</option>
            <option value="socket">with the socket</option>
          </select></label
        >
      {:else if choice.kind === 'specimen'}
        <label class="flex flex-col text-sm"
          ><span class="chart-label">specimen of this job</span>
          <select class="tap select w-72 max-w-full" bind:value={choice.specimen}>
            {#each specimens as { id, name, simulated } (id)}
              <option value={id}>{name}{simulated ? ' (simulated)' : ''}</option>
            {/each}
          </select></label
        >
      {/if}
    </div>
  </details>
</fieldset>
