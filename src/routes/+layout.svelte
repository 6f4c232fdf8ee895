<script lang="ts">
  import { untrack } from 'svelte';
  import '../app.css';
  import { afterNavigate } from '$app/navigation';
  import { resolve } from '$app/paths';
  import Moon from '@lucide/svelte/icons/moon';
  import Sun from '@lucide/svelte/icons/sun';
  import { JOB_CAUTION } from '#words/cautions.ts';
  import SmellOfGas from '../lib/ui/controls/SmellOfGas.svelte';
  import { getBackCloses } from '../lib/ui/controls/back-closes.ts';
  import { doEarlyPresses } from '../lib/ui/controls/early-presses.ts';
  import { gloves } from '../lib/ui/controls/gloves.svelte.ts';
  import { theme } from '../lib/ui/controls/theme.svelte.ts';

  let { children } = $props();
  afterNavigate(() => getBackCloses().arrive());
  $effect(() => theme.adopt());
  $effect(() => untrack(() => gloves.adopt()));
  // Effects of the page inside run before this one, so everything that was pressed has its handler.
  $effect(() => untrack(doEarlyPresses));
</script>

<div class="flex min-h-dvh flex-col print:block">
  <header
    class="no-print flex items-center gap-2 bg-neutral px-3 text-neutral-content max-sm:gap-1 max-sm:px-2 sm:px-5"
    style:height="56px"
  >
    <a href={resolve('/')} class="tap flex items-center gap-2 pr-2" aria-label="Porthole, jobs">
      <svg viewBox="0 0 32 32" width="34" height="34" class="shrink-0" aria-hidden="true">
        <circle cx="16" cy="16" r="15" fill="#c2923a" />
        <circle cx="16" cy="16" r="10.5" fill="#0b161c" />
        <path d="M5.5 18.5h9v-3h-9zM14 13.2l8 1.3v3l-8 1.3z" fill="#dfe7e4" />
      </svg>
      <span class="font-chart text-2xl italic max-[400px]:hidden">Porthole</span>
    </a>
    <nav aria-label="Porthole" class="flex">
      <a
        href={resolve('/')}
        class="tap flex items-center px-2 underline-offset-4 hover:underline max-sm:hidden">Jobs</a
      >
      <a
        href={resolve('/quick-cut')}
        class="tap flex items-center px-2 whitespace-nowrap underline-offset-4 hover:underline max-sm:px-1"
        >Quick cut</a
      >
      <a
        href={resolve('/identify')}
        class="tap flex items-center px-2 underline-offset-4 hover:underline max-sm:px-1">Identify</a
      >
    </nav>
    <span class="grow"></span>
    <button
      type="button"
      class="tap flex cursor-pointer items-center justify-center"
      aria-label={theme.name === 'daylight' ? 'Dark theme for crawl spaces' : 'Daylight theme'}
      onclick={() => theme.toggle()}
    >
      {#if theme.name === 'daylight'}<Moon aria-hidden="true" />{:else}<Sun aria-hidden="true" />{/if}
    </button>
    <SmellOfGas />
  </header>
  {@render children()}
  <p class="print-only mt-3 border-l-4 border-black pl-3 text-sm">{JOB_CAUTION.says}</p>
</div>
