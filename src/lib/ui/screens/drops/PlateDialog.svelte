<script lang="ts">
  import { untrack } from 'svelte';
  import { resolve } from '$app/paths';
  import { APPLIANCE_KINDS, makeThreadEnd } from '#core/catalogue';
  import type { End } from '#core/ends';
  import { GASES, type Gas } from '#core/house-rules';
  import { readEndName, getSpecimenEnd } from '#core/joints';
  import { newAppliance, type ApplianceEnd, type Plate } from '#core/runs/document';
  import { planCloseEnd } from '#core/runs/commands';
  import {
    INPUT_BASES,
    isBasisAsked,
    parseGasInput,
    PRESSURE_UNITS,
    type GasInput,
    type PressureUnit,
  } from '#core/units';
  import { APPLIANCE_KIND_NAMES, GAS_NAMES, sayGasInputRefusal } from '#words/appliances.ts';
  import { nameFoundEnd, nameThread } from '#words/threads.ts';
  import { sayRefusal, type Refusal } from '#words/refusals.ts';
  import { findFloorPoint, type Drop } from '#core/traps';
  import { FLOOR_LABELS } from '#words/traps.ts';
  import Dialog from '../../controls/Dialog.svelte';
  import MeasureField from '../../controls/MeasureField.svelte';
  import type { RunStore } from '../../store/run-store.svelte.ts';
  import { SpecimensStore } from '../../store/specimens-store.svelte.ts';
  import { threads } from '../../threads.ts';

  interface Props {
    open: boolean;
    store: RunStore;
    /** The node of the appliance, and what stands there. */
    node: string;
    appliance: ApplianceEnd;
    /** Its drop, where the run has one. */
    drop?: Drop | null;
    /** A specimen that was just identified as its inlet. */
    specimen?: string | null;
  }
  let { open = $bindable(), store, node, appliance, drop = null, specimen = null }: Props = $props();
  const from = $derived(drop ? findFloorPoint(drop) : 'inlet');
  const id = $props.id();
  const unit = $derived(store.details?.units ?? 'in');
  const specimens = untrack(() => new SpecimensStore(store.job));
  $effect(() => {
    void specimens.open();
    return () => specimens.close();
  });
  const THREADS = threads.threads.map((thread) => makeThreadEnd(thread));

  let name = $state('');
  let what = $state<Plate['what'] | ''>('');
  let ownKind = $state('');
  let inlet = $state.raw<End | null>(null);
  let inletTyped = $state('');
  let inputTyped = $state('');
  let basis = $state<GasInput['basis'] | ''>('');
  let gas = $state<Gas | ''>('');
  let bounds = $state({ least: '', greatest: '' });
  let pressureUnit = $state<PressureUnit>('in wc');
  const YES_NO = ['hasTrap', 'moves', 'hasShutOff'] as const;
  let answers = $state<Record<(typeof YES_NO)[number], boolean | null>>({ hasTrap: null, moves: null, hasShutOff: null }); // prettier-ignore
  let floor = $state.raw<Plate['floor']>(null);
  let wrong = $state<Partial<Record<'kind' | 'input' | 'pressure' | 'inlet', string>>>({});
  let refusal = $state.raw<Refusal | null>(null);
  const ASKS = {
    hasTrap: 'a sediment trap is built into it',
    moves: 'it is moved in use',
    hasShutOff: 'it has a shut-off of its own',
  } as const;

  /** The form begins with what is known, each time it is opened. */
  $effect(() => {
    if (open) untrack(begin);
  });
  function begin(): void {
    const { plate } = appliance;
    name = appliance.name;
    [what, ownKind] = [plate.what ?? '', plate.ownKind];
    [inlet, inletTyped] = [appliance.inlet, ''];
    [inputTyped, basis] = [plate.input?.typed ?? '', plate.input?.basis ?? ''];
    gas = plate.gas ?? '';
    bounds = plate.pressure
      ? { least: String(plate.pressure.least), greatest: String(plate.pressure.greatest) }
      : { least: '', greatest: '' };
    pressureUnit = plate.pressure?.unit ?? (unit === 'in' ? 'in wc' : 'mbar');
    answers = { hasTrap: plate.hasTrap, moves: plate.moves, hasShutOff: plate.hasShutOff };
    floor = plate.floor;
    wrong = {};
    refusal = null;
  }
  /** The specimen that was brought along becomes the inlet as soon as it is known here. */
  $effect(() => {
    const found = specimen && specimens.list.find((each) => each.specimen.id === specimen)?.specimen;
    if (open && found) inlet = getSpecimenEnd(found, threads);
  });

  const reading = $derived(readEndName(inletTyped, THREADS));
  const offered = $derived(reading.ends.flatMap((end) => (end.kind === 'thread' ? [end] : [])).slice(0, 4));
  const read = $derived(inputTyped.trim() ? parseGasInput(inputTyped) : null);
  const asksBasis = $derived(
    read?.ok === true && (isBasisAsked(read.value) || (read.value.unit === 'kW' && basis !== '')),
  );

  function readPressure(): Plate['pressure'] | 'wrong' {
    const { least, greatest } = bounds;
    if (least.trim() === '' && greatest.trim() === '') return null;
    const [low, high] = [Number(least.replace(',', '.')), Number(greatest.replace(',', '.'))];
    return low > 0 && high >= low && high <= 1000
      ? { least: low, greatest: high, unit: pressureUnit }
      : 'wrong';
  }

  function keep(): void {
    const pressure = readPressure();
    wrong = {
      ...(what === 'own' && !ownKind.trim() ? { kind: 'Give your own kind a name, or pick one of the list.' } : {}),
      ...(read && !read.ok ? { input: sayGasInputRefusal(read.refusal) } : {}),
      ...(pressure === 'wrong' ? { pressure: `Read “${bounds.least}” and “${bounds.greatest}”. Two figures, the lesser first: 4.5 and 10.5.` } : {}),
      ...(inletTyped.trim() ? { inlet: `“${inletTyped.trim()}” was typed and none of the ends picked. Pick one, or empty the field.` } : {}),
    }; // prettier-ignore
    if (Object.keys(wrong).length > 0 || pressure === 'wrong' || !store.doc) return;
    const input = read?.ok ? { ...read.value, basis: read.value.basis ?? (basis || null) } : null;
    const made = newAppliance(name.trim() || 'appliance', inlet, {
      what: what || null,
      ownKind: what === 'own' ? ownKind.trim() : '',
      input,
      gas: gas || null,
      pressure,
      ...answers,
      floor,
    });
    const planned = planCloseEnd(store.doc, node, made);
    const done = planned.ok ? store.apply(planned.value) : planned;
    refusal = done.ok ? null : done.refusal;
    if (done.ok) open = false;
  }
