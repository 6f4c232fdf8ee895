<!-- A part as it is known at a counter: its picture, its name, what is known of it. -->
<script lang="ts">
  import { drawPart } from '#core/drawing';
  import { findReach, type Part, getPartTraits } from '#core/catalogue';
  import { sayPartFacts } from '#words/parts-at-counter.ts';
  import { namePart } from '#words/parts.ts';
  import { catalogue } from '../../catalogue.ts';
  import { unitSetting } from '../../controls/unit-setting.svelte.ts';
  import PartPicture from '../../instruments/PartPicture.svelte';
  import { counterList } from './counter-list.svelte.ts';

  interface Props {
    part: Part;
    /** As the shop calls a part of its own; null for one of the catalogue. */
    ownName?: string | null;
    price?: number | null;
    note?: string;
  }
  let { part, ownName = null, price = null, note = '' }: Props = $props();
  const name = $derived(ownName ?? namePart(part));
  const reaches = $derived(part.ports.map(findReach));
  const length = $derived(
    part.ports.length !== 2 || reaches.includes(null)
      ? null
      : reaches.reduce<number>((sum, each) => sum + (each ?? 0), 0),
  );
  const wanted = $derived(
    counterList.lines
      .filter((line) => line.part === part.id && !line.isTicked)
      .reduce((sum, { count }) => sum + count, 0),
  );
</script>

<li class="row border-t border-base-300 py-2">
  <PartPicture picture={drawPart(part, catalogue)} says="{name}, cut open" />
  <div class="min-w-0">
    <p class="text-lg leading-tight font-semibold first-letter:uppercase">{name}</p>
    {#if ownName}<p class="text-sm">{namePart(part)}</p>{/if}
    <p class="chart-label text-sm">
      {sayPartFacts({ part, length, price, traits: getPartTraits(part.kind) }, unitSetting.unit)}{note
        ? ` ${note}`
        : ''}
    </p>
  </div>
  <button
    type="button"
    class="tap btn"
    onclick={() => void counterList.add([{ part: part.id, name: ownName }])}
    >{wanted > 0 ? `On the list: ${wanted}` : 'To the list'}</button
  >
</li>

<style>
  .row {
    display: grid;
    grid-template-columns: 5.5rem minmax(0, 1fr) auto;
    align-items: center;
    gap: 0.75rem;
  }
  @media (max-width: 520px) {
    .row {
      grid-template-columns: 4.5rem minmax(0, 1fr);
    }
    .row > button {
      grid-column: 2;
      justify-self: start;
    }
  }
</style>
