<script lang="ts">
  import { standardCatalogue } from '#core/catalogue/standard-catalogue.ts';
  import { drawJoint } from '#core/drawing/draw-joint.ts';
  import type { Point } from '#core/geometry/isometric.ts';
  import type { LaidEnd } from '#core/runs/layout.ts';
  import { toMillimetres, type LengthUnit } from '#core/units/length.ts';
  import { sayExact } from '#words/length-text.ts';
  import { namePort } from '#words/parts.ts';
  import Hatching from './Hatching.svelte';
  import LensFrame from './LensFrame.svelte';

  let { end, unit }: { end: LaidEnd; unit: LengthUnit } = $props();
  const id = $props.id();

  const cut = $derived.by(() => {
    const { joint, thread, size } = end;
    const pipe = standardCatalogue.findPipe(size);
    if (!joint || joint.engagement === null || !thread || !pipe) return null;
    return drawJoint({ thread, pipe, engagement: joint.engagement, reach: joint.reach });
  });
  /** The window looks at the wall of the pipe: every thread of it, engaged and showing. */
  const window = $derived.by(() => {
    if (!cut || !end.thread) return null;
    const pitch = 25.4 / end.thread.threadsPerInch;
    const to = toMillimetres(end.thread.cutLength) + cut.engaged.from;
    const radius = ((to - cut.engaged.from) / 2 + 2.2 * pitch) * 1.1;
    const wall = cut.contact.at(-1)?.y ?? cut.frame.radius;
    return { x: (to + cut.engaged.from) / 2, y: wall - radius * 0.12, radius, pitch };
  });
  /** Units of the picture (120 across) in a millimetre. */
  const scale = $derived(window ? 49 / window.radius : 1);
  const place = ({ x, y }: Point, half: 1 | -1 = 1) =>
    `${(60 + (x - (window?.x ?? 0)) * scale).toFixed(2)} ${(60 - (y * half - (window?.y ?? 0)) * scale).toFixed(2)}`;
  const toPath = (points: readonly Point[], half: 1 | -1 = 1) =>
    points.map((point, i) => `${i === 0 ? 'M' : 'L'}${place(point, half)}`).join('');
  const across = (x: number) => 60 + (x - (window?.x ?? 0)) * scale;
  const down = (y: number) => 60 - (y - (window?.y ?? 0)) * scale;
  const says = $derived.by(() => {
    if (!cut || !end.joint) return '';
    const { joint } = end;
    const showing = `${cut.showing.length} crests stand outside the face`;
    const dead =
      joint.reach === null || joint.engagement === null || joint.reach <= joint.engagement
        ? ''
        : `, ${sayExact(joint.reach - joint.engagement, unit)} of space from the pipe’s end to the centre`;
    return `${sayExact(joint.engagement ?? 0, unit)} in one another, ${showing}${dead}.`;
  });
</script>

{#if cut && window && end.joint}
  <figure class="m-0 flex flex-col items-center gap-1">
    <LensFrame
      label="The joint cut open, to scale: pipe in the {namePort(end.joint.part, end.joint.port.id)}. {says}"
    >
      {#snippet defs()}
        <Hatching id="{id}-fitting" turn={45} apart={3} ground="deep" />
        <Hatching id="{id}-pipe" turn={-45} apart={2.2} ground="pale" />
      {/snippet}
      {#each [1, -1] as const as half (half)}
        <path
          d="{toPath(cut.fitting, half)}Z"
          fill="url(#{id}-fitting)"
          class="stroke-base-content"
          stroke-width="0.6"
        />
        <path
          d="{toPath(cut.pipe, half)}Z"
          fill="url(#{id}-pipe)"
          class="stroke-base-content"
          stroke-width="0.6"
        />
        <path d={toPath(cut.contact, half)} fill="none" class="contact" stroke-width="1.6" />
      {/each}
      {#each cut.showing as crest, i (i)}
        <path
          d="M{across(crest.x)} {down(crest.y) - 1.2}v-3"
          class="stroke-base-content"
          stroke-width="0.5"
        />
        <text
          x={across(crest.x)}
          y={down(crest.y) - 5.4}
          text-anchor="middle"
          class="fill-base-content"
          font-size={Math.min(5, window.pitch * scale * 0.8)}>{i + 1}</text
        >
      {/each}
      <path
        d="M{across(cut.engaged.from)} 88v6M{across(cut.engaged.to)} 88v6M{across(
          cut.engaged.from,
        )} 91H{across(cut.engaged.to)}"
        class="stroke-base-content"
        stroke-width="0.6"
      />
      <text
        x={across((cut.engaged.from + cut.engaged.to) / 2)}
        y="98"
        text-anchor="middle"
        class="halo fill-base-content"
        font-size="5.5">{sayExact(end.joint.engagement ?? 0, unit)}</text
      >
    </LensFrame>
    <figcaption class="max-w-md text-center text-sm leading-snug">
      Cut open, to scale. {says} It seals where the line is brass.
    </figcaption>
  </figure>
{/if}

<style>
  .contact {
    stroke: #c07d10;
  }
  .halo {
    paint-order: stroke;
    stroke: var(--color-base-100);
    stroke-width: 2px;
  }
</style>
