<script lang="ts">
  import {
    splitLength,
    type LengthFormat,
    type Length,
    type LengthUnit,
    getMeasureFormat,
  } from '#core/units';

  /** Between a number and its unit: never broken, and as small as the unit. */
  const GAP = '\u00a0';

  interface Props {
    length: Length;
    unit: LengthUnit;
    /** How to write it; as a measure of the job unless said otherwise. */
    format?: LengthFormat;
  }
  let { length, unit, format }: Props = $props();
  const parts = $derived(splitLength(length, format ?? getMeasureFormat(length, unit)));
</script>

<!-- Written without a line break between the parts: spaces here are seen. -->
<!-- prettier-ignore -->
<span class="whitespace-nowrap">{parts.negative ? '−' : ''}{#if parts.feet !== null}{parts.feet}<span class="unit">{GAP}ft</span>{/if}{#if parts.whole !== null}{parts.feet === null ? '' : ' '}{parts.whole}{/if}{#if parts.fraction}{parts.feet === null && parts.whole === null ? '' : ' '}<span class="fraction">{parts.fraction[0]}/{parts.fraction[1]}</span>{/if}{#if parts.unit}<span class="unit">{GAP}{parts.unit}</span>{/if}</span>

<style>
  .unit {
    font-size: 0.72em;
    font-weight: 500;
  }
</style>
