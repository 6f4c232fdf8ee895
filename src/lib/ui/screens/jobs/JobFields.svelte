<script lang="ts">
  import type { Snippet } from 'svelte';
  import { GASES, JURISDICTIONS } from '#core/house-rules';
  import type { InputRefusal } from '#core/formats';
  import { GAS_NAMES, JURISDICTION_NAMES, UNIT_NAMES } from '#words/job-words.ts';
  import { sayInputRefusal } from '#words/input-refusals.ts';
  import type { JobForm } from './job-form.svelte.ts';

  interface Props {
    form: JobForm;
    wrong: InputRefusal | null;
    /** A unit is chosen when the job is opened: its tape goes with it. */
    unitsFixed?: boolean;
    /** What else the form asks, in the place that is left. */
    children?: Snippet;
  }
  let { form, wrong, unitsFixed = false, children }: Props = $props();
  const id = $props.id();
  const wrongField = $derived(wrong?.path.split('.')[0] ?? null);

  const TEXTS = [
    { field: 'name', label: 'Job', hint: 'as you would call it', required: true },
    { field: 'place', label: 'Place', hint: 'where it is, as you would tell a colleague', required: false },
    {
      field: 'people',
      label: 'At the bench',
      hint: 'names of those who may work on it, commas between',
      required: false,
    },
  ] as const;
</script>

{#snippet problem(field: string)}
  {#if wrong && wrongField === field}
    <p id="{id}-{field}-wrong" role="alert" class="font-medium text-error">{sayInputRefusal(wrong)}</p>
  {/if}
{/snippet}

{#snippet text(
  field: 'name' | 'place' | 'people' | 'edition',
  label: string,
  hint: string,
  required: boolean,
)}
  <div>
    <label class="block font-semibold" for="{id}-{field}">{label}</label>
    <input
      id="{id}-{field}"
      class="input h-12 w-full text-lg {wrongField === field ? 'input-error' : ''}"
      bind:value={form[field]}
      autocomplete="off"
      aria-required={required}
      aria-invalid={wrongField === field ? 'true' : undefined}
      aria-describedby="{id}-{field}-hint{wrongField === field ? ` ${id}-${field}-wrong` : ''}"
    />
    <p id="{id}-{field}-hint" class="chart-label text-sm">{hint}</p>
    {@render problem(field)}
  </div>
{/snippet}

<div class="grid gap-4 sm:grid-cols-2">
  {#each TEXTS as { field, label, hint, required } (field)}
    {@render text(field, label, hint, required)}
  {/each}
  <div>
    <label class="block font-semibold" for="{id}-units">Measured in</label>
    <select id="{id}-units" class="select h-12 w-full text-lg" bind:value={form.units} disabled={unitsFixed}>
      {#each Object.entries(UNIT_NAMES) as [value, name] (value)}<option {value}>{name}</option>{/each}
    </select>
    {@render problem('units')}
  </div>
  <div>
    <label class="block font-semibold" for="{id}-gas">Gas</label>
    <select id="{id}-gas" class="select h-12 w-full text-lg" bind:value={form.gas}>
      {#each GASES as value (value)}<option {value}>{GAS_NAMES[value]}</option>{/each}
    </select>
    {@render problem('gas')}
  </div>
  <div>
    <label class="block font-semibold" for="{id}-jurisdiction">Jurisdiction</label>
    <select
      id="{id}-jurisdiction"
      class="select h-12 w-full pe-10! text-lg max-sm:text-base"
      bind:value={form.jurisdiction}
    >
      {#each JURISDICTIONS as value (value)}<option {value}>{JURISDICTION_NAMES[value]}</option>{/each}
    </select>
    <p class="chart-label text-sm">whose code comes before every house rule</p>
    {@render problem('jurisdiction')}
  </div>
  {@render text('edition', 'Edition of the code', 'as the inspector names it; empty while not known', false)}
  {@render children?.()}
</div>
