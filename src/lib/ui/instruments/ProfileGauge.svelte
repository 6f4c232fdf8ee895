<script lang="ts">
  import { makeThreadProfile } from '#core/drawing';
  import { FLANKS, type Flank, type Observation } from '#core/identify';
  import type { SimulatedSpecimen } from '#core/instruments';
  import { FLANK_NAMES } from '#words/identify.ts';

  interface Props {
    specimen: SimulatedSpecimen;
    onread: (observation: Observation, instrument: string) => void;
  }
  let { specimen, onread }: Props = $props();
  let flank = $state<Flank>('60');

  const pitch = $derived(25.4 / specimen.perInch);
  const scale = $derived(130 / pitch);
  const toPath = (angle: 60 | 55 | 29, crest: SimulatedSpecimen['crestForm']) =>
    makeThreadProfile(
      { gender: 'male', perInch: specimen.perInch, flank: angle, crest, mouth: 0, slope: 0, cap: null },
      4,
    )
      .map(
        ({ x, y }, i) =>
          `${i === 0 ? 'M' : 'L'}${(10 + x * scale).toFixed(2)} ${(30 - y * scale).toFixed(2)}`,
      )
      .join('');
  const thread = $derived(toPath(specimen.flank, specimen.crestForm));
  const template = $derived(toPath(Number(flank) as 60 | 55 | 29, flank === '55' ? 'rounded' : 'flat'));
</script>

<svg
  viewBox="0 0 280 150"
  class="w-full bg-[#fff7d6]"
  role="img"
  aria-label="The {flank} degree profile held on the flanks against the light"
>
  <path d="{template}V0H0Z" fill="#9aa7ab" fill-opacity="0.95" />
  <path d="{thread}V150H0Z" fill="#14242c" />
  <text x="272" y="16" text-anchor="end" font-size="12" font-weight="600" fill="#14242c">{flank}°</text>
</svg>
<fieldset class="grid grid-cols-3 gap-2">
  <legend class="sr-only">Profile held on the thread</legend>
  {#each FLANKS as each (each)}
    <button
      type="button"
      class="btn h-12 aria-pressed:bg-accent aria-pressed:text-accent-content"
      aria-pressed={flank === each}
      onclick={() => (flank = each)}>hold {each}°</button
    >
  {/each}
</fieldset>
<button
  type="button"
  class="btn h-12 btn-primary"
  onclick={() => onread({ kind: 'flank', value: flank }, 'simulated profile gauge')}
  >{FLANK_NAMES[flank]}</button
>
