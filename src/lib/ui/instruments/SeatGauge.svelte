<script lang="ts">
  import type { Observation } from '#core/identify';
  import { SEATS, type Seat } from '#core/ends';
  import type { SimulatedSpecimen } from '#core/instruments';
  import { SEAT_NAMES } from '#words/identify.ts';

  interface Props {
    specimen: SimulatedSpecimen;
    onread: (observation: Observation, instrument: string) => void;
  }
  let { specimen, onread }: Props = $props();
  const ANGLES: Partial<Record<Seat, number>> = { '30': 30, '37': 37, '45': 45 };
  let held = $state<'30' | '37' | '45'>('45');
  const truth = $derived(ANGLES[specimen.seat] ?? null);

  /** Half the seat cut open: a cone from the bore outward, and the gauge's cone against it. */
  const RUN = 90;
  const rise = (angle: number) => RUN * Math.tan((angle * Math.PI) / 180);
  const seatPath = $derived.by(() => {
    if (truth !== null)
      return `M40 ${130 - rise(truth)} L${40 + RUN} 130 L${40 + RUN} 150 L0 150 L0 ${130 - rise(truth)} Z`;
    if (specimen.seat === 'deburr') return 'M40 48 L46 42 L46 150 L0 150 L0 42 L40 42 Z';
    if (specimen.seat === 'washer') return 'M40 110 L130 110 L130 150 L0 150 L0 42 L40 42 Z';
    if (specimen.seat === 'other') return 'M40 60 Q90 60 130 130 L130 150 L0 150 L0 60 Z';
    return 'M40 42 L40 150 L0 150 L0 42 Z';
  });
  /** A flatter cone than the seat touches at the rim first and cannot go deeper. */
  const lift = $derived(truth === null ? 0 : Math.max(0, rise(truth) - rise(Number(held))));
  const gaugePath = $derived(`M40 ${130 - rise(Number(held))} L${40 + RUN} 130 L${40 + RUN} 20 L40 20 Z`);
</script>

<svg
  viewBox="0 0 180 150"
  class="mx-auto w-full max-w-72 bg-[#fff7d6]"
  role="img"
  aria-label="The {held} degree cone held to the end of the specimen against the light"
>
  <path d={gaugePath} fill="#9aa7ab" fill-opacity="0.95" transform="translate(0 {-1 - lift})" />
  <path d={seatPath} fill="#14242c" />
  <line x1="132" x2="132" y1="4" y2="146" stroke="#4a6470" stroke-dasharray="8 2 2 2" stroke-width="0.6" />
  <text x="172" y="16" text-anchor="end" font-size="11" font-weight="600" fill="#14242c">{held}°</text>
</svg>
<fieldset class="grid grid-cols-3 gap-2">
  <legend class="sr-only">Cone held to the specimen</legend>
  {#each ['30', '37', '45'] as const as each (each)}
    <button
      type="button"
      class="btn h-12 aria-pressed:bg-accent aria-pressed:text-accent-content"
      aria-pressed={held === each}
      onclick={() => (held = each)}>hold {each}°</button
    >
  {/each}
</fieldset>
<p class="font-semibold">What is it?</p>
<ul class="grid grid-cols-2 gap-2" aria-label="Answers">
  {#each SEATS as value (value)}
    <li>
      <button
        type="button"
        class="btn h-auto min-h-12 w-full justify-start btn-outline py-1.5 text-left leading-tight whitespace-normal"
        onclick={() => onread({ kind: 'seat', value, by: 'gauge' }, 'simulated seat gauge')}
        >{SEAT_NAMES[value]}</button
      >
    </li>
  {/each}
</ul>
