<script lang="ts">
  // Metal that is cut through.
  interface Props {
    id: string;
    /** Degrees the lines lean. */
    turn: number;
    /** Between two lines, in units of the picture. */
    apart: number;
    ground: 'pale' | 'deep';
    /** Where the picture itself is scaled. */
    scale?: number;
  }
  let { id, turn, apart, ground, scale = 1 }: Props = $props();
</script>

<pattern
  {id}
  width={apart}
  height={apart}
  patternUnits="userSpaceOnUse"
  patternTransform="rotate({turn}) scale({scale})"
>
  <rect width={apart} height={apart} class={ground === 'pale' ? 'fill-base-200' : 'fill-base-300'} />
  <line x1="0" y1="0" x2="0" y2={apart} class="stroke-base-content" stroke-width="0.5" opacity="0.5" />
</pattern>
