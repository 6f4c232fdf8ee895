<script lang="ts">
  import { getWraps } from '#core/house-rules/tape-wraps.ts';
  import { getTaperJoint } from '#core/joints/kinds/joint-kinds.ts';
  import { getSealant } from '#core/joints/sealant.ts';
  import { getTightness } from '#core/joints/tightness.ts';
  import type { Result } from '#core/outcome/result.ts';
  import type { PlannedChange } from '#core/runs/change.ts';
  import type { LaidEnd, RunLayout } from '#core/runs/layout.ts';
  import type { LengthUnit } from '#core/units/length.ts';
  import { CAUTIONS } from '#words/cautions.ts';
  import { JOINT_WORDS, sayMadeAgain, saySealant, sayTurns, sayWrench } from '#words/joints.ts';
  import { sayExact, sayNumber } from '#words/length-text.ts';
  import { namePort } from '#words/parts.ts';
  import type { Refusal } from '#words/refusals.ts';
  import JointLens from '../instruments/JointLens.svelte';
  import JointClocking from './JointClocking.svelte';

  interface Props {
    end: LaidEnd;
    layout: RunLayout;
    unit: LengthUnit;
    onchange: (planned: PlannedChange) => Result<void, Refusal>;
  }
  let { end, layout, unit, onchange }: Props = $props();
  const joint = $derived(end.joint);
  const engagement = $derived(joint?.engagement ?? null);
  const kind = $derived(getTaperJoint(joint?.port.end.family ?? 'NPT'));
  const words = $derived(JOINT_WORDS[kind.id]);
  /** The same engagement on a full bought thread: more of it shows. */
  const bought = $derived(
    end.thread && engagement !== null ? getTightness(end.thread, engagement, end.thread.fullLength) : null,
  );
  const sealant = $derived(
    end.thread && engagement !== null
      ? getSealant(kind, end.thread, engagement, getWraps(layout.rules['tape-wraps']))
      : null,
  );
</script>

{#if joint}
  <div class="flex flex-wrap items-start gap-4">
    <div class="w-72 max-w-full"><JointLens {end} {unit} /></div>
    <div class="min-w-64 flex-1 space-y-2">
      {#await import('./TaperVerdict.svelte') then { default: TaperVerdict }}<TaperVerdict {end} />{/await}
      <p class="chart-label">{namePort(joint.part, joint.port.id)}, {words.name.toLowerCase()}</p>
      <p><strong>Where it seals.</strong> {words.seals}</p>
      <p><strong>What goes on it.</strong> {words.sealant} {sealant ? saySealant(sealant, unit) : ''}</p>
      {#if joint.tightness && bought}
        <div>
          <p><strong>How tight</strong>, said in three ways; real parts vary by about a turn each way.</p>
          <dl class="ways">
            <dt>in one another</dt>
            <dd>{sayExact(joint.tightness.engagement, unit)}</dd>
            <dt>past hand-tight</dt>
            <dd>
              {sayTurns(joint.tightness.turnsPastHandTight)}
              <span class="text-sm"
                >(usual {joint.tightness.window.least} to {joint.tightness.window.most}{joint.tightness
                  .inWindow
                  ? ''
                  : ': outside it'})</span
              >
            </dd>
            <dt>threads showing</dt>
            <dd>
              {sayNumber(joint.tightness.threadsShowing, 1)} of a thread cut in the shop,
              {sayNumber(bought.threadsShowing, 1)} of a full bought one
            </dd>
          </dl>
        </div>
      {/if}
      <p><strong>With what.</strong> {sayWrench(joint.part.size)}. {sayMadeAgain(kind)}</p>
      <p class="border-l-4 border-warning pl-3 font-medium text-warning">
        {CAUTIONS.wrench}
        {CAUTIONS.threads}
      </p>
    </div>
  </div>
  <JointClocking {end} {layout} {unit} {onchange} />
{/if}

<style>
  .ways {
    display: grid;
    grid-template-columns: auto 1fr;
    gap: 0.1rem 0.75rem;
  }
  dt {
    font-family: var(--font-chart);
    font-style: italic;
    color: var(--color-secondary);
  }
  dd {
    font-weight: 600;
  }
</style>
