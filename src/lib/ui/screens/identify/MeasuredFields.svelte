<script lang="ts">
  import { untrack } from 'svelte';
  import { MediaQuery } from 'svelte/reactivity';
  import { THREAD_PLACES } from '#core/catalogue';
  import { LEAF_FITS, MEASURING_INSTRUMENTS } from '#core/identify';
  import { GAUGE_LEAVES } from '#core/instruments';
  import type { LengthUnit } from '#core/units';
  import { INSTRUMENT_NAMES, LEAF_FIT_NAMES, nameLeaf, PLACE_NAMES } from '#words/identify.ts';
  import { sayRefusal } from '#words/refusals.ts';
  import FractionKeypad from '../../instruments/FractionKeypad.svelte';
  import type { BenchQuestion, IdentifyBench } from './identify-bench.svelte.ts';
  import { MeasuredAnswer } from './measured-answer.svelte.ts';

  let { bench, question, unit }: { bench: IdentifyBench; question: BenchQuestion; unit: LengthUnit } =
    $props();
  const answer = untrack(() => new MeasuredAnswer(bench, question));
  const id = $props.id();
  const isDiameter = $derived(question === 'diameter' || question === 'second-diameter');
  const isGenderSaid = $derived(
    bench.observations.some(({ kind }) => kind === 'gender' || kind === 'diameter'),
  );
  let named = $state('');
  const isWide = new MediaQuery('min-width: 1024px').current;
  /** Of a count: the threads are typed first, then over what length. */
  let isOnThreads = $state(untrack(() => question === 'count'));

  function take(event: SubmitEvent): void {
    event.preventDefault();
    const read = answer.read(unit);
    if (!read.ok) return;
    const usual =
      question === 'leaf'
        ? 'pitch gauge'
        : question === 'marking'
          ? null
          : INSTRUMENT_NAMES[answer.instrument];
    bench.take(read.value, named.trim() || usual);
  }
</script>

