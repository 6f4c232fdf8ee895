<script lang="ts">
  import { untrack } from 'svelte';
  import { makeThreadProfile } from '#core/drawing';
  import { LEAF_FITS, type Observation } from '#core/identify';
  import { GAUGE_LEAVES, drawNormal, type SimulatedSpecimen } from '#core/instruments';
  import { LEAF_FIT_NAMES, nameLeaf } from '#words/identify.ts';

  interface Props {
    specimen: SimulatedSpecimen;
    onread: (observation: Observation, instrument: string) => void;
  }
  let { specimen, onread }: Props = $props();
  let at = $state(Math.floor(GAUGE_LEAVES.length / 2));
  const leaf = $derived(GAUGE_LEAVES[at]!);
  /** The leaf is never held quite square: what is seen is off by a few parts in a thousand. */
  const askew = untrack(() => 1 + 0.006 * drawNormal(Math.random));

  const THREADS = 6;
  const width = $derived((THREADS * 25.4) / specimen.perInch);
  const scale = $derived(270 / width);
  const base = $derived({
    gender: 'male' as const,
    flank: specimen.flank,
    crest: specimen.crestForm,
    mouth: 0,
    slope: 0,
    cap: null,
  });
  const toPath = (perInch: number, lift: number) =>
    makeThreadProfile({ ...base, perInch }, Math.ceil((width * perInch) / 25.4) + 2)
      .map(
        ({ x, y }, i) =>
          `${i === 0 ? 'M' : 'L'}${(5 + x * scale).toFixed(2)} ${(70 - y * scale - lift).toFixed(2)}`,
      )
      .join('');
  const thread = $derived(toPath(specimen.perInch, 0));
  /** The leaf meets the thread at its first crest; further on its teeth run ahead or behind, and light shows. */
  const teeth = $derived(toPath(leaf.perInch * askew, 0));
  const step = (by: number) => (at = Math.max(0, Math.min(GAUGE_LEAVES.length - 1, at + by)));
</script>

<svg
  viewBox="0 0 280 130"
  class="w-full bg-[#fff7d6]"
  role="img"
  aria-label="Leaf {nameLeaf(leaf.perInch)} held on the thread against the light"
>
  <path d="{teeth}V0H0Z" fill="#9aa7ab" fill-opacity="0.95" />
  <path d="{thread}V130H0Z" fill="#14242c" />
  <text x="272" y="16" text-anchor="end" font-size="12" font-weight="600" fill="#14242c"
    >leaf {nameLeaf(leaf.perInch)}</text
  >
</svg>
<div class="flex items-center gap-2">
  <button type="button" class="btn h-12 px-4" onclick={() => step(-1)} aria-label="Coarser leaf"
    >coarser</button
  >
  <input
    type="range"
    class="h-11 min-w-0 grow accent-accent"
    min="0"
    max={GAUGE_LEAVES.length - 1}
    bind:value={at}
    aria-label="Leaf"
    aria-valuetext={nameLeaf(leaf.perInch)}
  />
  <button type="button" class="btn h-12 px-4" onclick={() => step(1)} aria-label="Finer leaf">finer</button>
</div>
<div class="grid grid-cols-3 gap-2">
  {#each LEAF_FITS as fit (fit)}
    <button
      type="button"
      class="btn h-12 px-1 {fit === 'fits' ? 'btn-primary' : 'btn-outline'}"
      onclick={() => onread({ kind: 'leaf', perInch: leaf.perInch, fit }, 'simulated pitch gauge')}
      >{LEAF_FIT_NAMES[fit]}</button
    >
  {/each}
</div>
