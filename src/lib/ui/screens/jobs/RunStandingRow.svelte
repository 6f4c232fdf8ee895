<script lang="ts">
  import { resolve } from '$app/paths';
  import ArrowRight from '@lucide/svelte/icons/arrow-right';
  import type { RunHeading } from '#core/jobs';
  import { findNextStep, type NextStep } from '#core/checks';
  import { NEXT_STEPS, sayChecked, sayMade, sayMeasured } from '#words/standing.ts';
  import type { KeptStanding } from '../../store/device-database.ts';
  import type { StageWay } from '../run/stages.ts';

  interface Props {
    job: string;
    run: RunHeading;
    /** Nothing comes next for a run of a finished job. */
    isOpen: boolean;
    /** How far it has come; undefined while that is not known. */
    stands: KeptStanding | undefined;
    /** Edits made here that wait to be sent. */
    waits: number;
  }
  let { job, run, isOpen, stands, waits }: Props = $props();
  const WHERE: Readonly<Record<NextStep, StageWay['path']>> = {
    'lay-out': 'lay-out',
    measure: 'lay-out',
    settle: 'check',
    ask: 'check',
    cut: 'cut',
    'make-up': 'check',
  };
  const next = $derived(stands && findNextStep(stands.standing));
</script>

<li class="run border-t border-base-300 py-3" aria-label={run.name}>
  <a
    href={resolve('/jobs/[job]/runs/[run]/lay-out', { job, run: run.id })}
    class="picture"
    tabindex="-1"
    aria-hidden="true"
  >
    {#if stands && stands.thumbnail.path}
      {@const { width, height, path, source } = stands.thumbnail}
      <svg viewBox="0 0 {width} {height}">
        <path d={path} />
        {#if source}<circle cx={source[0]} cy={source[1]} r="8" />{/if}
      </svg>
    {/if}
  </a>
  <a
    class="name tap flex items-center text-xl leading-tight font-semibold underline decoration-dotted underline-offset-4"
    href={resolve('/jobs/[job]/runs/[run]/lay-out', { job, run: run.id })}>{run.name}</a
  >
  <div class="stands">
    {#if stands}
      {@const { standing } = stands}
      <dl>
        <div>
          <dt>Measure</dt>
          <dd>{sayMeasured(standing)}</dd>
        </div>
        <div class={standing.stops > 0 ? 'font-semibold text-error' : ''}>
          <dt>Check</dt>
          <dd>{sayChecked(standing)}</dd>
        </div>
        <div>
          <dt>Make</dt>
          <dd>{sayMade(standing)}</dd>
        </div>
      </dl>
    {:else}<p class="chart-label">how it stands is not known here yet</p>{/if}
    {#if waits > 0}
      <p class="text-sm font-semibold text-warning">
        {waits}
        {waits === 1 ? 'edit' : 'edits'} on this device, not on the server yet
      </p>
    {/if}
  </div>
  {#if next && isOpen}
    <a
      class="tap next btn h-auto min-h-12 py-1"
      href={resolve(`/jobs/[job]/runs/[run]/${WHERE[next]}`, { job, run: run.id })}
      aria-label="{run.name}: {NEXT_STEPS[next]}"
      >{NEXT_STEPS[next]} <ArrowRight size={18} class="shrink-0" aria-hidden="true" /></a
    >
  {/if}
</li>

<style>
  .run {
    display: grid;
    grid-template-columns: 9rem minmax(0, 1fr) auto;
    grid-template-areas: 'picture name next' 'picture stands next';
    align-items: center;
    gap: 0 1.25rem;
  }
  .picture {
    grid-area: picture;
    display: block;
    height: 5.6rem;
    background-color: var(--color-base-200);
    background-image: radial-gradient(var(--color-base-300) 1px, transparent 1px);
    background-size: 12px 12px;
  }
  .picture svg {
    width: 100%;
    height: 100%;
  }
  path {
    fill: none;
    stroke: var(--color-base-content);
    stroke-width: 4;
    stroke-linecap: round;
    stroke-linejoin: round;
  }
  circle {
    fill: var(--color-accent);
    stroke: var(--color-base-content);
    stroke-width: 3;
  }
  .name {
    grid-area: name;
    align-self: end;
  }
  .stands {
    grid-area: stands;
    align-self: start;
  }
  .next {
    grid-area: next;
  }
  dl {
    display: grid;
    grid-template-columns: repeat(3, minmax(6rem, max-content));
    gap: 0 1.25rem;
  }
  dt {
    font-size: 0.875rem;
    line-height: 1.1;
    color: color-mix(in oklab, var(--color-base-content) 75%, transparent);
  }
  @media (max-width: 639px) {
    .run {
      grid-template-columns: 6.5rem minmax(0, 1fr);
      grid-template-areas: 'picture name' 'stands stands' 'next next';
      gap: 0.4rem 0.9rem;
    }
    .picture {
      height: 4.2rem;
    }
    .name {
      align-self: center;
    }
  }
</style>
