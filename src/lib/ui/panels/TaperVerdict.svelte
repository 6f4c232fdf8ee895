<script lang="ts">
  import CircleCheck from '@lucide/svelte/icons/circle-check';
  import OctagonAlert from '@lucide/svelte/icons/octagon-alert';
  import { standardThreads } from '#core/catalogue/standard-threads.ts';
  import { checkJoint } from '#core/joints/check-joint.ts';
  import type { JointEnd } from '#core/joints/joint-end.ts';
  import { makeThreadEnd } from '#core/joints/list-joint-ends.ts';
  import type { LaidEnd } from '#core/runs/layout.ts';
  import { CONDITION_WORDS, sayCause, VERDICT_NAMES } from '#words/pair-verdicts.ts';

  /** The pipe of a piece in the opening it is made up in. */
  let { end }: { end: LaidEnd } = $props();
  const find = (family: string, size: string, gender: 'male' | 'female'): JointEnd => {
    const thread = standardThreads.findThread(`${family}-${size}-${gender}`);
    return thread ? makeThreadEnd(thread) : { kind: 'unknown' };
  };
  const verdict = $derived.by(() => {
    const pipe = end.thread
      ? find(end.thread.family === 'R' ? 'r' : 'npt', end.size, 'male')
      : ({ kind: 'unknown' } as const);
    const opening = end.joint?.port.end;
    const port = opening
      ? find(opening.family === 'R' ? 'rp' : 'npt', opening.size, opening.gender)
      : ({ kind: 'unknown' } as const);
    return checkJoint(pipe, port);
  });
</script>

<p class="text-xl font-semibold {verdict.joint ? '' : 'text-error'}">
  {#if verdict.joint}<CircleCheck aria-hidden="true" class="inline text-success" />{:else}<OctagonAlert
      aria-hidden="true"
      class="inline"
    />{/if}
  {VERDICT_NAMES[verdict.verdict].replace(' …', '')}{#if verdict.conditions.length > 0}<span
      class="text-base font-normal"
      >, if {verdict.conditions.map((each) => CONDITION_WORDS[each]).join(', and ')}</span
    >{/if}
</p>
{#if verdict.cause}<p>{sayCause(verdict)}</p>{/if}
