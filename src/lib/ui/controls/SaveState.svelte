<script lang="ts">
  import Check from '@lucide/svelte/icons/check';
  import Clock from '@lucide/svelte/icons/clock';
  import TriangleAlert from '@lucide/svelte/icons/triangle-alert';
  import CloudOff from '@lucide/svelte/icons/cloud-off';
  import { afterPaint } from './after-paint.svelte.ts';
  import type { RunStore } from '../store/run-store.svelte.ts';

  let { store }: { store: RunStore } = $props();
  /** An edit that is kept within two frames does not make the words flicker. */
  const scene = afterPaint(
    () => [store.unkept, store.waiting, store.trouble, store.shelf.refused],
    () => {
      const waits = store.waiting.length;
      const refused = store.shelf.refused;
      return { refused, safeHere: store.unkept === 0 && !refused, waits, away: store.trouble !== null };
    },
  );
  /** Said at once, before the words follow: to a screen reader what stands here is about to change. */
  const isBusy = $derived(store.waiting.length > 0);
  const safeHere = $derived(scene.current.safeHere);
  const refused = $derived(scene.current.refused);
  const away = $derived(scene.current.away);
  const waits = $derived(scene.current.waits);
</script>

<!--
  Both states of an edit, always in words: here, and there. In the hand the words are short and the width is always the same:
  were it not, a state that changes between a finger's down and up would push the stations beside it from under the finger.
-->
<p
  class="flex flex-col gap-x-3 text-sm max-sm:w-[92px] max-sm:text-xs sm:flex-row sm:items-center"
  role="status"
  aria-label="Where your edits are"
  aria-busy={isBusy}
>
  <span class="flex items-center gap-1" data-state={refused ? 'refused' : safeHere ? 'safe' : 'keeping'}>
    {#if refused}<span class="flex items-center gap-1 font-semibold text-error"
        ><TriangleAlert size={16} aria-hidden="true" />{@render words('not kept', 'not on this device')}</span
      >{:else if safeHere}<Check size={16} aria-hidden="true" />{@render words(
        'device',
        'on this device',
      )}{:else}<Clock size={16} aria-hidden="true" />{@render words('keeping', 'keeping on this device')}{/if}
  </span>
  <span class="flex items-center gap-1 {away ? 'font-semibold text-error' : ''}">
    {#if waits === 0 && !away}<Check size={16} aria-hidden="true" />{@render words(
        'server',
        'on the server',
      )}{:else if away}<CloudOff size={16} aria-hidden="true" />{@render words(
        waits > 0 ? `${waits} not sent` : 'server away',
        waits > 0 ? `${waits} not on the server yet` : 'server away',
      )}{:else}<Clock size={16} aria-hidden="true" />{@render words('sending', 'sending to the server')}{/if}
  </span>
</p>

{#snippet words(inTheHand: string, whole: string)}
  <span class="truncate sm:hidden" aria-hidden="true">{inTheHand}</span><span class="max-sm:sr-only"
    >{whole}</span
  >
{/snippet}
