<script lang="ts">
  import { catalogue } from '../catalogue.ts';
  import { drawRunJoint } from '#core/drawing/lens/draw-run-joint.ts';
  import type { LaidEnd } from '#core/runs/layout.ts';
  import type { LengthUnit } from '#core/units/length.ts';
  import { sayJointLens } from '#words/lens.ts';
  import PairLens from './PairLens.svelte';

  // The joint at an end of a piece, cut open.
  let { end, unit }: { end: LaidEnd; unit: LengthUnit } = $props();
  const picture = $derived.by(() => {
    const { joint, thread, size } = end;
    const pipe = catalogue.findPipe(size);
    if (!joint || joint.engagement === null || !thread || !pipe) return null;
    return drawRunJoint({ thread, pipe, engagement: joint.engagement, reach: joint.reach });
  });
</script>

{#if picture && end.joint}
  <PairLens {picture} says={sayJointLens(picture, end.joint, unit)} {unit} />
{/if}
