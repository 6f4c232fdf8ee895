<!-- A torque as it stands on a sheet. -->
<script lang="ts">
  import { parseTorque, type LengthUnit, type Torque } from '#core/units';
  import { sayTorque } from '#words/makers.ts';
  import { sayRefusal } from '#words/refusals.ts';

  interface Props {
    label: string;
    unit: LengthUnit;
    value: Torque | null;
    ontorque: (torque: Torque | null) => void;
  }
  let { label, unit, value, ontorque }: Props = $props();
  const id = $props.id();
  let typed = $state<string | null>(null);
  let wrong = $state('');

  function read(): void {
    if (typed === null) return;
    const reading = typed.trim() === '' ? { ok: true as const, value: null } : parseTorque(typed, unit);
    wrong = reading.ok ? '' : sayRefusal(reading.refusal, unit);
    if (!reading.ok) return;
    ontorque(reading.value);
    typed = null;
  }
</script>

<div class="flex flex-col">
  <label class="flex flex-col text-sm"
    ><span class="chart-label">{label}</span>
    <input
      class="tap input w-full {wrong ? 'input-error' : ''}"
      autocomplete="off"
      maxlength="30"
      value={typed ?? (value === null ? '' : sayTorque(value, unit))}
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
