<script lang="ts">
  import { drawRiser } from '#core/drawing';
  import { comparePrints, readPrint, listCovers, listFusionSheets, listTrenches } from '#core/ground';
  import type { RuleId } from '#core/house-rules';
  import type { Result } from '#core/outcome';
  import type { PlannedChange } from '#core/runs/changes';
  import { planSayBearing, planSayCover, planSayPrint, type TypedLength } from '#core/runs/commands';
  import type { RunLayout } from '#core/runs/layout';
  import { COVER_PLACE_NAMES } from '#words/ground-findings.ts';
  import {
    listFusionSteps,
    listTrenchLengths,
    namePoint,
    sayFall,
    sayRiser,
    saySqueeze,
  } from '#words/ground.ts';
  import { sayDepth } from '#words/length-text.ts';
  import { MATERIAL_NAMES } from '#words/parts.ts';
  import { sayPeComparison } from '#words/pipes.ts';
  import { sayRefusal, type Refusal } from '#words/refusals.ts';
  import MeasureField from '../../controls/MeasureField.svelte';
  import { getTapeUnit } from '#core/units';
  import RiserLens from '../../instruments/RiserLens.svelte';
  import TrenchPicture from '../../instruments/TrenchPicture.svelte';
  import type { RunStore } from '../../store/run-store.svelte.ts';
  import RulesHere from '../rules/RulesHere.svelte';

  interface Props {
    store: RunStore;
    layout: RunLayout;
  }
  let { store, layout }: Props = $props();
  const unit = $derived(store.details?.units ?? 'in');
  const isClosed = $derived(store.finish !== null);
  const trenches = $derived(listTrenches(layout));
  const sheets = $derived(listFusionSheets(layout));
  const covers = $derived(
    listCovers(
      layout.catalogue.ground.covers,
      store.details?.jurisdiction ?? 'ask',
      getTapeUnit(layout.rules),
    ),
  );
  const prints = $derived(comparePrints(layout));
  const rules = $derived<readonly RuleId[]>([
    'burial-depth',
    'tracer',
    'contraction',
    'joining-pe',
    ...(sheets.length > 0 ? (['fusion-loss', 'iron-temperature', 'melt-end'] as const) : []),
  ]);
  /** What was refused, at the place where it was typed. */
  let wrong = $state<{ readonly at: string; readonly refusal: Refusal } | null>(null);

  function take(at: string, planned: Result<PlannedChange, Refusal>): void {
    const done = planned.ok ? store.apply(planned.value) : planned;
    wrong = done.ok ? null : { at, refusal: done.refusal };
  }
  const typedLength = (length: number | null, typed: string): TypedLength | null =>
    length === null ? null : { length, typed };

  function sayCover(node: string, length: number | null, typed: string): void {
    if (store.doc) take(`cover ${node}`, planSayCover(store.doc, node, typedLength(length, typed)));
  }
  /** A depth and a line are read off the same thing: one stays when the other is said. */
  function sayPrint(of: string, said: { text?: string; bury?: TypedLength | null }): void {
    const before = store.doc?.prints[of];
    const kept = before && before.bury !== null ? { length: before.bury, typed: before.typed } : null;
    const bury = said.bury === undefined ? kept : said.bury;
    if (store.doc)
      take(`print ${of}`, planSayPrint(store.doc, of, { text: said.text ?? before?.text ?? '', bury }));
  }
  let unreadBearing = $state<{ readonly leg: string; readonly typed: string } | null>(null);
  function sayBearing(leg: string, typed: string): void {
    const text = typed.trim().replace(/°$/, '');
    unreadBearing = text === '' || /^\d{1,4}$/.test(text) ? null : { leg, typed };
    if (!unreadBearing && store.doc)
      take(`bearing ${leg}`, planSayBearing(store.doc, leg, text === '' ? null : Number(text)));
  }
  const findComparison = (station: string) =>
    prints.find((each) => each.station === station)?.comparison ?? null;
</script>

