<!-- What is asked beside the two ends: what they are on, what may be moved, where it is. -->
<script lang="ts">
  import { MediaQuery } from 'svelte/reactivity';
  import { SIDES } from '#core/catalogue';
  import { GASES } from '#core/house-rules';
  import { ZONES } from '#core/permissions';
  import { BEARERS, MOVEMENTS, WISHES, type Bearer } from '#core/transitions';
  import { GAS_NAMES } from '#words/appliances.ts';
  import { ZONE_NAMES } from '#words/places.ts';
  import { BEARER_NAMES, MOVEMENT_NAMES, SIDE_NAMES, WISH_NAMES } from '#words/transitions.ts';
  import type { TransitionForm } from './transition-form.svelte.ts';

  let { form, names }: { form: TransitionForm; names: readonly [string, string] } = $props();
  /** At the desk it stands open; in the hand it would push the answer out of sight. */
  const isWide = new MediaQuery('min-width: 1000px').current;
  const asked = $derived(
    [0, 1]
      .map(
        (i) =>
          `${names[i]!.toLowerCase()}: ${BEARER_NAMES[form.bearers[i]!]}, ${MOVEMENT_NAMES[form.moves[i]!]}`,
      )
      .join('; '),
  );
</script>

<details {...isWide ? { open: true } : {}}>
  <summary class="tap cursor-pointer py-2 underline decoration-dotted underline-offset-4"
    >How it is asked</summary
  >

  <div class="grid gap-x-6 gap-y-3 sm:grid-cols-2">
    {#each [0, 1] as const as i (i)}
      <fieldset class="flex flex-wrap items-end gap-x-3 gap-y-2">
        <legend class="chart-label">{names[i]}</legend>
        <label class="flex min-w-40 flex-1 flex-col text-sm"
          >is on
          <select
            class="tap select w-full"
            value={form.bearers[i]}
            onchange={({ currentTarget }) => form.sayBearer(i, currentTarget.value as Bearer)}
          >
            {#each BEARERS as each (each)}<option value={each}>{BEARER_NAMES[each]}</option>{/each}
          </select></label
        >
        <label class="flex min-w-40 flex-1 flex-col text-sm"
          >and
          <select class="tap select w-full" bind:value={form.moves[i]}>
            {#each MOVEMENTS as each (each)}<option value={each}>{MOVEMENT_NAMES[each]}</option>{/each}
          </select></label
        >
        {#if form.hasSides}
          <label class="flex w-full flex-col text-sm"
            >under
            <select
              class="tap select w-full"
              value={form.sides[i]}
              onchange={({ currentTarget }) => form.saySide(i, currentTarget.value as (typeof SIDES)[number])}
            >
              {#each SIDES as each (each)}<option value={each}>{SIDE_NAMES[each]}</option>{/each}
            </select></label
          >
        {/if}
      </fieldset>
    {/each}
  </div>
  <div class="mt-3 flex flex-wrap items-center gap-x-6">
    <label class="tap flex items-center gap-2"
      >first of all
      <select class="tap select w-64" bind:value={form.wish}>
        {#each WISHES as each (each)}<option value={each}>{WISH_NAMES[each]}</option>{/each}
      </select></label
    >
    <label class="tap flex items-center gap-2"
      ><input type="checkbox" class="checkbox" bind:checked={form.mayNarrow} /> may be narrower than the smaller
      end</label
    >
  </div>
  <details>
    <summary class="tap cursor-pointer py-2 underline decoration-dotted underline-offset-4"
      >Where it is, and which gas{form.zone === null && form.gas === null ? '' : ': '}{[
        form.zone === null ? null : ZONE_NAMES[form.zone].name,
        form.gas === null ? null : GAS_NAMES[form.gas],
      ]
        .filter((each) => each !== null)
        .join(', ')}</summary
    >
    <div class="flex flex-wrap items-end gap-x-6 gap-y-2 pb-2">
      <label class="flex w-64 flex-col text-sm"
        >the joints are
        <select class="tap select w-full" bind:value={form.zone}>
          <option value={null}>not said</option>
          {#each ZONES as each (each)}<option value={each}>{ZONE_NAMES[each].name}</option>{/each}
        </select></label
      >
      <label class="flex w-56 flex-col text-sm"
        >gas
        <select class="tap select w-full" bind:value={form.gas}>
          <option value={null}>not said</option>
          {#each GASES as each (each)}<option value={each}>{GAS_NAMES[each]}</option>{/each}
        </select></label
      >
      <label class="tap flex items-center gap-2"
        ><input type="checkbox" class="checkbox" bind:checked={form.insulates} /> must stop a current</label
      >
      <label class="tap flex items-center gap-2"
        ><input type="checkbox" class="checkbox" bind:checked={form.ammonia} /> ammonia in the air (stable, cold
        store)</label
      >
    </div>
  </details>
</details>
{#if !isWide}<p class="chart-label text-sm">{asked}; first of all {WISH_NAMES[form.wish]}.</p>{/if}
