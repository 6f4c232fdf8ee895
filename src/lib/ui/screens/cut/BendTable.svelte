<!-- The bends of a tube, one a line: where the mark is, how far round, and how far the tube is turned about itself before. -->
<script lang="ts">
  import type { TubeSheet } from '#core/cutting';
  import { getTapeFormat, type LengthUnit, type TapeGraduation } from '#core/units';
  import { sayLength, sayTaped } from '#words/length-text.ts';
  import { BENDER_MARK_NAMES, sayTurn } from '#words/tube.ts';
  import type { ShoeMark } from '#core/bending';
  import LengthText from '../../controls/LengthText.svelte';

  interface Props {
    sheet: TubeSheet;
    mark: ShoeMark;
    unit: LengthUnit;
    graduation: TapeGraduation;
  }
  let { sheet, mark, unit, graduation }: Props = $props();
  const format = $derived(getTapeFormat(graduation));
</script>

<table class="w-full text-left">
  <caption class="chart-label pb-1 text-left text-sm"
    >Bends, along one tape from end A; the mark is {BENDER_MARK_NAMES[mark]}</caption
  >
  <thead>
    <tr class="chart-label border-b border-base-300 text-sm">
      <th scope="col" class="font-medium">bend</th>
      <th scope="col" class="font-medium">mark</th>
      <th scope="col" class="font-medium">angle</th>
      <th scope="col" class="font-medium">turn the tube, seen from A</th>
      <th scope="col" class="font-medium max-sm:hidden">beginning, middle, end</th>
      <th scope="col" class="font-medium max-sm:hidden">radius</th>
    </tr>
  </thead>
  <tbody>
    {#each sheet.bends as bend, i (i)}
      <tr class="border-b border-base-300">
        <th scope="row" class="py-1 font-semibold">{i + 1}</th>
        <td class="py-1 text-xl font-bold"><LengthText length={bend.mark} {unit} {format} /></td>
        <td>{bend.degrees}°</td>
        <td>{sayTurn(i, bend.rotation)}</td>
        <td class="text-sm max-sm:hidden"
          >{[bend.exact.start, bend.exact.centre, bend.exact.end]
            .map((at) => sayTaped(at, unit))
            .join(', ')}</td
        >
        <td class="text-sm max-sm:hidden">{sayLength(bend.exact.radius, unit)}</td>
      </tr>
    {/each}
  </tbody>
</table>
<p class="chart-label text-sm">
  Bent so, the far end lies {sayTaped(sheet.endOff, unit)} from where it belongs: what a mark is off is made good
  by the next.
</p>
