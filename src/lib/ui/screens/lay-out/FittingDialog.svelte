<script lang="ts">
  import { findArriving, findOpeningAt } from '#core/runs/reading';
  import { sayAt } from '#words/refs.ts';
  import { resolve } from '$app/paths';
  import { APPLIANCE_KINDS, type ApplianceKind } from '#core/catalogue';
  import { newAppliance } from '#core/runs/document';
  import { findInlet, findBendAt } from '#core/runs/fittings';
  import { findKindsThatFit, listReductions } from '#core/runs/commands';
  import type { LaidNode } from '#core/runs/pieces';
  import { APPLIANCE_KIND_NAMES } from '#words/appliances.ts';
  import { sayFittingRefusal } from '#words/fitting-refusals.ts';
  import { getCraft } from '#core/materials';
  import { sayLength } from '#words/length-text.ts';
  import MeasureField from '../../controls/MeasureField.svelte';
  import { nameFitting, namePart, namePartKind } from '#words/parts.ts';
  import { CAUTIONS } from '#words/cautions.ts';
  import { accept } from '#core/outcome';
  import { newId } from '../../store/new-id.ts';
  import TransitionLink from '../joints/TransitionLink.svelte';
  import ReductionChoice from './ReductionChoice.svelte';
  import Dialog from '../../controls/Dialog.svelte';
  import TroubleNote from '../../controls/TroubleNote.svelte';
  import type { LegEntry } from './leg-entry.svelte.ts';
  import PartLength from '../parts/PartLength.svelte';
  import type { RunEditor } from './run-editor.ts';

  interface Props {
    open: boolean;
    entry: LegEntry;
    editor: RunEditor;
    ids: { readonly job: string; readonly run: string };
  }
  let { open = $bindable(), entry, editor, ids }: Props = $props();
  const id = $props.id();
  const node = $derived<LaidNode | null>(open ? entry.growingNode : null);
  const kinds = $derived(node && entry.store.doc ? findKindsThatFit(entry.store.doc, node.id) : []);
  const bend = $derived(node?.fitting.kind === 'bend' ? node.fitting : null);
  /** Tube goes on through here: a bend unless a fitting is put there. */
  const isTube = $derived(
    node ? findBendAt({ ...node.node, part: { kind: 'auto' } }, node.legs) !== null : false,
  );
  const chosen = $derived(
    node?.node.part.kind === 'chosen' ? node.node.part.part : isTube ? null : (kinds[0] ?? null),
  );
  const bending = $derived(
    bend && entry.layout
      ? getCraft(bend.legs[0]).findBending(bend.legs[0], entry.layout.rules, entry.layout.catalogue)
      : null,
  );
  const parts = $derived(
    node?.fitting.kind === 'part'
      ? [node.fitting.part, ...Object.values(node.fitting.adapters ?? {}).map(({ part }) => part)].filter(
          ({ kind }) => kind !== 'existing' && kind !== 'appliance',
        )
      : [],
  );
  const opening = $derived(node && entry.layout ? findOpeningAt(entry.layout, node.id) : null);
  const reductions = $derived(node && entry.layout ? listReductions(entry.layout, node.id, newId) : []);
  /** Transitions that were put in here. */
  const picks = $derived(
    Object.values(entry.store.doc?.picks ?? {}).flatMap((pick) =>
      pick.station === node?.id
        ? [
            {
              ...pick,
              tag: node.legs.find(({ id }) => id === pick.leg)?.tag ?? '?',
              names: pick.parts.map(({ part }) => {
                const found = entry.layout?.catalogue.findPartById(part);
                return found ? namePart(found) : part;
              }),
            },
          ]
        : [],
    ),
  );
  const isEnd = $derived(node?.legs.length === 1);
  const isPipeEnd = $derived(isEnd && node?.legs[0]?.geometry.kind !== 'made-up');
  const terminal = $derived(node?.node.terminal ?? null);
  const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);
  let name = $state('');
  let kind = $state<ApplianceKind | ''>('');
  let gender = $state<'male' | 'female'>('female');
  /** What stands here already is not named a second time. */
  $effect(() => {
    const stands = terminal?.kind === 'appliance' ? terminal : null;
    const known = stands?.plate.what ?? '';
    [name, kind] = [stands?.name ?? '', known === 'own' ? '' : known];
  });
  const canBush = $derived(
    node?.fitting.kind === 'none' &&
      node.fitting.refusal.code === 'fitting-unequal-sizes' &&
      node.fitting.refusal.nearest !== null,
  );
</script>

<Dialog
  bind:open
  title={node
    ? capital(`${nameFitting(node.fitting)} ${sayAt(entry.layout ? findArriving(entry.layout, node) : null)}`)
    : 'Fitting'}
