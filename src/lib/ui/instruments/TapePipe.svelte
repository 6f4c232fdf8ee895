<!-- What lies under the tape: the pipe with its threads, the fittings, what of the thread is inside. -->
<svelte:options namespace="svg" />

<script lang="ts">
  import type { Catalogue } from '#core/catalogue';
  import { getBodies, getPipes } from '#core/drawing';
  import { getCraft } from '#core/materials';
  import type { Tape } from '#core/tape';
  import { INCH, toMillimetres } from '#core/units';
  import { AXIS, drawThick } from './tape-sheet.ts';
  import type { TapeView } from './tape-view.svelte.ts';

  interface Props {
    tape: Tape;
    catalogue: Catalogue;
    view: TapeView;
  }
  let { tape, catalogue, view }: Props = $props();
  const id = $props.id();
  const x = (mm: number): number => view.place(mm);
  const pipes = $derived(getPipes(tape, catalogue));
  const bodies = $derived(getBodies(tape, catalogue));
  const across = $derived.by(() => {
    const half = toMillimetres(getCraft(tape.leg.leg).findOutside(tape.leg.leg, catalogue) ?? INCH) / 2;
    return drawThick(half, view.scale) / half;
  });
</script>

{#snippet box(from: number, to: number, half: number, look: { class?: string; fill?: string; rx?: number })}
  <rect
    {...look}
    x={x(from)}
    width={Math.max(1, x(to) - x(from))}
    y={AXIS - half * across}
    height={half * across * 2}
  />
{/snippet}

<defs>
  <pattern id="{id}-thread" width="3" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(14)">
    <line x1="1" y1="0" x2="1" y2="6" class="thread-line" />
  </pattern>
</defs>
{#each pipes as pipe (pipe.piece.id)}
  {@render box(pipe.from, pipe.to, pipe.half, { class: 'pipe' })}
  {#each pipe.threads as thread, i (i)}
    {@render box(thread.from, thread.to, pipe.half, { fill: `url(#${id}-thread)` })}
  {/each}
  <text class="mark" x={(Math.max(0, x(pipe.from)) + Math.min(view.width, x(pipe.to))) / 2} y={AXIS}
    >{pipe.piece.mark}</text
  >
{/each}
{#each bodies as { station, blocks, stubs } (station.id)}
  {#each ['rim', 'metal'] as const as layer (layer)}
    <g class={layer}>
      {#each stubs as stub, i (i)}
        <rect
          rx="2"
          x={x(stub.from)}
          width={x(stub.to) - x(stub.from)}
          y={stub.side === 1 ? AXIS - stub.height * across : AXIS}
          height={stub.height * across}
        />
      {/each}
      {#each blocks as block, i (i)}
        {@render box(block.from, block.to, block.half, { rx: 2 })}
      {/each}
    </g>
  {/each}
{/each}
{#each pipes as pipe (pipe.piece.id)}
  {#each pipe.engaged as stretch, i (i)}
    {@render box(stretch.from, stretch.to, pipe.half, { class: 'engaged' })}
  {/each}
{/each}

<style>
  .pipe {
    fill: var(--color-base-300);
    stroke: var(--color-base-content);
    stroke-width: 1.2;
  }
  .thread-line {
    stroke: var(--color-base-content);
    stroke-width: 0.9;
  }
  .rim rect {
    stroke: var(--color-base-content);
    stroke-width: 2.4;
  }
  .metal rect {
    fill: color-mix(in oklab, var(--color-secondary) 38%, var(--color-base-100));
  }
  .engaged {
    fill: var(--color-accent);
    fill-opacity: 0.85;
    stroke: var(--color-base-content);
    stroke-width: 1;
  }
  .mark {
    font-size: 14px;
    font-weight: 700;
    text-anchor: middle;
    dominant-baseline: central;
    fill: var(--color-base-content);
    pointer-events: none;
    paint-order: stroke;
    stroke: var(--color-base-300);
    stroke-width: 5px;
  }
</style>
