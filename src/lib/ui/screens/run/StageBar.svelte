<script lang="ts">
  import { resolve } from '$app/paths';
  import { page } from '$app/state';
  import { getStanding, type RunStanding } from '#core/checks';
  import { sayChecked, sayMade, sayMeasured } from '#words/standing.ts';
  import { afterPaint } from '../../controls/after-paint.svelte.ts';
  import type { RunStore } from '../../store/run-store.svelte.ts';
  import { findStage, STAGES, type Stage } from './stages.ts';

  let { store }: { store: RunStore } = $props();
  const here = $derived(findStage(page.url.pathname));
  const ids = $derived({ job: store.job, run: store.run });

  /** What is typed is painted first; what it means for the stages follows by a frame. */
  const scene = afterPaint(
    () => [store.doc, store.facts, store.rules],
    () => store.layout && getStanding(store.layout, store.findings),
  );
  const WORDS: Readonly<Record<Stage['id'], (standing: RunStanding) => string>> = {
    measure: sayMeasured,
    check: sayChecked,
    make: sayMade,
  };
  /** A stage is entered by the way that was taken in it last. */
  let taken = $state<Partial<Record<Stage['id'], string>>>({});
  $effect(() => {
    if (here) taken[here.stage.id] = here.way.path;
  });
</script>

<nav aria-label="Stages" class="flex min-w-0 shrink-0 sm:gap-1">
  {#each STAGES as stage (stage.id)}
    {@const isHere = here?.stage.id === stage.id}
    {@const way = stage.ways.find(({ path }) => path === taken[stage.id]) ?? stage.ways[0]!}
    <a
      href={resolve(`/jobs/[job]/runs/[run]/${way.path}`, ids)}
      class="tap flex w-19 shrink-0 flex-col justify-center border-b-4 px-1 leading-tight sm:w-auto sm:min-w-24 sm:px-2 {isHere
        ? 'border-accent'
        : 'border-transparent'}"
      aria-current={isHere ? (stage.ways.length > 1 ? 'true' : 'page') : undefined}
    >
      <span class="font-semibold max-sm:text-[15px] sm:text-lg sm:leading-5">{stage.name}</span>
      <span
        class="truncate text-xs {stage.id === 'check' && (scene.current?.stops ?? 0) > 0
          ? 'font-semibold text-error'
          : 'chart-label'}">{scene.current ? WORDS[stage.id](scene.current) : ' '}</span
      >
    </a>
  {/each}
</nav>
