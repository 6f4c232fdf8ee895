<script lang="ts">
  import { parseMeasure, type Length, type LengthUnit } from '#core/units';
  import { sayTyped } from '#words/length-text.ts';
  import { sayRefusal } from '#words/refusals.ts';

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
    width?: string;
    onmeasure: (length: Length | null, typed: string) => void;
  }
  let {
    label,
    unit,
    value = null,
    placeholder = '',
    optional = false,
    zero = false,
    width = 'w-36',
    onmeasure,
  }: Props = $props();
  const id = $props.id();
  let typed = $state<string | null>(null);
  let wrong = $state('');
  const shown = $derived(typed ?? (value === null ? '' : sayTyped(value, unit)));

  function read(): void {
    if (typed === null) return;
    const text = typed.trim();
    if (text === '' && optional) {
      wrong = '';
      onmeasure(null, '');
      return;
    }
    if (zero && /^0+(\.0+)?$/.test(text)) {
      wrong = '';
      onmeasure(0, text);
      return;
    }
    const reading = parseMeasure(text, unit);
    wrong = reading.ok ? '' : sayRefusal(reading.refusal, unit);
    if (!reading.ok) return;
    onmeasure(reading.value.length, text);
    typed = null;
  }
</script>

<div class="flex flex-col">
  <label class="flex flex-col text-sm"
    ><span class="chart-label">{label}</span>
    <input
      class="tap input {width} {wrong ? 'input-error' : ''}"
      autocomplete="off"
      maxlength="60"
      {placeholder}
      value={shown}
      aria-invalid={wrong ? 'true' : undefined}
      aria-describedby={wrong ? `${id}-wrong` : undefined}
      oninput={(event) => {
        typed = event.currentTarget.value;
        wrong = '';
      }}
      onchange={read}
    /></label
  >
  {#if wrong}<p id="{id}-wrong" role="alert" class="max-w-64 text-sm text-error">{wrong}</p>{/if}
</div>
