<script lang="ts">
  import { parseMeasure, type Length, type LengthUnit } from '#core/units';
  import { sayTyped } from '#words/length-text.ts';
  import { sayRefusal } from '#words/refusals.ts';
  import TypedField from './TypedField.svelte';

  interface Props {
    label: string;
    unit: LengthUnit;
    /** What stands there already, nm. */
    value?: Length | null;
    placeholder?: string;
    /** May be left empty: then `onmeasure` gets null. */
    optional?: boolean;
    /** Where a length may be nothing at all (a gap). */
    zero?: boolean;
    width?: string | undefined;
    onmeasure: (length: Length | null, typed: string) => void;
  }
  let {
    label,
    unit,
    value = null,
    placeholder = '',
    optional = false,
    zero = false,
    width,
    onmeasure,
  }: Props = $props();
  const shown = $derived(value === null ? '' : sayTyped(value, unit));

  function read(text: string): string {
    if (text === '' && optional) {
      onmeasure(null, '');
      return '';
    }
    if (zero && /^0+(\.0+)?$/.test(text)) {
      onmeasure(0, text);
      return '';
    }
    const reading = parseMeasure(text, unit);
    if (!reading.ok) return sayRefusal(reading.refusal, unit);
    onmeasure(reading.value.length, text);
    return '';
  }
</script>

<TypedField {label} {shown} {placeholder} {width} {read} />