<form class="flex flex-col gap-2" novalidate onsubmit={take}>
  {#if question === 'leaf'}
    <fieldset class="flex flex-wrap gap-1.5">
      <legend class="font-semibold">Leaf</legend>
      {#each GAUGE_LEAVES as leaf (leaf.name)}
        <label
          class="tap flex min-w-12 cursor-pointer items-center justify-center border border-base-content/60 px-2 has-checked:bg-accent has-checked:text-accent-content has-focus-visible:outline-2"
        >
          <input
            type="radio"
            class="sr-only"
            name="{id}-leaf"
            value={leaf.perInch}
            bind:group={answer.leaf}
          />
          {nameLeaf(leaf.perInch)}
        </label>
      {/each}
    </fieldset>
    <fieldset class="flex flex-wrap gap-1.5">
      <legend class="font-semibold">It</legend>
      {#each LEAF_FITS as fit (fit)}
        <label
          class="tap flex grow cursor-pointer items-center justify-center border border-base-content/60 px-3 has-checked:bg-accent has-checked:text-accent-content has-focus-visible:outline-2"
        >
          <input type="radio" class="sr-only" name="{id}-fit" value={fit} bind:group={answer.fit} />
          {LEAF_FIT_NAMES[fit]}
        </label>
      {/each}
    </fieldset>
  {:else}
    {#if isDiameter && !isGenderSaid}
      <fieldset class="grid grid-cols-2 gap-1.5">
        <legend class="sr-only">Side</legend>
        {#each ['outside', 'inside'] as const as side (side)}
          <label
            class="tap flex cursor-pointer items-center justify-center border border-base-content/60 px-3 has-checked:bg-accent has-checked:text-accent-content has-focus-visible:outline-2"
          >
            <input type="radio" class="sr-only" name="{id}-side" value={side} bind:group={answer.side} />
            {side === 'outside' ? 'outside, male' : 'inside, female'}
          </label>
        {/each}
      </fieldset>
    {/if}
    <div class="flex flex-wrap gap-3">
      {#if question === 'count'}
        <label class="w-28">
          <span class="block font-semibold">Threads</span>
          <input
            class="input h-12 w-full text-xl"
            inputmode="none"
            autocomplete="off"
            bind:value={answer.threads}
            onfocus={() => (isOnThreads = true)}
            aria-describedby="{id}-wrong"
          />
        </label>
      {/if}
      <label class="min-w-36 grow">
        <span
          class="block font-semibold {question === 'count' || question === 'marking' ? '' : 'max-lg:sr-only'}"
          >{question === 'count'
            ? 'Over'
            : question === 'marking'
              ? 'Marking'
              : question === 'collar'
                ? 'Across the flats'
                : `Diameter, ${answer.side}`}{#if question !== 'marking'}<span class="font-normal"
              >, {unit} unless you write it</span
            >{/if}</span
        >
        <input
          class="input h-12 w-full text-xl"
          autocomplete="off"
          maxlength="60"
          inputmode={question === 'marking' ? 'text' : 'none'}
          placeholder={question === 'marking' ? '' : unit}
          bind:value={answer.typed}
          onfocus={() => (isOnThreads = false)}
          aria-invalid={answer.refusal !== null}
          aria-describedby="{id}-wrong"
        />
      </label>
    </div>
    {#if question !== 'marking'}
      <!-- A pad of its own: the phone's keyboard would cover what it is about. -->
      <div class="lg:hidden">
        <FractionKeypad
          typed={isOnThreads ? answer.threads : answer.typed}
          {unit}
          use="reading"
          onpress={(typed) => {
            if (isOnThreads) answer.threads = typed;
            else answer.typed = typed;
          }}
        />
      </div>
    {/if}
  {/if}
  <p id="{id}-wrong" role="status" class="font-semibold text-error empty:hidden">
    {answer.refusal ? sayRefusal(answer.refusal) : ''}
  </p>
  <div class="flex flex-wrap gap-2 lg:flex-col">
    {#if question !== 'leaf' && question !== 'marking' && question !== 'collar'}
      <details class="otherwise" {...isWide ? { open: true } : {}}>
        <summary
          class="tap flex cursor-pointer items-center text-sm underline decoration-dotted underline-offset-4 lg:hidden"
          >{INSTRUMENT_NAMES[answer.instrument]}{question === 'count'
            ? ''
            : `, ${PLACE_NAMES[answer.place]}`}: otherwise?</summary
        >
        <div class="flex flex-wrap gap-3">
          <label class="grow">
            <span class="block text-sm font-semibold">With</span>
            <select class="select w-full" style:height="44px" bind:value={answer.instrument}>
              {#each MEASURING_INSTRUMENTS as each (each)}<option value={each}
                  >{INSTRUMENT_NAMES[each]}</option
                >{/each}
            </select>
          </label>
          {#if question !== 'count'}
            <label class="grow">
              <span class="block text-sm font-semibold">Where</span>
              <select class="select w-full" style:height="44px" bind:value={answer.place}>
                {#each THREAD_PLACES as each (each)}<option value={each}>{PLACE_NAMES[each]}</option>{/each}
              </select>
            </label>
          {/if}
          <label class="grow">
            <span class="block text-sm font-semibold">Its name, for the record</span>
            <input
              class="input w-full"
              style:height="44px"
              maxlength="60"
              autocomplete="off"
              placeholder={INSTRUMENT_NAMES[answer.instrument]}
              bind:value={named}
            />
          </label>
        </div>
      </details>
    {/if}
    <button type="submit" class="btn h-12 grow btn-primary">Take this reading</button>
  </div>
</form>

<style>
  /* Beside the button while it is closed, over it once it is open. */
  .otherwise {
    max-width: 46%;
  }
  .otherwise[open] {
    flex-basis: 100%;
    max-width: none;
  }
  @media (min-width: 1024px) {
    .otherwise {
      max-width: none;
    }
  }
</style>
