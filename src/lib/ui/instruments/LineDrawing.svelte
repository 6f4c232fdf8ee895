<script lang="ts">
  import { drawLine } from '#core/drawing/draw-line.ts';
  import { makeRecordingSink, type Shape } from '#core/drawing/sink.ts';
  import type { LengthUnit } from '#core/units/length.ts';
  import type { RunLayout } from '#core/runs/layout.ts';
  import { describeRun } from '#words/describe-run.ts';

  interface Props {
    layout: RunLayout;
    unit: LengthUnit;
    /** Ids of the leg or node that is selected. */
    selected?: string | null;
    /** The node the next leg grows from. */
    growing?: string | null;
    /** The leg that is only being tried out. */
    draft?: string | null;
    /** Fixed size for paper; otherwise the drawing fills its place. */
    size?: { width: number; height: number };
    onpick?: (subject: string) => void;
  }
  let { layout, unit, selected = null, growing = null, draft = null, size, onpick }: Props = $props();
  let [width, height] = $state([0, 0]);
  const id = $props.id();
  const sheet = $derived({
    width: size?.width ?? width,
    height: size?.height ?? height,
    margin: 46,
    letter: size ? 13 : width < 500 ? 14 : 16,
  });
  const drawing = $derived.by(() => {
    if (sheet.width < 80 || sheet.height < 60) return null;
    const sink = makeRecordingSink();
    const placed = drawLine(layout, sink, sheet, unit);
    return { ...placed, shapes: sink.shapes };
  });
  const shapes = $derived<readonly Shape[]>(drawing?.shapes ?? []);
  const paper = $derived({ width: drawing?.width ?? sheet.width, height: drawing?.height ?? sheet.height });
  const isMovable = $derived(!size && (paper.width > sheet.width + 1 || paper.height > sheet.height + 1));
  const description = $derived(describeRun(layout, unit));

  /** Splits a measure so that only its fraction is set as one. */
  const FRACTION = /(\d+\/\d+)/;

  const toPoints = (shape: Shape & { kind: 'stroke' }): string =>
    shape.points.map(({ x, y }) => `${x.toFixed(1)},${y.toFixed(1)}`).join(' ');

  const getClass = (shape: Shape): string =>
    [
      shape.role,
      shape.subject === selected ? 'selected' : '',
      shape.subject === draft ? 'draft' : '',
      shape.role === 'node' && shape.subject === growing ? 'growing' : '',
    ].join(' ');

  /** Keeps what is being worked on in sight when the drawing is larger than its place. */
  function follow(place: HTMLDivElement): void {
    $effect(() => {
      const subject = draft
        ? layout.legs.get(draft)?.far
        : selected
          ? layout.legs.get(selected)?.far
          : growing;
      const at = subject ? drawing?.places.get(subject) : undefined;
      if (!at || !isMovable) return;
      place.scrollTo({ left: at.x - width / 2, top: at.y - height / 2 });
    });
  }

  /** Picking by pointer; the list of legs is the way for keys and screen readers. */
  function pickByPointer(svg: SVGSVGElement): () => void {
    const onClick = (event: Event) => {
      const subject = (event.target as Element).closest('[data-subject]')?.getAttribute('data-subject');
      if (subject && subject !== draft) onpick?.(subject);
    };
    svg.addEventListener('click', onClick);
    return () => svg.removeEventListener('click', onClick);
  }
</script>

