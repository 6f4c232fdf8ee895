<script lang="ts">
  import { getFigureKey, getWraps } from '#core/house-rules';
  import { findPractice, JOINTS, getSealant, findAsked, findFaceGap, getTightness } from '#core/joints';
  import type { Result } from '#core/outcome';
  import type { PlannedChange } from '#core/runs/changes';
  import type { LaidEnd } from '#core/runs/measuring';
  import type { RunLayout } from '#core/runs/layout';
  import type { Length, LengthUnit } from '#core/units';
  import { CAUTIONS } from '#words/cautions.ts';
  import {
    JOINT_WORDS,
    sayAsked,
    sayGrip,
    sayMadeAgain,
    saySealant,
    sayTightening,
    sayTurner,
    sayWrench,
  } from '#words/joints.ts';
  import { sayTurns } from '#words/tightness.ts';
  import { sayExact, sayNumber } from '#words/length-text.ts';
  import { namePort } from '#words/parts.ts';
  import { sayMakersTorque } from '#words/makers.ts';
  import { sayTubeJoint } from '#words/tube.ts';
  import type { Refusal } from '#words/refusals.ts';
  import MeasureField from '../../controls/MeasureField.svelte';
  import JointLens from '../../instruments/JointLens.svelte';
  import JointClocking from './JointClocking.svelte';
  import RulesHere from '../rules/RulesHere.svelte';

  interface Props {
    end: LaidEnd;
    layout: RunLayout;
    unit: LengthUnit;
    onchange: (planned: PlannedChange) => Result<void, Refusal>;
  }
  let { end, layout, unit, onchange }: Props = $props();
  const { rules } = $derived(layout);
  const joint = $derived(end.joint);
  const thread = $derived(end.thread);
  const tightness = $derived(joint?.tightness ?? null);
  const kind = $derived(JOINTS[joint?.verdict.joint ?? 'npt-in-npt']);
  const practice = $derived(findPractice(kind, rules));
  const words = $derived(JOINT_WORDS[kind.id]);
  /** The same engagement on a full bought thread: more of it shows. */
  const bought = $derived(
    thread && tightness ? getTightness(thread, tightness.engagement, thread.fullLength) : null,
  );
  /** A thread the fitter has measured: what shows of it. Not kept. */
  let measured = $state<Length | null>(null);
  const own = $derived(
    thread && tightness && measured !== null ? getTightness(thread, tightness.engagement, measured) : null,
  );
  const sealant = $derived(
    thread && tightness
      ? getSealant(kind, thread, tightness.engagement, getWraps(rules['tape-wraps']))
      : null,
  );
  const asked = $derived(
    thread && tightness
      ? findAsked(rules['how-tight'], thread, tightness.engagement, thread.cutToScratch)
      : null,
  );
  /** Between the faces where the piece is a close nipple: no thread of it can be counted. */
  const gap = $derived.by(() => {
    const piece = layout.pieces.get(end.leg)?.find(({ ends }) => ends.some(({ id }) => id === end.id));
    const nipple = piece?.cut?.nipple ?? null;
    const [a, b] = (piece?.ends ?? []).map(({ thread: of, joint: at }) =>
      of && at?.tightness ? { thread: of, engagement: at.tightness.engagement } : null,
    );
    return nipple !== null && a && b ? findFaceGap(nipple, [a, b]) : null;
  });
</script>

{#if joint}
  <div class="flex flex-wrap items-start gap-4">
    <div class="w-72 max-w-full"><JointLens {end} {layout} {unit} /></div>
    <div class="min-w-64 flex-1 space-y-2">
      {#await import('./JointVerdict.svelte') then { default: JointVerdict }}<JointVerdict
          verdict={joint.verdict}
          {rules}
        />{/await}
      <p class="chart-label">{namePort(joint.part, joint.port.id)}, {words.name.toLowerCase()}</p>
      <p><strong>Where it seals.</strong> {words.seals}</p>
      <p>
        <strong>What goes on it.</strong>
        {words.sealant}
        {#if sealant && practice.sealant}{saySealant(sealant, practice.sealant, unit)}{/if}
      </p>
      {#if tightness && bought}
        <div>
          <p><strong>How tight</strong>, said in three ways; real parts vary by about a turn each way.</p>
          <dl class="terms">
            <dt>in one another</dt>
            <dd>{sayExact(tightness.engagement, unit)}</dd>
            <dt>past hand-tight</dt>
            <dd>
              {sayTurns(tightness.turnsPastHandTight)}
              <span class="text-sm"
                >({rules['how-tight'].option === 'window' ? 'usual' : 'by the house rule'}
                {sayNumber(tightness.window.least, 2)} to {sayNumber(
                  tightness.window.most,
                  2,
                )}{tightness.inWindow ? '' : ': outside it'})</span
              >
            </dd>
            {#if gap === null}
              <dt>threads showing</dt>
              <dd>
                {sayNumber(tightness.threadsShowing, 1)} of a thread cut in the shop,
                {sayNumber(bought.threadsShowing, 1)} of a full bought one{#if own !== null}, <span
                    class="bg-accent px-1 text-accent-content"
                    >{sayNumber(own.threadsShowing, 1)} of yours</span
                  >{/if}
              </dd>
            {:else}
              <dt>between the faces</dt>
              <dd>{sayExact(gap, unit)}: on a nipple as short as this no threads can be counted</dd>
            {/if}
          </dl>
          {#if gap === null}
            <MeasureField
              label="your thread, from its end to the last scratch"
              {unit}
              value={measured}
              placeholder="not measured"
              optional
              onmeasure={(length) => (measured = length)}
            />
            {#if own !== null && own.threadsShowing < 0}
              <p role="alert" class="text-error">
                A thread as short as this ends inside the fitting: it was not cut long enough.
              </p>
            {/if}
          {/if}
          {#if asked}<p class="text-sm">{sayAsked(asked, unit)}</p>{/if}
        </div>
      {/if}
      {#if !thread}<p>
          <strong>How tight.</strong>
          {joint.torque ? sayMakersTorque(joint.torque, unit) : sayTightening(kind)}
        </p>
        <p><strong>Made up.</strong> {sayTubeJoint(joint, unit)}.</p>{/if}
      <p>
        <strong>With what.</strong>
        {thread ? `${sayWrench(thread.size, rules['who-holds'])}.` : sayTurner(kind)}
        {#if practice.grips}{sayGrip(practice.grips)}{/if}
        {sayMadeAgain(practice.madeAgain)}
      </p>
      <p class="border-l-4 border-warning pl-3 font-medium text-warning">
        {#if thread}{CAUTIONS.wrench}
          {CAUTIONS.threads}{:else if kind.tightening.by === 'heat'}{CAUTIONS.heat}{:else}{CAUTIONS.tube}{/if}
      </p>
    </div>
  </div>
  {#if thread}<JointClocking {end} {layout} {unit} {onchange} />{/if}
  <RulesHere
    rules={practice.decidedBy}
    {layout}
    {unit}
    keys={thread ? [getFigureKey(thread.size, thread.family)] : []}
    {onchange}
  />
{/if}

<style>
  dd {
    font-weight: 600;
  }
</style>
