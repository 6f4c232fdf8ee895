<!-- What goes between two ends of a run: both are filled in from it, and what is chosen is put there. -->
<script lang="ts">
  import { resolve } from '$app/paths';
  import ArrowLeft from '@lucide/svelte/icons/arrow-left';
  import { drawLens } from '#core/drawing';
  import { checkJoint, judgeByHouse, type Condition } from '#core/joints';
  import {
    planDatePart,
    planPickTransition,
    planTakeOutTransition,
    planMeasurePart,
    type PartMeasure,
  } from '#core/runs/commands';
  import type { Part } from '#core/catalogue';
  import { bench } from '../../store/bench.svelte.ts';
  import { findOpening } from '#core/runs/reading';
  import type { PlannedChange } from '#core/runs/changes';
  import type { Result } from '#core/outcome';
  import type { Chain } from '#core/transitions';
  import { sayLens } from '#words/lens.ts';
  import { sayCause, sayEnd, sayVerdict } from '#words/pair-verdicts.ts';
  import type { Refusal } from '#words/refusals.ts';
  import { catalogue } from '../../catalogue.ts';
  import TroubleNote from '../../controls/TroubleNote.svelte';
  import PairLens from '../../instruments/PairLens.svelte';
  import { newId } from '../../store/new-id.ts';
  import { PartsStore } from '../../store/parts-store.svelte.ts';
  import type { RunStore } from '../../store/run-store.svelte.ts';
  import PickedTransition from './PickedTransition.svelte';
  import Transitions from './Transitions.svelte';

  interface Props {
    store: RunStore;
    /** The node, or the opening of a part in the leg, and the leg. */
    station: string;
    leg: string;
    /** The screen it was asked from. */
    back: 'lay-out' | 'check';
    ondone: () => void;
  }
  let { store, station, leg, back, ondone }: Props = $props();
  const parts = new PartsStore();
  $effect(() => void parts.load());
  const layout = $derived(store.layout);
  const opening = $derived(layout && findOpening(layout, station, leg));
  const ends = $derived(opening && opening.ends.map((end) => catalogue.ends.figure(end)));
  const [one, other] = $derived(ends ?? []);
  const verdict = $derived(
    one && other ? judgeByHouse(checkJoint(one, other), [one, other], store.rules) : null,
  );
  const picture = $derived(one && other && verdict ? drawLens(one, other, verdict, catalogue) : null);
  const unit = $derived(store.details?.units ?? 'in');
  const picked = $derived(
    Object.values(store.doc?.picks ?? {}).find((pick) => pick.station === station && pick.leg === leg) ??
      null,
  );
  const isAppliance = $derived(layout?.nodes.get(station)?.node.terminal?.kind === 'appliance');
  const tag = $derived(layout?.legs.get(leg)?.leg.tag ?? null);
  let refusal = $state.raw<Refusal | null>(null);

  function take(planned: Result<PlannedChange, Refusal>): boolean {
    const done = planned.ok ? store.apply(planned.value) : planned;
    refusal = done.ok ? null : done.refusal;
    return done.ok;
  }

  function measurePart(part: Part, measured: PartMeasure | null, typed: string): void {
    if (store.doc) take(planMeasurePart(store.doc, part, measured, { typed, by: bench.signature }, newId));
  }

  function pick({ links }: Chain, agreed: readonly Condition[]): void {
    if (!store.doc || !opening) return;
    const chosen = { ...opening, forEnds: opening.ends, parts: links.map(({ chainPart }) => chainPart.part.id), agreed }; // prettier-ignore
    if (take(planPickTransition(store.doc, chosen, parts.items, catalogue, newId))) ondone();
  }
</script>

<a
  class="tap flex items-center gap-1 self-start underline decoration-dotted underline-offset-4"
  href={back === 'check'
    ? resolve('/jobs/[job]/runs/[run]/check', { job: store.job, run: store.run })
    : resolve('/jobs/[job]/runs/[run]/lay-out', { job: store.job, run: store.run })}
  ><ArrowLeft size={18} aria-hidden="true" /> Back</a
>
<h1 class="text-3xl font-semibold">What goes between{tag === null ? '' : `, at leg ${tag}`}</h1>
{#if refusal}<TroubleNote {refusal} />{/if}
{#if !opening || !one || !other || !verdict || !picture}
  <p class="text-lg">
    Nothing is open there any more: the leg or what it met has changed. Go back and press on what is wrong
    again.
  </p>
{:else}
  <div class="grid gap-4 lg:grid-cols-[minmax(0,1fr)_320px]">
    <section class="flex flex-col gap-2" aria-label="The two ends">
      <p class="text-lg"><span class="chart-label">There</span><br />{sayEnd(one)}</p>
      <p class="text-lg"><span class="chart-label">Leg {tag} ends in</span><br />{sayEnd(other)}</p>
      <p class="border-l-8 border-secondary bg-base-200 px-4 py-2 text-lg leading-snug">
        <strong>{sayVerdict(verdict)}.</strong>
        {verdict.cause ? sayCause(verdict) : ''}
      </p>
      {#if picked}
        <PickedTransition
          pick={picked}
          catalogue={layout?.catalogue ?? catalogue}
          shopParts={store.doc?.shopParts ?? {}}
          {unit}
          editor={{ measurePart }}
          ondate={(part, dated) => store.doc && take(planDatePart(store.doc, picked.id, part, dated))}
          ontake={() => store.doc && take(planTakeOutTransition(store.doc, picked.id))}
        />
      {/if}
    </section>
    <section aria-label="The lens" class="max-lg:hidden">
      <PairLens {picture} says={sayLens(picture, verdict, unit)} {unit} />
    </section>
  </div>
  <Transitions
    {one}
    {other}
    rules={store.rules}
    choices={store.doc?.ruleChoices ?? {}}
    shopParts={parts.items}
    isReady={parts.isRead || parts.trouble !== null}
    names={['What stands there', `Leg ${tag}`]}
    bearers={isAppliance ? ['appliance', null] : [null, null]}
    gas={store.details?.gas ?? null}
    jurisdiction={store.details?.jurisdiction ?? 'ask'}
    onpick={store.finish ? null : pick}
  />
{/if}
