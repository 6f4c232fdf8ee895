<script lang="ts">
  import { getZoneOf } from '#core/runs/document';
  import { listPlaced } from '#core/checks';
  import { ZONE_LETTERS } from '#core/drawing';
  import { getWorst, ZONES, type ZoneId } from '#core/permissions';
  import { planSayZone } from '#core/runs/commands';
  import type { RunLayout } from '#core/runs/layout';
  import { sayCount } from '#words/counts.ts';
  import { PERMIT_NAMES, sayJurisdiction, ZONE_NAMES } from '#words/places.ts';
  import { nameLeg } from '#words/run-joints.ts';
  import { sayRefusal, type Refusal } from '#words/refusals.ts';
  import LineDrawing from '../../instruments/LineDrawing.svelte';
  import RulesHere from '../rules/RulesHere.svelte';
  import type { RunStore } from '../../store/run-store.svelte.ts';

  interface Props {
    store: RunStore;
    layout: RunLayout;
  }
  let { store, layout }: Props = $props();
  const jurisdiction = $derived(store.details?.jurisdiction ?? 'ask');
  const placed = $derived(Map.groupBy(listPlaced(layout, jurisdiction), ({ leg }) => leg));
  /** The house rules that decided any of it: changed here, they are changed for the run. */
  const deciding = $derived([
    ...new Set(
      [...placed.values()]
        .flat()
        .flatMap(({ permission }) => (permission.by === null ? [] : [permission.by])),
    ),
  ]);
  const unit = $derived(store.details?.units ?? 'in');
  const legs = $derived([...layout.legs.values()]);
  /** A run of hundreds of legs shows its first ones at once, and the rest when asked for. */
  const MOST = 40;
  /** Of a larger run the line would be a scribble at this size. */
  const MOST_DRAWN = 150;
  let showsAll = $state(false);
  const shown = $derived(showsAll ? legs : legs.slice(0, MOST));
  const unsaid = $derived(legs.filter(({ leg }) => getZoneOf(layout, leg) === null).length);
  const isClosed = $derived(store.finish !== null);
  /** What the hand paints with; null: nothing yet, '': takes away what was said. */
  let brush = $state<ZoneId | '' | null>(null);
  /** The legs a finger goes over in one stroke: one change, made when it is lifted. */
  let stroke = $state<readonly string[]>([]);
  let refusal = $state<Refusal | null>(null);

  const zoneOf = (leg: string): ZoneId | null => {
    if (stroke.includes(leg)) return brush || null;
    const laid = layout.legs.get(leg);
    return laid ? getZoneOf(layout, laid.leg) : null;
  };
  const begin = (leg: string): void => {
    if (brush !== null && !isClosed) stroke = [leg];
  };
  const goOver = (leg: string): void => {
    if (stroke.length > 0 && !stroke.includes(leg)) stroke = [...stroke, leg];
  };
  function paint(over: readonly string[]): void {
    stroke = [];
    const { doc } = store;
    if (brush === null || !doc || over.length === 0) return;
    const planned = planSayZone(doc, over, brush || null);
    const done = planned.ok ? store.apply(planned.value) : planned;
    refusal = done.ok ? null : done.refusal;
  }
  /** A finger keeps the row it began on: what is under it now is asked of the page. */
  function follow(event: PointerEvent): void {
    if (stroke.length === 0 || isOnLine) return;
    const row = document.elementFromPoint(event.clientX, event.clientY)?.closest<HTMLElement>('[data-leg]');
    if (row?.dataset['leg']) goOver(row.dataset['leg']);
  }
  let drawing = $state<LineDrawing>();
  /** With a place in hand the finger paints on the drawing; without one it moves the sheet. */
  function beginOnLine(event: PointerEvent): void {
    if (brush === null || isClosed || event.button !== 0) return;
    event.stopPropagation();
    stroke = [];
    isOnLine = true;
    goOverLine(event);
  }
  let isOnLine = $state(false);
  /** What is painted on does not move under the finger. */
  function holdSheet(event: Event): void {
    if (brush !== null && !isClosed) event.stopPropagation();
  }
  function goOverLine(event: PointerEvent): void {
    if (!isOnLine) return;
    event.stopPropagation();
    const leg = drawing?.findLegAt(event);
    if (leg && !stroke.includes(leg)) stroke = [...stroke, leg];
  }
  function lift(): void {
    isOnLine = false;
    paint(stroke);
  }
  const TONES = {
    forbidden: 'text-error font-medium',
    ask: 'text-warning font-medium',
    if: '',
    allowed: '',
  } as const;
</script>

<svelte:window
  onpointerup={lift}
  onpointercancel={() => {
    isOnLine = false;
    stroke = [];
  }}
  onpointermove={follow}
