<script lang="ts">
  import { catalogue } from '../catalogue.ts';
  import { drawLens, drawRunJoint } from '#core/drawing';
  import { findTubeEnd } from '#core/runs/reading';
  import type { LaidEnd } from '#core/runs/measuring';
  import type { RunLayout } from '#core/runs/layout';
  import type { LengthUnit } from '#core/units';
  import { sayJointLens, sayLens } from '#words/lens.ts';
  import PairLens from './PairLens.svelte';

  // The joint at an end of a piece, cut open.
  let { end, layout, unit }: { end: LaidEnd; layout: RunLayout; unit: LengthUnit } = $props();
  const picture = $derived.by(() => {
    const { joint, thread } = end;
    if (!joint) return null;
    if (!thread) {
      const [goes, takes] = [findTubeEnd(layout, end), joint.port.end].map(catalogue.ends.figure);
      return goes && takes ? drawLens(goes, takes, joint.verdict, catalogue) : null;
    }
    const pipe = catalogue.findPipe(thread.size);
    if (joint.engagement === null || !pipe) return null;
    return drawRunJoint({ thread, pipe, engagement: joint.engagement, reach: joint.reach });
  });
</script>

{#if picture && end.joint}
  <PairLens
    {picture}
    says={end.thread ? sayJointLens(picture, end.joint, unit) : sayLens(picture, end.joint.verdict, unit)}
    {unit}
  />
{/if}
