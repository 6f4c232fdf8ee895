<!-- How legs of several sizes are brought together where they meet: with what, how many places to leak, how long. -->
<script lang="ts">
  import type { Reduction } from '#core/runs/commands';
  import type { LengthUnit } from '#core/units';
  import { sayExact } from '#words/length-text.ts';
  import { REDUCTION_WORDS } from '#words/transitions.ts';

  interface Props {
    reductions: readonly Reduction[];
    unit: LengthUnit;
    ontake: (reduction: Reduction) => void;
  }
  let { reductions, unit, ontake }: Props = $props();
  const id = $props.id();
</script>

<fieldset>
  <legend class="chart-label">reduced by</legend>
  {#each reductions as reduction (reduction.kind)}
    {@const { name, when } = REDUCTION_WORDS[reduction.kind]}
    <label class="tap flex cursor-pointer items-start gap-2 py-1">
      <input
        type="radio"
        class="radio mt-0.5 checked:bg-accent checked:text-accent-content"
        name="{id}-by"
        checked={reduction.plan === null}
        onchange={() => ontake(reduction)}
      />
      <span
        ><strong>{name}</strong>: {reduction.leaks} leak points, {reduction.length === null
          ? 'its length to be measured'
          : `${sayExact(reduction.length, unit)} from the centre to the smaller pipe`}.
        <span class="chart-label text-sm">{when}</span></span
      >
    </label>
  {/each}
</fieldset>
