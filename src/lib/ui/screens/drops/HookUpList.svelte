<script lang="ts">
  import { listHookUpItems, type HookUpItem } from '#core/runs/changes';
  import type { Drop } from '#core/traps';
  import { HOOK_UP_NAMES } from '#words/hook-up.ts';
  import { sayBy } from '#words/people.ts';
  import { sayRefusal, type Refusal } from '#words/refusals.ts';
  import type { RunStore } from '../../store/run-store.svelte.ts';
  import { makeHookUpEvent } from './record-hook-up.ts';

  let { store, drop }: { store: RunStore; drop: Drop } = $props();
  const items = $derived(listHookUpItems(drop.passed.some(({ kind }) => kind === 'connector')));
  const done = $derived(store.facts.hookUps.get(drop.node.id));
  const count = $derived(items.filter((item) => done?.has(item)).length);
  let refusal = $state.raw<Refusal | null>(null);

  function toggle(item: HookUpItem, box: HTMLInputElement): void {
    const event = makeHookUpEvent(store, drop.node.id, drop.appliance.name, item, box.checked);
    refusal = event.ok ? null : event.refusal;
    if (event.ok) store.record(event.value);
    else box.checked = done?.has(item) ?? false;
  }
</script>

<section aria-label="Hook-up" class="border-t border-base-300 pt-2">
  <h3 class="text-lg font-semibold">At the hook-up: {count} of {items.length} looked at</h3>
  <ul>
    {#each items as item (item)}
      {@const tick = done?.get(item)}
      <li>
        <label class="tap flex cursor-pointer items-center gap-3 py-1">
          <input
            type="checkbox"
            class="checkbox shrink-0 checked:bg-accent checked:text-accent-content"
            checked={tick !== undefined}
            onchange={(event) => toggle(item, event.currentTarget)}
          />
          <span class="leading-snug"
            >{HOOK_UP_NAMES[item]}{#if tick}<span class="chart-label text-sm">, {sayBy(tick.by)}</span
              >{/if}</span
          >
        </label>
      </li>
    {/each}
  </ul>
  {#if refusal}<p role="alert" class="text-error">{sayRefusal(refusal)}</p>{/if}
  <p class="chart-label text-sm">A list to tick at making up; the test and its record come after it.</p>
</section>
