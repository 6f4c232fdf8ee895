<script lang="ts">
  import { JOB_CAUTION } from '#words/cautions.ts';
  import Dialog from './Dialog.svelte';
  import { openDeviceDatabase } from '../store/device-database.ts';

  /** Said once per job on each device, before its first run is worked on. */
  let { job }: { job: string } = $props();
  let open = $state(false);
  /** The same job read again from the server is no other job: asking again could open what was just closed. */
  const id = $derived(job);

  $effect(() => {
    const asked = id;
    void openDeviceDatabase()
      .then((database) => database.get('cautions', asked))
      .then((read) => (open = !read))
      .catch(() => (open = true));
  });

  async function understood(): Promise<void> {
    // Kept before it is closed: whoever goes on at once is not asked again.
    try {
      await (await openDeviceDatabase()).put('cautions', { job, readAt: new Date().toISOString() });
    } catch {
      // Said again next time: no harm in it.
    }
    open = false;
  }
</script>

<Dialog bind:open title={JOB_CAUTION.title} mustAnswer>
  <p class="text-lg">{JOB_CAUTION.says}</p>
  <button type="button" class="btn h-14 text-lg btn-primary" onclick={understood}>Understood</button>
</Dialog>
