<script lang="ts">
  import type { RunDifference } from '#core/runs/reading';
  import type { LengthUnit } from '#core/units';
  import { getRuleTitle } from '#words/house-rules.ts';
  import { LEG_FIELD_NAMES, sayLegField } from '#words/run-difference.ts';

  interface Props {
    difference: RunDifference;
    unit: LengthUnit;
    /** What the two states are called. */
    before: string;
    after: string;
  }
  let { difference, unit, before, after }: Props = $props();
</script>

{#if difference.legs.length > 0}
  <!-- svelte-ignore a11y_no_noninteractive_tabindex (a table wider than the phone is scrolled by keys too) -->
  <div
    class="max-h-52 shrink-0 overflow-auto"
    tabindex="0"
    role="region"
    aria-label="What differs, leg by leg"
  >
    <table class="w-full text-left">
      <thead
        ><tr class="border-b border-base-300">
          <th scope="col" class="chart-label py-1 pr-3">leg</th><td></td>
          <th scope="col" class="chart-label py-1 pr-3">{before}</th>
          <th scope="col" class="chart-label py-1">{after}</th>
        </tr></thead
      >
      <tbody>
        {#each difference.legs as { leg, mark, before: was, after: is, fields } (leg)}
          {@const shown = was && is ? fields : fields.slice(0, 1)}
          {#each shown as field, i (field)}
            <tr class={i === 0 ? 'border-t border-base-300' : ''}>
              {#if i === 0}
                <th scope="rowgroup" rowspan={shown.length} class="py-1 pr-3 align-top">{mark}</th>
              {/if}
              <td class="chart-label py-1 pr-3 align-top">{was && is ? LEG_FIELD_NAMES[field] : 'leg'}</td>
              {#each [was, is] as side, j (j)}
                <td class="py-1 pr-3 align-top">
                  {#if !side}<span class="text-secondary">not there</span>
                  {:else if was && is}{sayLegField(field, side, unit)}
                  {:else}{sayLegField('way', side, unit)}, {sayLegField('centreToCentre', side, unit)}{/if}
                </td>
              {/each}
            </tr>
          {/each}
        {/each}
      </tbody>
    </table>
  </div>
{/if}
{#if difference.rules.length > 0}
  <p>
    House rules that differ: {difference.rules.map((rule) => getRuleTitle(rule).toLowerCase()).join(', ')}.
  </p>
{/if}
{#if difference.legs.length === 0 && difference.rules.length === 0}
  <p>Nothing that is seen differs: both come to the same run.</p>
{/if}