{#snippet trouble(at: string)}
  {#if wrong?.at === at}<p role="alert" class="max-w-96 text-sm text-error">
      {sayRefusal(wrong.refusal, unit)}
    </p>{/if}
{/snippet}

{#snippet printField(of: string, label: string)}
  <label class="flex grow flex-col text-sm"
    ><span class="chart-label">{label}</span>
    <input
      class="tap input w-full min-w-64"
      autocomplete="off"
      maxlength="200"
      placeholder="1 IPS SDR 11 PE2708 ASTM D2513 GAS"
      value={layout.doc.prints[of]?.text ?? ''}
      disabled={isClosed}
      onchange={(event) => sayPrint(of, { text: event.currentTarget.value })}
    /></label
  >
{/snippet}

<section aria-label="In the ground" class="flex flex-col gap-4">
  <div>
    <h2 class="text-xl font-semibold">In the ground</h2>
    <p class="chart-label text-sm">
      Local code, the makers of pipe and fittings, and the inspector go before what is said here. Nothing
      untested is covered; a photograph and a sketch with offsets come before the fill.
    </p>
  </div>
  {#each trenches as trench (trench.legs[0]!.laid.id)}
    {@const first = trench.legs[0]!.laid.leg}
    <article class="flex flex-col gap-4 border-t border-base-300 pt-3" aria-label="Trench of leg {first.tag}">
      <h3 class="text-lg font-semibold">{first.size}, {MATERIAL_NAMES[first.material]}</h3>
      <TrenchPicture {trench} {unit} />
      <dl class="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1 leading-snug">
        {#each listTrenchLengths(trench, unit) as [name, says] (name)}
          <dt class="chart-label">{name}</dt>
          <dd>{says}</dd>
        {/each}
      </dl>
      <p class="border-l-4 border-warning pl-3 font-medium text-warning">
        {saySqueeze(trench.outside, unit)}
      </p>
      <div class="points">
        {#each trench.points as point (point.laid.id)}
          {@const node = point.laid.id}
          {@const picture = drawRiser(trench, point)}
          {@const comparison = findComparison(node)}
          <section class="flex break-inside-avoid flex-col gap-2 pb-3" aria-label={namePoint(trench, point)}>
            <h4 class="font-semibold first-letter:uppercase">{namePoint(trench, point)}</h4>
            <div class="flex flex-wrap items-start gap-3">
              <MeasureField
                label="cover, ground to top of pipe"
                {unit}
                value={point.cover}
                optional
                zero
                onmeasure={(length, typed) => sayCover(node, length, typed)}
              />
              {#if point.riser}
                <MeasureField
                  label="may be buried, as printed on it"
                  {unit}
                  value={point.riser.bury}
                  optional
                  zero
                  onmeasure={(length, typed) => sayPrint(node, { bury: typedLength(length, typed) })}
                />
              {/if}
            </div>
            {@render trouble(`cover ${node}`)}
            {#if point.mark !== 'bend' && point.mark !== 'open'}
              {@render printField(node, 'what is printed on it')}
              {@render trouble(`print ${node}`)}
              {#if comparison}
                <p
                  class="text-sm {comparison.verdict === 'match' ? 'text-success' : 'font-medium text-error'}"
                >
                  {sayPeComparison(comparison, unit)}
                </p>
              {/if}
            {/if}
            {#if picture}
              <RiserLens {picture} says={sayRiser(point, unit)} {unit} />
              <p class="text-sm">{sayRiser(point, unit)}</p>
            {/if}
          </section>
        {/each}
      </div>
      <ul class="flex flex-col gap-3">
        {#each trench.legs as each (each.laid.id)}
          {@const { leg } = each.laid}
          {@const line = readPrint(layout, leg.id)}
          <li class="flex flex-col gap-1 border-t border-base-300 pt-2">
            <p><strong>Leg {leg.tag}</strong> {sayFall(each, unit)}</p>
            <div class="flex flex-wrap items-start gap-3">
              <label class="flex flex-col text-sm"
                ><span class="chart-label">bearing, degrees from north</span>
                <input
                  class="tap input w-28"
                  inputmode="numeric"
                  autocomplete="off"
                  maxlength="8"
                  placeholder={String(each.bearing)}
                  value={each.isBearingSaid ? String(each.bearing) : ''}
                  disabled={isClosed}
                  onchange={(event) => sayBearing(leg.id, event.currentTarget.value)}
                /></label
              >
              {@render printField(leg.id, 'print line of the pipe')}
            </div>
            {#if unreadBearing?.leg === leg.id}<p role="alert" class="text-sm text-error">
                Read “{unreadBearing.typed}”. A bearing is whole degrees clockwise from north, 0 to 359.
              </p>{/if}
            {@render trouble(`bearing ${leg.id}`)}
            {@render trouble(`print ${leg.id}`)}
            {#if line && line.unknown.length > 0}<p class="chart-label text-sm">
                Not understood, and kept: {line.unknown.join(', ')}.
              </p>{/if}
            {#each each.laid.inline as { id, part } (id)}
              {#if part && layout.doc.parts[id]}{@render printField(
                  id,
                  `printed on the ${part.kind} in it`,
                )}{/if}
            {/each}
          </li>
        {/each}
      </ul>
    </article>
  {/each}
  {#each sheets as sheet (sheet.size)}
    <article class="border-t border-base-300 pt-3" aria-label="Fusion of {sheet.size}">
      <h3 class="text-lg font-semibold">
        Butt fusion of {sheet.size}: {sheet.joints.length === 1
          ? 'one joint'
          : `${sheet.joints.length} joints`}
      </h3>
      <p class="chart-label text-sm">
        By an operator qualified for it. The maker’s procedure goes before every figure of this sheet.
      </p>
      <ol class="mt-2 list-decimal pl-6">
        {#each listFusionSteps(sheet, unit) as [name, says], i (i)}
          <li class="py-1"><strong class="first-letter:uppercase">{name}</strong>: {says}</li>
        {/each}
      </ol>
    </article>
  {/each}
  <div>
    <h3 class="text-lg font-semibold">Cover that codes commonly ask for</h3>
    {#if covers.length > 0}
      <ul class="list-disc pl-5">
        {#each covers as row (row.where)}
          <li>
            {sayDepth(row.length, unit)}
            {COVER_PLACE_NAMES[row.where]}<span class="chart-label text-sm">
              {row.source}, {row.confidence}</span
            >
          </li>
        {/each}
      </ul>
    {:else}<p class="font-medium text-warning">
        Of this place nothing is known here: ask the local code.
      </p>{/if}
  </div>
  <RulesHere
    {rules}
    {layout}
    {unit}
    keys={[]}
    about="in the ground"
    onchange={(planned) => store.apply(planned)}
  />
</section>

<style>
  .points {
    columns: 20rem;
    column-gap: 2rem;
  }
</style>
