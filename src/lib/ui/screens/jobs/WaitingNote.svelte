<!-- What was made on this device and is not on the server yet, run by run; it is sent from here. -->
<script lang="ts">
  import { untrack } from 'svelte';
  import { resolve } from '$app/paths';
  import { sayRefusal } from '#words/refusals.ts';
  import { WaitingWork } from '../../store/waiting-work.svelte.ts';

  const work = new WaitingWork();
  $effect(() => {
    untrack(() => void work.start());
    return () => work.stop();
  });
</script>

{#if work.runs.length > 0}
  <section aria-label="Waiting on this device" class="border-l-4 border-warning pl-3">
    <ul class="flex flex-col gap-1">
      {#each work.runs as { job, run, name, jobName, count, refusal } (run)}
        <li>
          {count === 1 ? 'One edit' : `${count} edits`} of
          <a
            class="font-semibold underline underline-offset-4"
            href={resolve('/jobs/[job]/runs/[run]/lay-out', { job, run })}>{name}</a
          >{jobName === null ? '' : `, ${jobName},`}
          {count === 1 ? 'waits' : 'wait'} on this device{refusal
            ? ': open the run to settle it.'
            : ' to be sent to the server.'}
          {#if refusal}<span class="block text-sm">{sayRefusal(refusal)}</span>{/if}
        </li>
      {/each}
    </ul>
  </section>
{/if}