<div class="line" bind:clientWidth={width} bind:clientHeight={height}>
  <!-- svelte-ignore a11y_no_noninteractive_tabindex (a drawing larger than its place is moved by keys too) -->
  <div
    {@attach follow}
    class="paper {isMovable ? 'movable' : ''}"
    tabindex={isMovable ? 0 : undefined}
    role={isMovable ? 'region' : undefined}
    aria-label={isMovable ? 'The drawing, larger than its place' : undefined}
  >
    <svg
      {@attach pickByPointer}
      role="img"
      aria-label="The run, drawn isometrically, not to scale"
      aria-describedby="{id}-words"
      width={size?.width ?? paper.width}
      height={size?.height ?? paper.height}
      viewBox="0 0 {paper.width} {paper.height}"
    >
      {#each shapes as shape, i (i)}
        {#if shape.kind === 'stroke'}
          <polyline class={getClass(shape)} points={toPoints(shape)} data-subject={shape.subject} />
        {:else if shape.kind === 'mark'}
          <circle
            class={getClass(shape)}
            cx={shape.at.x}
            cy={shape.at.y}
            r={shape.radius}
            data-subject={shape.subject}
          />
        {:else}
          <text
            class="text-{shape.role} {getClass(shape)}"
            x={shape.at.x}
            y={shape.at.y}
            font-size={shape.role === 'tag' ? sheet.letter * 0.9 : sheet.letter}
            transform={shape.turn === 0 ? undefined : `rotate(${shape.turn} ${shape.at.x} ${shape.at.y})`}
            data-subject={shape.subject}
            >{#each shape.text.split(FRACTION) as part, j (j)}{#if part.includes('/')}<tspan class="fraction"
                  >{part}</tspan
                >{:else}{part}{/if}{/each}</text
          >
        {/if}
      {/each}
      {#if onpick}
        {#each shapes as shape, i (i)}
          {#if shape.kind === 'stroke' && shape.role === 'pipe'}
            <polyline class="reach" points={toPoints(shape)} data-subject={shape.subject} />
          {/if}
        {/each}
        {#each shapes as shape, i (i)}
          {#if shape.kind === 'mark' && shape.role === 'node'}
            <circle class="reach-node" cx={shape.at.x} cy={shape.at.y} r="20" data-subject={shape.subject} />
          {/if}
        {/each}
      {/if}
    </svg>
  </div>
  <ul id="{id}-words" class="sr-only">
    {#each description as sentence (sentence)}<li>{sentence}</li>{/each}
  </ul>
</div>

<style>
  .line {
    position: relative;
    width: 100%;
    height: 100%;
    overflow: hidden;
  }
  .paper {
    position: absolute;
    inset: 0;
    overflow: hidden;
  }
  .paper.movable {
    overflow: auto;
  }
  svg {
    display: block;
    stroke-linecap: round;
    stroke-linejoin: round;
    fill: none;
    stroke: var(--color-base-content);
  }
  .pipe {
    stroke-width: 4;
  }
  .pipe.selected {
    stroke: var(--color-accent);
    stroke-width: 7;
  }
  .face {
    stroke-width: 3;
  }
  .cap {
    stroke-width: 4;
  }
  .flow {
    stroke-width: 2;
  }
  .source {
    fill: var(--color-base-content);
    stroke-width: 2;
  }
  .node {
    fill: var(--color-base-content);
    stroke: none;
  }
  .node.growing {
    fill: var(--color-accent);
    stroke: var(--color-base-content);
    stroke-width: 2.5;
    r: 9px;
  }
  .node.selected {
    stroke: var(--color-accent);
    stroke-width: 5;
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
  circle.tag {
    fill: var(--color-base-100);
    stroke: var(--color-secondary);
    stroke-width: 1.2;
  }
  circle.tag.selected {
    fill: var(--color-accent);
    stroke: var(--color-accent);
  }
  text {
    fill: var(--color-base-content);
    stroke: none;
    text-anchor: middle;
    dominant-baseline: central;
    font-variant-numeric: tabular-nums;
  }
  .text-measure {
    font-weight: 600;
    paint-order: stroke;
    stroke: var(--color-base-100);
    stroke-width: 4px;
  }
  .text-tag {
    font-weight: 600;
    font-style: normal;
  }
  .pipe.draft,
  .tag.draft {
    stroke-dasharray: 7 7;
    opacity: 0.75;
  }
  .text-tag.selected {
    fill: var(--color-accent-content);
  }
  .reach {
    stroke: transparent;
    stroke-width: 26;
    cursor: pointer;
  }
  .reach-node {
    fill: transparent;
    stroke: none;
    cursor: pointer;
  }
</style>
