<script lang="ts">
  import { resolve } from '$app/paths';
  import type { JobMilestone, Person } from '#core/jobs';
  import BenchSelect from '../../controls/BenchSelect.svelte';
  import TroubleNote from '../../controls/TroubleNote.svelte';
  import { bench as atBench } from '../../store/bench.svelte.ts';
  import { getNow } from '../../store/get-now.ts';
  import { newId } from '../../store/new-id.ts';
  import type { SpecimensStore } from '../../store/specimens-store.svelte.ts';
  import type { Refusal } from '#words/refusals.ts';
  import type { IdentifyBench } from './identify-bench.svelte.ts';

  interface Props {
    bench: IdentifyBench;
    store: SpecimensStore;
    people: readonly Person[];
    /** What holds the job finished; null while it is open. */
    finish: JobMilestone | null;
    /** Whose inlet is identified: the run, and the node of the appliance. */
    inlet?: { readonly run: string; readonly node: string } | null;
  }
  let { bench, store, people, finish, inlet = null }: Props = $props();
  let name = $state('');
  let note = $state('');
  let trouble = $state.raw<Refusal | null>(null);
  let kept = $state('');
  let keptId = $state('');

  async function keep(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    trouble = null;
    if (finish) {
      trouble = { code: 'job-finished', by: finish.by, at: finish.at };
      return;
    }
    // A job that names nobody can still keep a specimen; then the record says so.
    if (!atBench.name && people.length > 0) {
      trouble = { code: 'nobody-at-the-bench' };
      return;
    }
    const label = name.trim() || `Specimen ${store.list.length + 1}`;
    const input = {
      id: newId(),
      name: label,
      note: note.trim(),
      readings: bench.readings,
      by: atBench.signature,
      at: getNow(),
    };
    await store.keep(input);
    [name, note, kept, keptId] = ['', '', label, input.id];
    bench.clear();
  }
</script>

<section
  aria-label="Keep"
  class="flex flex-col gap-2 {bench.readings.length > 0 ? 'border-t-2 border-base-300 pt-3' : ''}"
>
  {#if bench.readings.length > 0}
    <form class="flex flex-col gap-2" onsubmit={keep}>
      <label>
        <span class="block font-semibold">Keep as a specimen of this job</span>
        <input
          class="input h-11 w-full"
          bind:value={name}
          maxlength="80"
          autocomplete="off"
          placeholder="Specimen {store.list.length + 1}"
        />
      </label>
      <label>
        <span class="block text-sm font-semibold">Note</span>
        <input class="input h-11 w-full" bind:value={note} maxlength="120" autocomplete="off" />
      </label>
      <BenchSelect {people} />
      {#if trouble}<TroubleNote refusal={trouble} />{/if}
      <button type="submit" class="btn h-12 btn-primary">Keep it</button>
    </form>
  {/if}
  <p role="status" class="font-semibold text-success empty:hidden">
    {kept && bench.readings.length === 0 ? `“${kept}” is kept.` : ''}
  </p>
  {#if inlet}
    <a
      class="btn h-12 {keptId ? 'btn-primary' : ''}"
      href="{resolve('/jobs/[job]/runs/[run]/drops', {
        job: store.job,
        run: inlet.run,
      })}?plate={inlet.node}{keptId ? `&specimen=${keptId}` : ''}"
      >{keptId ? 'Back to the appliance with it' : 'Back to the appliance'}</a
    >
  {/if}
</section>
