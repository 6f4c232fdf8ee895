<script lang="ts">
  import CircleCheck from '@lucide/svelte/icons/circle-check';
  import OctagonAlert from '@lucide/svelte/icons/octagon-alert';
  import type { HouseRules } from '#core/house-rules';
  import { isForbidden, type JudgedJoint } from '#core/joints';
  import { CONDITION_WORDS, listConditions, sayCause, sayVerdict } from '#words/pair-verdicts.ts';

  // What becomes of two ends, and what the house says of it.
  let { verdict, rules }: { verdict: JudgedJoint; rules: HouseRules } = $props();
  const isGood = $derived(verdict.joint !== null && !isForbidden(verdict));
  const conditions = $derived([
    ...(verdict.conditions.includes('sealant') ? [CONDITION_WORDS.sealant] : []),
    ...listConditions(verdict, rules),
  ]);
</script>

<p class="text-xl font-semibold {isGood ? '' : 'text-error'}">
  {#if isGood}<CircleCheck aria-hidden="true" class="inline text-success" />{:else}<OctagonAlert
      aria-hidden="true"
      class="inline"
    />{/if}
  {sayVerdict(verdict).replace(' …', '')}{#if conditions.length > 0}<span class="text-base font-normal"
      >, if {conditions.join(', and ')}</span
    >{/if}
</p>
{#if verdict.cause}<p>{sayCause(verdict)}</p>{/if}
