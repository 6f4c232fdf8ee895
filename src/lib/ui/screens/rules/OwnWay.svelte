<script lang="ts">
  // A way of the shop's own, with its reason: the next one must be able to judge it.
  import { LIMITS } from '#core/shapes';

  let { onadd }: { onadd: (own: { name: string; reason: string }) => void } = $props();
  let own = $state<{ name: string; reason: string } | null>(null);
  let wrong = $state('');

  function add(event: SubmitEvent): void {
    event.preventDefault();
    if (!own) return;
    const [name, reason] = [own.name.trim(), own.reason.trim()];
    if (!name) wrong = 'It has no name yet. Say in a few words what you do.';
    else if (reason.length < 3)
      wrong = `Read “${name}” without a reason. Say why, so that the next one can judge it.`;
    else {
      [own, wrong] = [null, ''];
      onadd({ name, reason });
    }
  }
</script>

{#if own}
  <form class="mb-2 flex flex-wrap items-end gap-3 border-l-4 border-accent pl-3" novalidate onsubmit={add}>
    <label class="flex flex-col text-sm"
      ><span class="chart-label">what we do</span>
      <input class="tap input w-56" maxlength={LIMITS.name} bind:value={own.name} autocomplete="off" /></label
    >
    <label class="flex grow flex-col text-sm"
      ><span class="chart-label">why</span>
      <input
        class="tap input w-full"
        maxlength={LIMITS.reason}
        bind:value={own.reason}
        autocomplete="off"
      /></label
    >
    <button type="submit" class="tap btn btn-primary">Add it</button>
    <button type="button" class="tap btn" onclick={() => ([own, wrong] = [null, ''])}>Leave it</button>
    {#if wrong}<p role="alert" class="w-full text-error">{wrong}</p>{/if}
  </form>
{:else}
  <button type="button" class="tap btn" onclick={() => (own = { name: '', reason: '' })}
    >Another way, with its reason</button
  >
{/if}
