<script lang="ts">
  import Check from '@lucide/svelte/icons/check';
  import Clock from '@lucide/svelte/icons/clock';
  import TriangleAlert from '@lucide/svelte/icons/triangle-alert';
  import CloudOff from '@lucide/svelte/icons/cloud-off';
  import { afterPaint } from './after-paint.svelte.ts';
  import type { RunStore } from '../store/run-store.svelte.ts';

  /** At the end of an element a plain one would be dropped. */
  const SPACE = ' ';
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
  const safeHere = $derived(scene.current.safeHere);
  const refused = $derived(scene.current.refused);
  const away = $derived(scene.current.away);
  const waits = $derived(scene.current.waits);
</script>

<!-- Both states of an edit, always in words: here, and there. -->
<p
  class="flex flex-col gap-x-3 text-sm max-sm:text-xs sm:flex-row sm:items-center"
  role="status"
  aria-label="Where your edits are"
>
  <span class="flex items-center gap-1" data-state={refused ? 'refused' : safeHere ? 'safe' : 'keeping'}>
    {#if refused}<span class="flex items-center gap-1 font-semibold text-error"
        ><TriangleAlert size={16} aria-hidden="true" />not on this device</span
      >{:else if safeHere}<Check size={16} aria-hidden="true" /><span
        ><span class="max-sm:sr-only">on this{SPACE}</span>device</span
      >{:else}<Clock size={16} aria-hidden="true" />
      keeping on this device{/if}
  </span>
  <span class="flex items-center gap-1 {away ? 'font-semibold text-error' : ''}">
    {#if waits === 0 && !away}<Check size={16} aria-hidden="true" /><span
        ><span class="max-sm:sr-only">on the{SPACE}</span>server</span
      >{:else if away}<CloudOff size={16} aria-hidden="true" />{waits > 0
        ? `${waits} not on the server yet`
        : 'server away'}{:else}<Clock size={16} aria-hidden="true" />sending to the server{/if}
  </span>
</p>
