<script lang="ts">
  import type { LengthUnit } from '#core/units';
  import MeasureField from '../../controls/MeasureField.svelte';
  import type { ConnectorEntry } from './connector-entry.svelte.ts';

  let { connector, unit }: { connector: ConnectorEntry; unit: LengthUnit } = $props();
</script>

<div class="flex min-w-0 grow flex-col gap-1">
  <div class="grid grid-cols-2 gap-2">
    <label class="flex flex-col text-sm"
      ><span class="chart-label">its end here</span>
      <select class="tap select w-full" bind:value={connector.near}>
        <option>male</option>
        <option>female</option>
      </select></label
    >
    <label class="flex flex-col text-sm"
      ><span class="chart-label">its other end</span>
      <select class="tap select w-full" bind:value={connector.far}>
        <option>male</option>
        <option>female</option>
      </select></label
    >
    <MeasureField
      label="as long as sold"
      {unit}
      value={connector.length?.value ?? null}
      placeholder="not said"
      optional
      width="w-full"
      onmeasure={(value, typed) => (connector.length = value === null ? null : { value, typed })}
    />
    <label class="flex flex-col text-sm"
      ><span class="chart-label">new</span>
      <select
        class="tap select w-full"
        value={connector.isNew === null ? '' : connector.isNew ? 'yes' : 'no'}
        onchange={({ currentTarget: { value } }) => (connector.isNew = value === '' ? null : value === 'yes')}
      >
        <option value="">not said</option>
        <option value="yes">new</option>
        <option value="no">used</option>
      </select></label
    >
  </div>
  <p class="text-sm">
    Bought whole, never cut. <span class="chart-label">Then say at which appliance it ends.</span>
  </p>
</div>
