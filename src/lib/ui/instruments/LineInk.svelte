<!-- What is drawn of a run, in the manner of each thing: everything of one manner is one path. -->
<svelte:options namespace="svg" />

<script lang="ts">
  import type { TextShape } from '#core/drawing';
  import FractionText from './FractionText.svelte';
  import type { Ink } from './line-ink.ts';

  interface Props {
    inks: readonly Ink[];
    texts: readonly TextShape[];
    /** Height of the lettering, in units of the sheet. */
    letter: number;
    /** As it stands, picked out, or only being tried out. */
    how?: 'drawn' | 'selected' | 'tried';
  }
  let { inks, texts, letter, how = 'drawn' }: Props = $props();
  /** Lettering along a way is turned about its middle. */
  const turn = ({ at, turn: by }: TextShape): string | undefined =>
    by === 0 ? undefined : `rotate(${by.toFixed(1)} ${at.x.toFixed(1)} ${at.y.toFixed(1)})`;
</script>

{#each inks as { role, path } (role)}<path class="{role} {how}" d={path} />{/each}
{#each texts as shape (`${shape.role} ${shape.subject}`)}
  <text
    class="text-{shape.role} {how}"
    x={shape.at.x.toFixed(1)}
    y={shape.at.y.toFixed(1)}
    font-size={shape.role === 'tag' ? letter * 0.9 : letter}
    transform={turn(shape)}><FractionText text={shape.text} /></text
  >
{/each}

<style>
  .pipe,
  .pipe-r {
    stroke-width: 4;
  }
  /* Tube with R threads: a long dash, told from iron without colour. */
  .pipe-r {
    stroke-dasharray: 16 5;
  }
  /* Corrugated tubing as its ribs, copper as the two sides of a tube, pressed pipe as a dash and a point,
     polyethylene as short thick dashes: told without colour. */
  .corrugated {
    stroke-width: 8.5;
    stroke-dasharray: 1.8 3;
    stroke-linecap: butt;
  }
  .copper {
    stroke-width: 1.8;
  }
  .pressed {
    stroke-width: 4;
    stroke-dasharray: 18 4 4 4;
    stroke-linecap: butt;
  }
  .plastic {
    stroke-width: 6;
    stroke-dasharray: 9 4;
    stroke-linecap: butt;
  }
  /* Where a leg runs: its own pattern of strokes beside it. */
  .zone {
    stroke-width: 1.6;
    stroke-linecap: round;
    opacity: 0.75;
  }
  .corrugated.selected {
    stroke-width: 12;
  }
  .copper.selected {
    stroke-width: 4;
  }
  .pressed.selected {
    stroke-width: 7;
  }
  .plastic.selected {
    stroke-width: 9;
  }
  .made-up {
    stroke-width: 8;
    stroke-linecap: butt;
  }
  .selected {
    stroke: var(--color-accent);
  }
  .pipe.selected,
  .pipe-r.selected {
    stroke-width: 7;
    stroke-dasharray: none;
  }
  .made-up.selected {
    stroke-width: 10;
  }
  .flow.selected,
  .face.selected,
  .union.selected,
  .valve.selected {
    stroke-width: 4;
  }
  .fault {
    stroke: var(--color-error);
    fill: var(--color-base-100);
    stroke-width: 2.2;
  }
  .connector {
    stroke-width: 2.4;
  }
  .connector.selected {
    stroke-width: 4;
  }
  .face,
  .union {
    stroke-width: 3;
  }
  .cap,
  .plug {
    stroke-width: 4;
  }
  .transition,
  .valve {
    stroke-width: 2.5;
    fill: var(--color-base-100);
  }
  .flow {
    stroke-width: 2;
  }
  .construction {
    stroke-width: 1.2;
    stroke-dasharray: 2 5;
    stroke: var(--color-secondary);
  }
  .dimension {
    stroke-width: 1;
    stroke: var(--color-secondary);
  }
  .appliance {
    stroke-width: 2;
    fill: var(--color-base-200);
  }
  .source {
    fill: var(--color-base-content);
    stroke-width: 2;
  }
  .node {
    fill: var(--color-base-content);
    stroke: none;
  }
  .open-end {
    fill: var(--color-base-100);
    stroke-width: 2.5;
  }
  .no-fitting {
    stroke: var(--color-error);
    stroke-width: 4;
    stroke-dasharray: 4 5;
  }
  path.tag {
    fill: var(--color-base-100);
    stroke: var(--color-secondary);
    stroke-width: 1.2;
  }
  path.tag.selected {
    fill: var(--color-accent);
    stroke: var(--color-accent);
  }
  text {
    fill: var(--color-base-content);
    stroke: none;
    text-anchor: middle;
    dominant-baseline: central;
    font-variant-numeric: tabular-nums;
    pointer-events: none;
    user-select: none;
  }
  .text-measure,
  .text-size,
  .text-name {
    font-weight: 600;
    paint-order: stroke;
    stroke: var(--color-base-100);
    stroke-width: 4px;
  }
  .text-size,
  .text-name {
    font-family: var(--font-chart);
    font-style: italic;
    font-weight: 500;
    fill: var(--color-secondary);
  }
  .text-tag {
    font-weight: 600;
    font-style: normal;
  }
  .text-tag.selected {
    fill: var(--color-accent-content);
  }
  .pipe.tried,
  .pipe-r.tried,
  .tag.tried {
    stroke-dasharray: 7 7;
    opacity: 0.75;
  }
</style>
