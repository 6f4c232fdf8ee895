<script lang="ts">
  import type { QuickKind } from '#core/cutting';

  interface Props {
    kind: QuickKind;
    /** At the far end the piece comes from the left. */
    isFar: boolean;
  }
  let { kind, isFar }: Props = $props();
  /** The piece comes in from the right; what stands at its end, and the neighbours thin. */
  const SHAPES: Readonly<Record<QuickKind, { readonly body: string; readonly thin: string }>> = {
    'elbow-90': { body: 'M26 9H15V18', thin: 'M15 18V28' },
    'elbow-45': { body: 'M26 9H17L11 15', thin: 'M11 15L3 23' },
    'tee-run': { body: 'M26 12H8M17 12V19', thin: 'M8 12H1M17 19V28' },
    'tee-branch': { body: 'M26 15H17M17 8V22', thin: 'M17 8V1M17 22V29' },
    coupling: { body: 'M26 15H10M10 10V20M22 10V20', thin: 'M10 15H1' },
    union: { body: 'M26 15H9M9 10V20M15 8V22M21 10V20', thin: 'M9 15H1' },
    valve: { body: 'M24 9V21L10 9V21Z', thin: 'M10 15H1' },
    cap: { body: 'M26 9H14V21H26', thin: '' },
    open: { body: 'M18 10V20', thin: '' },
  };
  const shape = $derived(SHAPES[kind]);
</script>

<svg viewBox="0 0 44 30" width="44" height="30" aria-hidden="true">
  <g transform={isFar ? 'translate(44 0) scale(-1 1)' : undefined}>
    <path
      class="pipe"
      d={kind === 'elbow-90' || kind === 'elbow-45'
        ? 'M26 9H43'
        : kind === 'tee-run'
          ? 'M26 12H43'
          : 'M18 15H43'}
    />
    <path class="body" d={shape.body} />
    <path class="thin" d={shape.thin} />
  </g>
</svg>

<style>
  path {
    fill: none;
    stroke: currentColor;
    stroke-linejoin: round;
  }
  .pipe {
    stroke-width: 4;
  }
  .body {
    stroke-width: 3;
  }
  .thin {
    stroke-width: 1.5;
    stroke-dasharray: 3 2;
  }
</style>