>
  {#if node}
    {#if entry.refusal}<TroubleNote refusal={entry.refusal} />{/if}
    {#if node.fitting.kind === 'part'}
      <p class="text-lg">{namePart(node.fitting.part)}</p>
    {:else if node.fitting.kind === 'none'}
      <p class="border-l-4 border-error pl-3">{sayFittingRefusal(node.fitting.refusal)}</p>
      {#if opening}
        <p>
          <TransitionLink to={opening} {ids} back="lay-out" look="tap btn btn-primary"
            >See what joins them</TransitionLink
          >
        </p>
      {/if}
      {#if canBush}
        <p>
          <button type="button" class="tap btn btn-primary" onclick={() => editor.bushDown(node.id)}
            >Take the nearest and bush it down</button
          >
        </p>
      {/if}
    {/if}
    {#each picks as pick (pick.id)}
      <p class="flex flex-wrap items-center gap-x-3">
        <span>{pick.names.join(', then ')}, at leg {pick.tag}</span>
        <TransitionLink to={pick} {ids} back="lay-out">Look at it</TransitionLink>
      </p>
    {/each}
    {#if reductions.length > 1}
      <ReductionChoice
        {reductions}
        unit={entry.unit}
        ontake={(reduction) => reduction.plan && entry.take(accept(reduction.plan))}
      />
    {/if}
    {#if bend && bend.degrees > 0}
      <div class="flex flex-wrap items-end gap-3">
        <MeasureField
          label="bent to a radius of{bend.radius === null ? ', as the house bends it' : ''}"
          unit={entry.unit}
          value={bend.radius}
          placeholder={bending?.usual ? sayLength(bending.usual, entry.unit) : 'say it'}
          optional
          onmeasure={(radius, typed) => editor.setBend(node.id, radius === null ? null : { radius, typed })}
        />
        {#if bending}
          <p class="chart-label pb-2 text-sm">
            to its centre line{bending.recommended > bending.least
              ? `; under ${sayLength(bending.recommended, entry.unit)} it is asked`
              : ''}; under {sayLength(bending.least, entry.unit)} it is refused
          </p>
        {/if}
      </div>
    {/if}
    {#if kinds.length > 1 || (isTube && kinds.length > 0)}
      <fieldset>
        <legend class="chart-label">what stands here</legend>
        <div class="flex flex-wrap gap-x-6">
          {#if isTube}
            <label class="tap flex cursor-pointer items-center gap-2">
              <input
                type="radio"
                class="radio checked:bg-accent checked:text-accent-content"
                name="{id}-kind"
                checked={chosen === null}
                onchange={() => editor.choosePart(node.id, null)}
              />
              the tube itself, bent
            </label>
          {/if}
          {#each kinds as kind (kind)}
            <label class="tap flex cursor-pointer items-center gap-2">
              <input
                type="radio"
                class="radio checked:bg-accent checked:text-accent-content"
                name="{id}-kind"
                checked={chosen === kind}
                onchange={() => editor.choosePart(node.id, kind === kinds[0] && !isTube ? null : kind)}
              />
              {namePartKind(kind)}
            </label>
          {/each}
        </div>
      </fieldset>
    {/if}
    {#if parts.length > 0}
      {#each parts as part, i (part.id)}
        {#if i > 0 || node.fitting.kind !== 'part' || node.fitting.part !== part}<p class="font-semibold">
            {namePart(part)}
          </p>{/if}
        <div class="flex flex-wrap items-end gap-3">
          <PartLength {part} unit={entry.unit} {editor} />
        </div>
      {/each}
      <p class="chart-label text-sm">
        Measured with your own rule, a length counts for every such part of this run.
      </p>
    {/if}
    {#if isEnd && terminal?.kind !== 'existing'}
      <section class="border-t border-base-300 pt-3" aria-label="This end">
        <h3 class="text-lg font-semibold">This end</h3>
        <div class="flex flex-wrap items-end gap-3">
          <button
            type="button"
            class="tap btn"
            aria-pressed={terminal?.kind === 'cap'}
            onclick={() => editor.close(node.id, { kind: 'cap' })}>Cap</button
          >
          {#if !isPipeEnd}
            <button
              type="button"
              class="tap btn"
              aria-pressed={terminal?.kind === 'plug'}
              onclick={() => editor.close(node.id, { kind: 'plug' })}>Plug</button
            >
          {/if}
          <button type="button" class="tap btn" onclick={() => editor.close(node.id, null)}>Leave open</button
          >
        </div>
        <form
          class="mt-3 flex flex-wrap items-end gap-3"
          onsubmit={(event) => {
            event.preventDefault();
            editor.close(
              node.id,
              newAppliance(name.trim() || 'appliance', findInlet(node.legs[0]!, node.id, gender), {
                ...(terminal?.kind === 'appliance' ? terminal.plate : {}),
                ...(kind === '' ? {} : { what: kind, ownKind: '' }),
              }),
            );
          }}
        >
          <label class="flex flex-col text-sm"
            ><span class="chart-label">appliance</span>
            <input class="tap input w-48" maxlength="80" placeholder="deck oven" bind:value={name} /></label
          >
          <label class="flex flex-col text-sm"
            ><span class="chart-label">kind</span>
            <select class="tap select w-40" bind:value={kind}>
              <option value="">not said yet</option>
              {#each APPLIANCE_KINDS as each (each)}<option value={each}>{APPLIANCE_KIND_NAMES[each]}</option
                >{/each}
            </select></label
          >
          <label class="flex flex-col text-sm"
            ><span class="chart-label">its inlet is</span>
            <select class="tap select w-32" bind:value={gender}>
              <option value="female">female</option>
              <option value="male">male</option>
            </select></label
          >
          <button type="submit" class="tap btn">Ends at it</button>
        </form>
        {#if terminal?.kind === 'appliance'}
          <p class="mt-2">
            <a
              class="tap inline-flex items-center underline decoration-dotted underline-offset-4"
              href="{resolve('/jobs/[job]/runs/[run]/drops', ids)}?plate={node.id}"
              >What its plate says, and its trap</a
            >
          </p>
        {/if}
        <p class="mt-2 text-sm">{CAUTIONS.openEnd}</p>
      </section>
    {/if}
    <p class="flex flex-wrap gap-2 border-t border-base-300 pt-3">
      <button
        type="button"
        class="tap btn"
        onclick={() => {
          entry.say({ says: 'datum', datum: node.id });
          open = false;
        }}>Measure from here on</button
      >
      <button type="button" class="tap btn btn-primary" onclick={() => (open = false)}>Grow from here</button>
    </p>
  {/if}
</Dialog>