</script>

<Dialog bind:open title="What its plate says">
  <form
    class="flex flex-col gap-4"
    onsubmit={(event) => {
      event.preventDefault();
      keep();
    }}
  >
    <div class="flex flex-wrap items-end gap-3">
      <label class="flex flex-col text-sm"
        ><span class="chart-label">name</span>
        <input class="tap input w-48" maxlength="80" bind:value={name} /></label
      >
      <label class="flex flex-col text-sm"
        ><span class="chart-label">kind</span>
        <select class="tap select w-44" bind:value={what}>
          <option value="">not said yet</option>
          {#each APPLIANCE_KINDS as kind (kind)}<option value={kind}>{APPLIANCE_KIND_NAMES[kind]}</option
            >{/each}
          <option value="own">a kind of our own</option>
        </select></label
      >
      {#if what === 'own'}
        <label class="flex flex-col text-sm"
          ><span class="chart-label">which</span>
          <input
            class="tap input w-44"
            maxlength="80"
            bind:value={ownKind}
            aria-invalid={wrong.kind ? 'true' : undefined}
          />
        </label>
      {/if}
      {#if wrong.kind}<p role="alert" class="w-full text-error">{wrong.kind}</p>{/if}
    </div>
    <div class="flex flex-wrap items-end gap-3">
      <label class="flex flex-col text-sm"
        ><span class="chart-label">input</span>
        <input
          class="tap input w-44"
          maxlength="60"
          placeholder="80,000 Btu/h"
          bind:value={inputTyped}
          aria-invalid={wrong.input ? 'true' : undefined}
          aria-describedby={wrong.input ? `${id}-input` : undefined}
        /></label
      >
      {#if asksBasis}
        <label class="flex flex-col text-sm"
          ><span class="chart-label">net or gross, by the plate</span>
          <select class="tap select w-36" bind:value={basis}>
            <option value="">not said</option>
            {#each INPUT_BASES as each (each)}<option value={each}>{each}</option>{/each}
          </select></label
        >
      {/if}
      <label class="flex flex-col text-sm"
        ><span class="chart-label">set for</span>
        <select class="tap select w-44" bind:value={gas}>
          <option value="">not said yet</option>
          {#each GASES as each (each)}<option value={each}>{GAS_NAMES[each]}</option>{/each}
        </select></label
      >
      {#if wrong.input}<p id="{id}-input" role="alert" class="w-full text-error">{wrong.input}</p>{/if}
    </div>
    <fieldset class="flex flex-col gap-1">
      <legend class="chart-label text-sm"
        >its inlet: {inlet === null ? 'as the pipe needs it' : nameFoundEnd(inlet)}</legend
      >
      <div class="flex flex-wrap items-end gap-2">
        <input
          class="tap input w-56"
          maxlength="80"
          aria-label="Name of the inlet"
          placeholder="1/2 npt female"
          bind:value={inletTyped}
          aria-invalid={wrong.inlet ? 'true' : undefined}
        />
        {#each offered as end (nameThread(end.thread))}
          <button
            type="button"
            class="tap btn px-3"
            onclick={() => {
              const { family, size, gender } = end.thread;
              inlet = { kind: 'thread', family, size, gender, hand: null, seat: end.seat, metal: end.metal };
              inletTyped = '';
            }}>{nameThread(end.thread)}</button
          >
        {/each}
        {#if inlet !== null}<button type="button" class="tap btn" onclick={() => (inlet = null)}
            >As the pipe needs it</button
          >{/if}
        {#if specimens.list.length > 0}
          <label class="flex flex-col text-sm"
            ><span class="chart-label">or a specimen of this job</span>
            <select
              class="tap select w-56"
              onchange={(event) => {
                const found = specimens.list.find((each) => each.specimen.id === event.currentTarget.value);
                if (found) inlet = getSpecimenEnd(found.specimen, threads);
              }}
            >
              <option value="">none</option>
              {#each specimens.list as { specimen: each } (each.id)}<option value={each.id}
                  >{each.name}</option
                >{/each}
            </select></label
          >
        {/if}
      </div>
      {#if wrong.inlet}<p role="alert" class="text-error">{wrong.inlet}</p>{/if}
      <p class="text-sm">
        Not known? Measure across its crests and count the threads:
        <a
          class="underline decoration-dotted underline-offset-4"
          href="{resolve('/jobs/[job]/identify', { job: store.job })}?inlet={store.run}.{node}"
          >identify it on the bench</a
        > and come back with it.
      </p>
    </fieldset>
    <div class="flex flex-wrap items-end gap-3">
      {#each [['least', 'inlet pressure, least'], ['greatest', 'greatest']] as const as [which, label] (which)}
        <label class="flex flex-col text-sm"
          ><span class="chart-label">{label}</span>
          <input
            class="tap input w-24"
            inputmode="decimal"
            maxlength="10"
            bind:value={bounds[which]}
            aria-invalid={wrong.pressure ? 'true' : undefined}
          /></label
        >
      {/each}
      <label class="flex flex-col text-sm"
        ><span class="chart-label">in</span>
        <select class="tap select w-28" bind:value={pressureUnit}>
          {#each PRESSURE_UNITS as each (each)}<option value={each}>{each}</option>{/each}
        </select></label
      >
      <MeasureField
        label={FLOOR_LABELS[from]}
        {unit}
        value={floor?.from === from ? floor.length : null}
        placeholder="not measured"
        optional
        width="w-40"
        onmeasure={(length, typed) => (floor = length === null ? null : { from, length, typed })}
      />
      {#if wrong.pressure}<p role="alert" class="w-full text-error">{wrong.pressure}</p>{/if}
    </div>
    {#each YES_NO as ask (ask)}
      <fieldset class="flex flex-wrap items-center gap-x-4">
        <legend class="float-left mr-3 min-w-64">{ASKS[ask]}</legend>
        {#each [['yes', true], ['no', false], ['not known', null]] as const as [label, value] (label)}
          <label class="tap flex cursor-pointer items-center gap-2"
            ><input
              type="radio"
              class="radio checked:bg-accent checked:text-accent-content"
              name="{id}-{ask}"
              checked={answers[ask] === value}
              onchange={() => (answers[ask] = value)}
            />{label}</label
          >
        {/each}
      </fieldset>
    {/each}
    {#if gas && store.gas && gas !== store.gas}
      <p role="alert" class="border-l-4 border-error pl-3 font-medium text-error">
        Stop. The job is {GAS_NAMES[store.gas]}: do not connect it until it is converted by its maker’s kit
        and labelled.
      </p>
    {/if}
    {#if refusal}<p role="alert" class="text-error">{sayRefusal(refusal, unit)}</p>{/if}
    <button type="submit" class="btn h-14 text-lg btn-primary">Keep it</button>
  </form>
</Dialog>
