<script lang="ts">
  import { nameFitting } from '#words/parts.ts';
  import { getAxisFrom } from '#core/runs/infer-fitting.ts';
  import { getTapeFormat } from '#core/units/format-length.ts';
  import LengthText from '../controls/LengthText.svelte';
  import type { LegEntry } from './leg-entry.svelte.ts';

  let { entry }: { entry: LegEntry } = $props();
  const layout = $derived(entry.layout);
  const format = $derived(layout ? getTapeFormat(layout.rules['tape-rounding'].option) : undefined);
</script>

{#if layout && layout.legs.size > 0}
  <table class="w-full border-collapse text-left">
    <caption class="sr-only">Legs of the run, from the source on</caption>
    <thead>
      <tr class="chart-label border-b border-base-300 text-sm">
        <th scope="col" class="w-10 py-1 font-medium">leg</th>
        <th scope="col" class="font-medium">as measured</th>
        <th scope="col" class="font-medium">cut</th>
        <th scope="col" class="font-medium">goes on from</th>
      </tr>
    </thead>
    <tbody>
      {#each layout.legs.values() as laid (laid.id)}
        {@const piece = layout.pieces.get(laid.id)}
        {@const far = layout.nodes.get(laid.far)}
        <tr
          class="border-b border-base-300 {entry.leg === laid.id ? 'bg-accent text-accent-content' : ''}"
          aria-current={entry.leg === laid.id ? 'true' : undefined}
        >
          <th scope="row" colspan="3" class="p-0 font-normal">
            <button
              type="button"
              class="tap grid w-full cursor-pointer grid-cols-[2.2rem_1fr_1fr] items-center gap-1 py-1 text-left"
              onclick={() => entry.pick(laid.id)}
            >
              <span class="font-semibold">{laid.leg.tag}</span>
              <span>
                {#if laid.centreToCentre !== null}<LengthText
                    length={laid.centreToCentre}
                    unit={entry.unit}
                  />{:else}?{/if}
                <span class="block text-xs {entry.leg === laid.id ? '' : 'text-secondary'}"
                  >{laid.leg.size} {getAxisFrom(laid.leg, laid.near)}</span
                >
              </span>
              <span class="text-lg font-semibold">
                {#if piece?.cut && format}<LengthText
                    length={piece.cut.onTape.length}
                    unit={entry.unit}
                    {format}
                  />{:else}<span class="text-base text-error">no cut</span>{/if}
              </span>
            </button>
          </th>
          <td class="p-0">
            {#if far}
              <button
                type="button"
                class="tap w-full cursor-pointer px-1 text-left text-sm {entry.growing === laid.far &&
                !entry.leg
                  ? 'font-bold'
                  : ''}"
                aria-label="Grow from the {nameFitting(far.fitting)} at the end of leg {laid.leg.tag}"
                aria-pressed={entry.growing === laid.far && !entry.leg}
                onclick={() => entry.pick(laid.far)}
              >
                <span class="underline decoration-dotted underline-offset-4">{nameFitting(far.fitting)}</span>
              </button>
            {/if}
          </td>
        </tr>
      {/each}
    </tbody>
  </table>
{/if}
