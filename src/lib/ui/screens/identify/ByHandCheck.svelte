<script lang="ts">
  import { threads } from '../../threads.ts';
  import { isPipeThread } from '#core/ends';
  import { checkByHand, checkByHandAll } from '#core/identify';
  import type { LengthUnit } from '#core/units';
  import { sayReading } from '#words/length-text.ts';
  import type { IdentifyBench } from './identify-bench.svelte.ts';

  let { bench, unit }: { bench: IdentifyBench; unit: LengthUnit } = $props();
  const diameter = $derived(bench.observations.find((each) => each.kind === 'diameter'));
  const check = $derived(diameter?.kind === 'diameter' ? checkByHand(diameter.length) : null);
  const over = $derived(diameter?.kind === 'diameter' && diameter.side === 'inside' ? 'bore' : 'outside');
  const lies = $derived(checkByHandAll(threads.taper, over).filter(({ holds }) => !holds));
  const best = $derived(bench.ranking.threads[0]?.thread ?? null);
  const isPipe = $derived(best !== null && isPipeThread(best.family));
  const disagrees = $derived(check !== null && isPipe && !check.says.some((size) => size === best?.size));
</script>

{#if check && diameter?.kind === 'diameter' && isPipe}
  <section aria-label="By-hand check" class="border-t-2 border-base-300 pt-2 text-sm leading-snug">
    <h2 class="text-base font-semibold">The by-hand check</h2>
    <p>
      {sayReading(diameter.length, unit)} less a quarter inch is nearest to
      <strong>{check.says.join(' and ')}</strong>{check.says.length > 1 ? ', exactly between them' : ''}.
      {#if disagrees}<strong class="text-error">Here it lies: the tables say {best?.size}.</strong>{/if}
    </p>
    <p>
      {#if lies.length === 0}Taken {over === 'bore' ? 'in the bore' : 'outside'} it holds for every pipe size from
        1/8 to 4.{:else}Taken outside it lies at {lies
          .map(({ size, says }) => (says.length > 1 ? `${size} (a tie)` : `${size} (says ${says[0]})`))
          .join(', ')}.{/if}
      It decides nothing here.
    </p>
  </section>
{/if}
