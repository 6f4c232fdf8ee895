<!-- A torque as it stands on a sheet. -->
<script lang="ts">
  import { parseTorque, type LengthUnit, type Torque } from '#core/units';
  import { sayTorque } from '#words/makers.ts';
  import { sayRefusal } from '#words/refusals.ts';
  import TypedField from '../../controls/TypedField.svelte';

  interface Props {
    label: string;
    unit: LengthUnit;
    value: Torque | null;
    ontorque: (torque: Torque | null) => void;
  }
  let { label, unit, value, ontorque }: Props = $props();

  function read(typed: string): string {
    if (typed === '') {
      ontorque(null);
      return '';
    }
    const reading = parseTorque(typed, unit);
    if (!reading.ok) return sayRefusal(reading.refusal, unit);
    ontorque(reading.value);
    return '';
  }
</script>

<TypedField {label} shown={value === null ? '' : sayTorque(value, unit)} most={30} width="w-full" {read} />
