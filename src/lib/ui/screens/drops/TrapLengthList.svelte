<script lang="ts">
  import { type Trap, getTrapLengths } from '#core/traps';
  import type { Length, LengthUnit } from '#core/units';
  import { sayTaped } from '#words/length-text.ts';
  import WhyButton from '../reasons/WhyButton.svelte';

  interface Props {
    trap: Trap;
    unit: LengthUnit;
    onwhy: (id: string) => void;
  }
  let { trap, unit, onwhy }: Props = $props();
  const lengths = $derived(getTrapLengths(trap));
  const say = (length: Length | null): string => (length === null ? '?' : sayTaped(length, unit));
  const e = $derived(lengths.engagements.map(say));
  const rows = $derived([
    ['nipple', lengths.nipple, 'from end to end'],
    ['shows', lengths.exposed, `${say(lengths.nipple)} − ${e[0]} − ${e[1]} made up at its ends`],
    ['pocket', lengths.pocket, `${say(lengths.exposed)} + ${say(lengths.depth)} the depth of the cap`],
    [
      'tee centre to cap bottom',
      lengths.centreToBottom,
      `${say(lengths.pocket)} + ${say(lengths.centreToFace)} the tee’s centre to its face`,
    ],
  ] as const);
</script>

<section aria-label="Lengths of the trap">
  <dl class="terms">
    {#each rows as [name, length, how] (name)}
      <dt>{name}</dt>
      <dd>
        <strong>{say(length)}</strong> <span class="chart-label text-sm">{how}</span>
      </dd>
    {/each}
  </dl>
  {#if trap.nipple.piece}
    {@const id = trap.nipple.piece.id}
    <p>
      How the nipple comes to its length
      <WhyButton {id} what="the nipple of the trap" {onwhy} />
    </p>
  {/if}
</section>