/>

<section aria-label="Where it may run" class="flex flex-col gap-3">
  <h2 class="text-xl font-semibold">Where it may run</h2>
  <p class="chart-label text-sm">
    {sayJurisdiction(jurisdiction)}. Local code, the maker’s sheet and the inspector go before it.
    {#if unsaid > 0}Nobody said where {unsaid === legs.length
        ? 'any leg runs'
        : `${sayCount(unsaid, 'leg')} ${unsaid === 1 ? 'runs' : 'run'}`}: ask, it is never fine by itself.{/if}
  </p>
  {#if !isClosed}
    <fieldset>
      <legend class="chart-label text-sm"
        >choose a place, then draw over the legs that run there in one stroke, on the line or in the list</legend
      >
      <div class="flex flex-wrap gap-2">
        {#each ZONES as zone (zone)}
          <label class="tap brush" class:chosen={brush === zone}>
            <input type="radio" class="sr-only" name="place" value={zone} bind:group={brush} />
            <span class="letter" aria-hidden="true">{ZONE_LETTERS[zone]}</span>
            {ZONE_NAMES[zone].name}
          </label>
        {/each}
        <label class="tap brush" class:chosen={brush === ''}>
          <input type="radio" class="sr-only" name="place" value="" bind:group={brush} />
          not said
        </label>
      </div>
    </fieldset>
  {/if}
  {#if legs.length <= MOST_DRAWN}
    <div
      class="drawing {brush === null ? '' : 'painting'}"
      role="presentation"
      onpointerdowncapture={beginOnLine}
      onmousedowncapture={holdSheet}
      ontouchstartcapture={holdSheet}
      onpointermovecapture={goOverLine}
    >
      <LineDrawing bind:this={drawing} {layout} {unit} marked={stroke} overview />
    </div>
  {/if}
  {#if refusal}<p role="alert" class="text-error">{sayRefusal(refusal)}</p>{/if}
  <ul class="legs">
    {#each shown as laid (laid.id)}
      {@const zone = zoneOf(laid.id)}
      {@const permit = getWorst((placed.get(laid.id) ?? []).map(({ permission }) => permission.permit))}
      <li class="break-inside-avoid border-b border-base-300">
        <button
          type="button"
          class="tap flex w-full items-center gap-3 py-1 text-left {brush === null ? '' : 'touch-none'}"
          data-leg={laid.id}
          disabled={brush === null || isClosed}
          onpointerdown={() => begin(laid.id)}
          onclick={(event) => event.detail === 0 && paint([laid.id])}
        >
          <span class="letter" aria-hidden="true">{zone ? ZONE_LETTERS[zone] : '?'}</span>
          <span class="grow"
            >{nameLeg(laid)}<span class="chart-label block text-sm"
              >{zone ? ZONE_NAMES[zone].name : 'where it runs is not said'}</span
            ></span
          >
          {#if stroke.includes(laid.id)}<span class="shrink-0 text-sm">…</span>
          {:else}<span class="shrink-0 text-sm {zone ? TONES[permit] : TONES.ask}"
              >{zone ? PERMIT_NAMES[permit].replace('allowed if', 'on conditions') : 'ask'}</span
            >{/if}
        </button>
      </li>
    {/each}
  </ul>
  {#if shown.length < legs.length}
    <button type="button" class="tap btn self-start" onclick={() => (showsAll = true)}
      >Show all {legs.length} legs</button
    >
  {/if}
  {#if deciding.length > 0}
    <RulesHere
      rules={deciding}
      {layout}
      {unit}
      keys={[]}
      about="places"
      onchange={(planned) => store.apply(planned)}
    />
  {/if}
</section>

<style>
  .drawing {
    height: 20rem;
    border: 1px solid var(--color-base-300);
    border-radius: var(--radius-field);
  }
  .painting :global(.window) {
    cursor: crosshair;
  }
  .legs {
    columns: 22rem;
    column-gap: 2rem;
  }
  .brush {
    display: flex;
    align-items: center;
    gap: 0.5rem;
    padding: 0 0.75rem;
    border: 1px solid var(--color-base-300);
    border-radius: 0.25rem;
    cursor: pointer;
  }
  .brush:focus-within {
    outline: 2px solid var(--color-base-content);
    outline-offset: 2px;
  }
  .brush.chosen {
    border-color: var(--color-accent);
    box-shadow: inset 0 -3px 0 var(--color-accent);
    font-weight: 600;
  }
  .letter {
    display: grid;
    place-items: center;
    flex-shrink: 0;
    width: 1.6rem;
    height: 1.6rem;
    border: 1px solid currentcolor;
    border-radius: 0.25rem;
    font-weight: 600;
  }
  button:disabled {
    color: inherit;
  }
</style>
