<script lang="ts">
  import CircleHelp from '@lucide/svelte/icons/circle-help';
  import Info from '@lucide/svelte/icons/info';
  import OctagonX from '@lucide/svelte/icons/octagon-x';
  import type { Finding } from '#core/checks';
  import type { LengthUnit } from '#core/units';
  import TransitionLink from '../joints/TransitionLink.svelte';
  import type { FindingWay } from '../joints/transition-way.ts';
  import { sayFinding, SEVERITY_NAMES } from '#words/findings.ts';

  interface Props {
    findings: readonly Finding[];
    unit: LengthUnit;
    /** How many are shown before the rest is asked for: stops come first. None is left out on paper. */
    most?: number;
    /** Where what is found is put right with a part between; null where that is no matter of parts. */
    getWay?: ((finding: Finding) => FindingWay | null) | null;
    /** How it is said, where not by the numbers of legs. */
    say?: (finding: Finding, unit: LengthUnit) => string;
  }
  let { findings, unit, most = Infinity, getWay = null, say = sayFinding }: Props = $props();
  let showsAll = $state(false);
  const shown = $derived(showsAll || findings.length <= most ? findings : findings.slice(0, most));
  const ICONS = { stop: OctagonX, ask: CircleHelp, note: Info } as const;
  const TONES = { stop: 'text-error font-medium', ask: 'text-warning font-medium', note: '' } as const;
</script>

{#if findings.length > 0}
  <ul class="flex flex-col gap-2" aria-label="What to look at">
    {#each shown as finding, i (i)}
      {@const Icon = ICONS[finding.severity]}
      {@const way = getWay?.(finding) ?? null}
      <li class="flex gap-2 text-sm {TONES[finding.severity]}">
        <Icon size={18} class="mt-0.5 shrink-0" aria-hidden="true" />
        <span
          ><strong>{SEVERITY_NAMES[finding.severity]}.</strong>
          {say(finding, unit)}
          {#if way}
            <TransitionLink {...way} look="tap inline-flex items-center underline underline-offset-4"
              >{way.says}</TransitionLink
            >
          {/if}</span
        >
      </li>
    {/each}
  </ul>
  {#if shown.length < findings.length}
    <button type="button" class="tap btn mt-2" onclick={() => (showsAll = true)}
      >Show all {findings.length}</button
    >
  {/if}
{/if}
