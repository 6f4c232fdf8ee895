<script lang="ts" generics="Module">
  import type { Snippet } from 'svelte';

  interface Props {
    /** A part of the page on its way. */
    what: Promise<Module>;
    then: Snippet<[Module]>;
  }
  let { what, then }: Props = $props();
</script>

<!-- A part of the page that is fetched after the page is painted. -->
{#await what}
  <main class="mx-auto flex w-full max-w-3xl flex-col gap-4 p-6">
    <p role="status" class="chart-label">Opening the run…</p>
  </main>
{:then came}
  {@render then(came)}
{:catch}
  <main class="mx-auto flex w-full max-w-3xl flex-col gap-4 p-6">
    <p role="alert" class="font-semibold">
      This screen could not be fetched: the server is away. What was made stays on this device.
    </p>
    <p><button type="button" class="tap btn" onclick={() => location.reload()}>Try again</button></p>
  </main>
{/await}
