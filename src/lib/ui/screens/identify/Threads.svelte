<script lang="ts">
  import { page } from '$app/state';
  import { getCrestRange, isTaper } from '#core/catalogue';
  import { threads } from '../../threads.ts';
  import { FAMILY_TRAITS, THREAD_FAMILIES, type ThreadFamily } from '#core/ends';
  import { checkDiameter, filterThreads } from '#core/identify';
  import { parseLength } from '#core/units';
  import { CONFIDENCE_NAMES } from '#words/parts.ts';
  import { sayRefusal } from '#words/refusals.ts';
  import { FAMILY_NAMES, sayPitch } from '#words/threads.ts';
  import UnitSwitch from '../../controls/UnitSwitch.svelte';
  import { unitSetting } from '../../controls/unit-setting.svelte.ts';
  import IdentifyNav from './IdentifyNav.svelte';

  let family = $state<ThreadFamily | ''>(
    THREAD_FAMILIES.find((each) => each === page.url.searchParams.get('family')) ?? '',
  );
  let gender = $state<'' | 'male' | 'female'>('');
  let perInch = $state('');
  let typed = $state('');

  const unit = $derived(unitSetting.unit);
  const diameter = $derived.by(() => {
    if (!typed.trim()) return null;
    const read = parseLength(typed, unit);
    return read.ok ? checkDiameter(read.value.length, typed.trim(), unit) : read;
  });
  const shown = $derived(
    filterThreads(threads.threads, {
      family: family || null,
      gender: gender || null,
      perInch: perInch.trim() ? Number(perInch.replace('½', '.5').replace(',', '.')) : null,
      diameter: diameter?.ok ? diameter.value : null,
    }),
  );
  const sayRange = (low: number, high: number) => {
    const show = (mm: number) => (unit === 'mm' ? mm.toFixed(2) : (mm / 25.4).toFixed(3));
    return `${show(low)} to ${show(high)}`;
  };
</script>

<svelte:head><title>Thread chart · Porthole</title></svelte:head>
<IdentifyNav><UnitSwitch /></IdentifyNav>
<main class="flex flex-col gap-3 p-3 sm:px-5">
  <div class="flex flex-wrap items-end gap-3">
    <h1 class="grow text-3xl font-semibold">Thread chart</h1>
    <button type="button" class="tap no-print btn" onclick={() => window.print()}>Print</button>
  </div>
  <form class="no-print flex flex-wrap items-end gap-3" onsubmit={(event) => event.preventDefault()}>
    <label>
      <span class="block text-sm font-semibold">Family</span>
      <select class="select w-auto max-w-72" style:height="44px" bind:value={family}>
        <option value="">all families</option>
        {#each THREAD_FAMILIES as each (each)}<option value={each}>{FAMILY_NAMES[each].name}</option>{/each}
      </select>
    </label>
    <label>
      <span class="block text-sm font-semibold">Gender</span>
      <select class="select w-auto" style:height="44px" bind:value={gender}>
        <option value="">both</option>
        <option value="male">male</option>
        <option value="female">female</option>
      </select>
    </label>
    <label class="w-36">
      <span class="block text-sm font-semibold">Crests measured, {unit}</span>
      <input
        class="input w-full"
        style:height="44px"
        maxlength="40"
        autocomplete="off"
        bind:value={typed}
        aria-invalid={diameter !== null && !diameter.ok}
        aria-describedby="chart-wrong"
      />
    </label>
    <label class="w-36">
      <span class="block text-sm font-semibold">Threads an inch</span>
      <input
        class="input w-full"
        style:height="44px"
        maxlength="6"
        inputmode="decimal"
        autocomplete="off"
        bind:value={perInch}
      />
    </label>
    <p class="pb-2 font-semibold" role="status">{shown.length} {shown.length === 1 ? 'thread' : 'threads'}</p>
  </form>
  <p id="chart-wrong" role="status" class="font-semibold text-error empty:hidden">
    {diameter && !diameter.ok ? sayRefusal(diameter.refusal) : ''}
  </p>
  {#if shown.length === 0}
    <p class="border-l-8 border-error bg-base-200 px-4 py-3">
      Nothing in the chart measures that. It may be worn, measured elsewhere than on the crests, or in no
      list: do not force a part on it.
    </p>
  {:else}
    <!-- Scrolls sideways on a narrow screen; focusable so that keys can scroll it. -->
    <!-- svelte-ignore a11y_no_noninteractive_tabindex -->
    <div class="overflow-x-auto print:overflow-visible" role="region" aria-label="Threads" tabindex="0">
      <table class="w-full text-left text-sm [&_td]:py-1 [&_td]:pr-4 [&_th]:py-1 [&_th]:pr-4">
        <thead>
          <tr class="border-b-2 border-base-content align-bottom">
            <th scope="col">Thread</th>
            <th scope="col">Size</th>
            <th scope="col">Form</th>
            <th scope="col">Pitch</th>
            <th scope="col">Crests, {unit}</th>
            <th scope="col">Seals</th>
            <th scope="col">Source</th>
          </tr>
        </thead>
        <tbody>
          {#each shown as thread (thread.id)}
            {@const [low, high] = getCrestRange(thread, isTaper(thread) ? 'first' : 'unknown')}
            {@const use = FAMILY_TRAITS[thread.family].gasUse}
            <tr class="break-inside-avoid border-b border-base-300">
              <th scope="row" class="font-semibold">{thread.designation}</th>
              <td>{thread.size === thread.designation ? '' : thread.size}</td>
              <td
                >{thread.gender}, {isTaper(thread) ? 'taper' : 'parallel'}, {thread.flank}°{thread.hand ===
                'left'
                  ? ', left-hand'
                  : ''}</td
              >
              <td>{sayPitch(thread)}</td>
              <td class="tabular-nums">{sayRange(low, high)}{isTaper(thread) ? ' at the first' : ''}</td>
              <td>
                {FAMILY_NAMES[thread.family].seals}{#if use !== 'gas'}<strong class="text-error">
                    {use === 'never' ? 'Never for gas.' : 'A look-alike.'}</strong
                  >{/if}
              </td>
              <td>{thread.source}, {CONFIDENCE_NAMES[thread.confidence]}</td>
            </tr>
          {/each}
        </tbody>
      </table>
    </div>
  {/if}
</main>
