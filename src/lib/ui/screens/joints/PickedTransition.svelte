<!-- A transition that was put in: its parts, the dates on them, and the way to take it out. -->
<script lang="ts">
  import { type Catalogue, getPartTraits, readShopPartId, type ShopPart, type Part } from '#core/catalogue';
  import { LIMITS } from '#core/shapes';
  import type { PartMeasure } from '#core/runs/commands';
  import type { LengthUnit } from '#core/units';
  import type { Pick } from '#core/runs/document';
  import { CONDITION_WORDS } from '#words/pair-verdicts.ts';
  import { namePart } from '#words/parts.ts';
  import PartLength from '../parts/PartLength.svelte';

  interface Props {
    pick: Pick;
    catalogue: Catalogue;
    shopParts: Readonly<Record<string, ShopPart>>;
    unit: LengthUnit;
    editor: { measurePart: (part: Part, measured: PartMeasure | null, typed: string) => void };
    ondate: (part: string, dated: string) => void;
    ontake: () => void;
  }
  let { pick, catalogue, shopParts, unit, editor, ondate, ontake }: Props = $props();
  const parts = $derived(
    pick.parts.map((each) => {
      const part = catalogue.findPartById(each.part);
      const own = shopParts[readShopPartId(each.part) ?? ''];
      return {
        ...each,
        found: part,
        name: own?.name ?? (part ? namePart(part) : each.part),
        isDated: part !== null && getPartTraits(part.kind).isDated,
      };
    }),
  );
</script>

<section class="border-l-8 border-accent bg-base-200 px-4 py-2" aria-label="What was put in">
  <p class="chart-label">Put in here</p>
  <ol class="list-decimal pl-6">
    {#each parts as { id, name, found: part, isDated, dated } (id)}
      <li class="py-0.5 text-lg">
        {name}
        {#if part && part.ports.some(({ reach }) => reach.standing !== 'published')}
          <div class="flex flex-wrap items-end gap-3"><PartLength {part} {unit} {editor} /></div>
        {/if}
        {#if isDated}
          <label class="flex items-center gap-2 text-sm"
            >date on it
            <input
              class="tap input w-40"
              value={dated}
              maxlength={LIMITS.dated}
              placeholder="as it stands there"
              onchange={({ currentTarget }) => ondate(id, currentTarget.value.trim())}
            /></label
          >
        {/if}
      </li>
    {/each}
  </ol>
  {#if pick.agreed.length > 0}
    <p class="text-sm">Said to be so: {pick.agreed.map((each) => CONDITION_WORDS[each]).join('; ')}.</p>
  {/if}
  <button type="button" class="tap btn mt-1" onclick={ontake}>Take it out</button>
</section>
