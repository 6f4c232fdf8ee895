<script lang="ts">
  import { resolve } from '$app/paths';
  import ChevronDown from '@lucide/svelte/icons/chevron-down';
  import Ellipsis from '@lucide/svelte/icons/ellipsis';
  import type { RunStore } from '../../store/run-store.svelte.ts';

  interface Props {
    store: RunStore;
    onfiles: () => void;
    onrules: () => void;
    onmakers: () => void;
  }
  let { store, onfiles, onrules, onmakers }: Props = $props();
  const ids = $derived({ job: store.job, run: store.run });
  let menu = $state<HTMLElement>();
  const choose = (then: () => void) => () => {
    menu?.hidePopover();
    then();
  };
</script>

<!-- What hangs on a run and is no station of the work. -->
<button
  type="button"
  popovertarget="run-menu"
  class="tap flex min-w-0 cursor-pointer items-center justify-center gap-1 [anchor-name:--run-name]"
>
  <span class="truncate underline decoration-dotted underline-offset-4 max-md:sr-only">{store.name}</span>
  <Ellipsis class="md:hidden" aria-hidden="true" />
  <ChevronDown size={18} class="shrink-0 max-md:hidden" aria-hidden="true" />
</button>
<div id="run-menu" popover bind:this={menu} class="menu-sheet">
  <p class="chart-label px-3 pt-2">{store.details?.name ?? 'Job'}: {store.name}</p>
  <ul>
    <li>
      <a class="entry" href={resolve('/jobs/[job]/runs/[run]/history', ids)} onclick={choose(() => undefined)}
        >History</a
      >
    </li>
    <li><button type="button" class="entry" onclick={choose(onfiles)}>Files</button></li>
    <li><button type="button" class="entry" onclick={choose(onrules)}>House rules</button></li>
    <li><button type="button" class="entry" onclick={choose(onmakers)}>Whose parts</button></li>
    <li><a class="entry" href={resolve('/jobs/[job]', { job: store.job })}>The job</a></li>
  </ul>
</div>

<style>
  .menu-sheet {
    position: fixed;
    inset: 108px 0.25rem auto auto;
    width: min(20rem, calc(100vw - 0.5rem));
    margin: 0;
    padding: 0 0 0.25rem;
    background: var(--color-base-100);
    color: var(--color-base-content);
    border: 2px solid var(--color-accent);
    border-radius: 0.25rem;
  }
  @supports (position-area: bottom) {
    .menu-sheet {
      inset: auto;
      position-anchor: --run-name;
      position-area: bottom span-right;
      position-try-fallbacks: flip-inline;
    }
  }
  .entry {
    display: flex;
    width: 100%;
    min-height: 48px;
    align-items: center;
    padding: 0 0.75rem;
    cursor: pointer;
    text-align: left;
  }
  .entry:hover {
    background: var(--color-base-200);
  }
</style>
