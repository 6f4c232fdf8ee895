<script lang="ts">
  import { drag, type D3DragEvent } from 'd3-drag';
  import { select } from 'd3-selection';
  import { sayTurns } from '#words/tightness.ts';

  interface Props {
    /** Degrees clockwise from the top, looking from the fitting into the pipe. */
    handTight: number;
    wanted: number;
    /** What stands at the top. */
    top: string;
    /** Turns past hand-tight of the stop that is chosen; null while none is. */
    turns: number | null;
    onturn: (angle: number) => void;
  }
  let { handTight, wanted, top, turns, onturn }: Props = $props();
  const MIDDLE = 100;
  const at = (angle: number, radius: number) => {
    const t = (angle * Math.PI) / 180;
    return { x: MIDDLE + Math.sin(t) * radius, y: MIDDLE - Math.cos(t) * radius };
  };
  const line = (angle: number, from: number, to: number) => {
    const [a, b] = [at(angle, from), at(angle, to)];
    return `M${a.x.toFixed(1)} ${a.y.toFixed(1)}L${b.x.toFixed(1)} ${b.y.toFixed(1)}`;
  };
  /** The head of the arrow that shows where it shall point. */
  const tip = (angle: number) => {
    const [a, b, c] = [at(angle, 77), at(angle - 9, 61), at(angle + 9, 61)];
    return `M${a.x} ${a.y}L${b.x} ${b.y}L${c.x} ${c.y}Z`;
  };
  /** The way it is turned: a spiral from hand-tight to the stop, tighter inward. */
  const spiral = $derived.by(() => {
    if (turns === null || turns <= 0) return '';
    const steps = Math.ceil(turns * 40);
    return Array.from({ length: steps + 1 }, (_, i) => {
      const { x, y } = at(handTight + (360 * turns * i) / steps, 64 - (26 * i) / steps);
      return `${i === 0 ? 'M' : 'L'}${x.toFixed(1)} ${y.toFixed(1)}`;
    }).join('');
  });
  const turnTo = (angle: number) => onturn(((Math.round(angle) % 360) + 360) % 360);

  function attachDrag(element: SVGGElement): () => void {
    const behaviour = drag<SVGGElement, unknown>()
      .container(() => element.ownerSVGElement!)
      .on('start', () => element.focus({ preventScroll: true }))
      .on('drag', (event: D3DragEvent<SVGGElement, unknown, unknown>) => {
        // In units of the picture already: its container is the picture itself.
        const angle = (Math.atan2(event.x - MIDDLE, MIDDLE - event.y) * 180) / Math.PI;
        // To five degrees: nobody sets a fitting finer by hand.
        turnTo(Math.round(angle / 5) * 5);
      });
    select(element).call(behaviour);
    return () => select(element).on('.drag', null);
  }
  const STEPS: Readonly<Record<string, number>> = {
    ArrowRight: 5, ArrowUp: 5, ArrowLeft: -5, ArrowDown: -5, PageUp: 45, PageDown: -45,
  }; // prettier-ignore
  function onKey(event: KeyboardEvent): void {
    const step = STEPS[event.key];
    if (step === undefined) return;
    event.preventDefault();
    turnTo(handTight + (event.shiftKey ? Math.sign(step) : step));
  }
</script>

<svg
  viewBox="0 0 200 200"
  class="dial"
  role="group"
  aria-label="Clocking dial, seen from the fitting into the pipe"
>
  <circle cx={MIDDLE} cy={MIDDLE} r="78" class="face" />
  {#each Array.from({ length: 24 }, (_, i) => i * 15) as angle (angle)}
    <path d={line(angle, angle % 90 === 0 ? 68 : 73, 78)} class="tick" />
  {/each}
  {#each [[0, top], [90, '90°'], [180, '180°'], [270, '270°']] as const as [angle, name] (angle)}
    {@const { x, y } = at(angle, 89)}
    <text {x} {y} font-size="10">{name}</text>
  {/each}
  <circle cx={MIDDLE} cy={MIDDLE} r="34" class="pipe" />
  <path d={spiral} class="spiral" />
  <path d={line(wanted, 34, 64)} class="wanted" />
  <path d={tip(wanted)} class="tip" />
  <g
    {@attach attachDrag}
    class="hand"
    role="slider"
    tabindex="0"
    aria-label="Where it points hand-tight"
    aria-valuemin="0"
    aria-valuemax="359"
    aria-valuenow={handTight}
    aria-valuetext="{handTight} degrees clockwise from {top}"
    onkeydown={onKey}
  >
    <path d={line(handTight, 34, 66)} class="arm" />
    <circle cx={at(handTight, 58).x} cy={at(handTight, 58).y} r="9" class="knob" />
    <circle cx={at(handTight, 58).x} cy={at(handTight, 58).y} r="20" class="grip" />
  </g>
  <text x={MIDDLE} y={MIDDLE - 5} font-size="13" font-weight="700"
    >{turns === null ? 'no stop' : sayTurns(turns).split(' ')[0]}</text
  >
  <text x={MIDDLE} y={MIDDLE + 10} font-size="9">{turns === null ? '' : 'turns'}</text>
</svg>

<style>
  .dial {
    width: 15rem;
    max-width: 100%;
    touch-action: none;
    user-select: none;
  }
  .face {
    fill: var(--color-base-200);
    stroke: #b98a35;
    stroke-width: 5;
  }
  .tick {
    stroke: var(--color-base-content);
    stroke-width: 1;
  }
  .pipe {
    fill: var(--color-base-100);
    stroke: var(--color-base-content);
    stroke-width: 3;
  }
  .spiral {
    fill: none;
    stroke: #c07d10;
    stroke-width: 2.5;
    stroke-dasharray: 5 3;
  }
  .wanted {
    stroke: var(--color-base-content);
    stroke-width: 5;
  }
  .tip {
    fill: var(--color-base-content);
    stroke: var(--color-base-content);
  }
  .arm {
    stroke: #c07d10;
    stroke-width: 5;
  }
  .knob {
    fill: var(--color-accent);
    stroke: var(--color-base-content);
    stroke-width: 1.5;
  }
  .grip {
    fill: transparent;
  }
  .hand {
    cursor: grab;
    outline: none;
  }
  .hand:focus-visible .grip {
    stroke: var(--color-accent);
    stroke-width: 3;
  }
  text {
    fill: var(--color-base-content);
    text-anchor: middle;
    dominant-baseline: central;
    pointer-events: none;
  }
</style>
