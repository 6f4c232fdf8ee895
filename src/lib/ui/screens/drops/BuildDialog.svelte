<script lang="ts">
  import { untrack } from 'svelte';
  import { planBuildTrap, NO_WISH, type TrapWish, planPutRight, reportWork } from '#core/build-in';
  import type { Axis } from '#core/geometry';
  import { findDrop, type Drop, getTrapLengths, findFloorPoint } from '#core/traps';
  import { CLOSING_WORDS, SHAPE_WORDS, sayBuildRefusal } from '#words/build-in.ts';
  import { CAUTIONS } from '#words/cautions.ts';
  import { sayLength, sayTaped } from '#words/length-text.ts';
  import { namePart } from '#words/parts.ts';
  import { sayRefusal, type Refusal } from '#words/refusals.ts';
  import { FLOOR_LABELS } from '#words/traps.ts';
  import Dialog from '../../controls/Dialog.svelte';
  import MeasureField from '../../controls/MeasureField.svelte';
  import { newId } from '../../store/new-id.ts';
  import type { RunStore } from '../../store/run-store.svelte.ts';

  interface Props {
    open: boolean;
    store: RunStore;
    drop: Drop;
  }
  let { open = $bindable(), store, drop }: Props = $props();
  const unit = $derived(store.details?.units ?? 'in');
  const SIDES: readonly Axis[] = ['right', 'left', 'back', 'out'];
  let floor = $state.raw<TrapWish['floor']>(null);
  let nipple = $state.raw<TrapWish['nipple']>(null);
  let side = $state<Axis>('right');
  let refusal = $state.raw<Refusal | null>(null);
  /** Every opening begins anew: what was measured for one appliance is not said of the next. */
  $effect(() => {
    if (!open) return;
    [floor, nipple, side, refusal] = [null, null, 'right', null];
  });
  /** Over a connector the floor is measured from where it begins; what was measured otherwise is not shown as that. */
  const from = $derived(findFloorPoint(drop));
  const known = $derived(
    drop.appliance.plate.floor?.from === from ? drop.appliance.plate.floor.length : null,
  );
  const site = $derived(
    store.details && { gas: store.details.gas, jurisdiction: store.details.jurisdiction },
  );
  const isThere = $derived(drop.trap !== null);
  /** What is shown is what is done. */
  const planned = $derived.by(() => {
    if (!open) return null;
    const wish = { ...NO_WISH, floor, nipple, side };
    const plan = isThere ? planPutRight : planBuildTrap;
    return untrack(() => plan(drop.layout, drop.node.id, wish, newId, site));
  });
  const build = $derived(planned?.ok ? planned.value : null);
  const report = $derived(build && reportWork(drop.layout, build.after, drop));
  const lengths = $derived.by(() => {
    const trap = build && findDrop(build.after, drop.node.id)?.trap;
    return trap ? getTrapLengths(trap) : null;
  });
  const asksSide = $derived(
    build
      ? build.shape === 'inlet-looks-up'
      : planned !== null && !planned.ok && planned.refusal.code === 'trap-crosses',
  );

  function put(): void {
    if (!build) return;
    const done = store.apply(build.change);
    refusal = done.ok ? null : done.refusal;
    if (done.ok) open = false;
  }
</script>

<Dialog
  bind:open
  title={isThere ? `Put the trap right: ${drop.appliance.name}` : `Build a trap in: ${drop.appliance.name}`}
>
  <div class="flex flex-wrap items-start gap-4">
    <MeasureField
      label={FLOOR_LABELS[from]}
      {unit}
      value={floor?.length ?? known}
      placeholder="not measured"
      optional
      width="w-44"
      onmeasure={(length, typed) => (floor = length === null ? null : { from, length, typed })}
    />
    <MeasureField
      label="nipple, if another than the rule’s"
      {unit}
      value={nipple?.length ?? null}
      placeholder={build ? sayLength(build.nipple, unit) : 'by the rule'}
      optional
      width="w-44"
      onmeasure={(length, typed) => (nipple = length === null ? null : { length, typed })}
    />
    {#if asksSide}
      <label class="flex flex-col text-sm"
        ><span class="chart-label">the pipe goes round</span>
        <select class="tap select w-32" bind:value={side}>
          {#each SIDES as each (each)}<option value={each}>{each}</option>{/each}
        </select></label
      >
    {/if}
  </div>
  {#if build && report}
    <p class="text-lg">
      {isThere && build.shape === 'side-inlet'
        ? 'The tee stands where the gas turns; nipple and cap hang below it.'
        : SHAPE_WORDS[build.shape]}
    </p>
    <p class="border-l-4 border-warning pl-3 font-medium text-warning">{CAUTIONS.liveLine}</p>
    {#if refusal}<p role="alert" class="text-error">{sayRefusal(refusal, unit)}</p>{/if}
    <button type="button" class="btn h-14 text-lg btn-primary" onclick={put}
      >{isThere ? 'Put it right' : 'Build it in'}</button
    >
    <dl class="terms">
      {#if lengths?.nipple}
        <dt>the trap</dt>
        <dd>
          {build.size} nipple {sayTaped(lengths.nipple, unit)}{#if lengths.exposed !== null}, {sayTaped(
              lengths.exposed,
              unit,
            )} of it shows{/if}{#if lengths.centreToBottom !== null}; cap bottom {sayTaped(
              lengths.centreToBottom,
              unit,
            )} below the tee’s centre{/if}
        </dd>
      {/if}
      <dt>to buy</dt>
      <dd>
        {report.bought.map(({ part, count }) => `${count} × ${namePart(part)}`).join(', ') || 'no fitting'}
      </dd>
      <dt>to cut</dt>
      <dd>
        {report.cut
          .map(({ mark, cut }) =>
            cut === null
              ? `${mark}: once the part beside it is measured`
              : cut.nipple === null
                ? `${mark}: ${sayTaped(cut.whole, unit)}`
                : `${mark}: nipple ${sayLength(cut.nipple, 'in')}`,
          )
          .join('; ') || 'nothing'}
      </dd>
      {#if report.reused.length > 0}
        <dt>goes along</dt>
        <dd>{report.reused.map(({ mark }) => `piece ${mark}`).join(', ')}</dd>
      {/if}
      {#if report.freed.length > 0}
        <dt>left over</dt>
        <dd>{report.freed.map(({ part, count }) => `${count} × ${namePart(part)}`).join(', ')}</dd>
      {/if}
      <dt>where it stands</dt>
      <dd>
        {report.opened.length}
        {report.opened.length === 1 ? 'joint is' : 'joints are'} opened, if they are made already: clean, look,
        once; new sealant; test again. {CLOSING_WORDS[report.closedBy]}
      </dd>
    </dl>
  {:else if planned && !planned.ok}
    <p role="alert" class="border-l-4 border-error pl-3 text-lg font-medium text-error">
      {sayBuildRefusal(planned.refusal, unit)}
    </p>
  {/if}
</Dialog>
