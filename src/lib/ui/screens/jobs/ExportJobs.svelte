<script lang="ts">
  import { sayCount } from '#words/counts.ts';
  import { SvelteSet } from 'svelte/reactivity';
  import { resolve } from '$app/paths';
  import Check from '@lucide/svelte/icons/check';
  import Download from '@lucide/svelte/icons/download';
  import { namePart, type FilePart } from '#core/formats';
  import { LIMITS } from '#core/shapes';
  import { sayDay } from '#words/days.ts';
  import type { Refusal } from '#words/refusals.ts';
  import { sayFileSize } from '#words/sizes.ts';
  import Dialog from '../../controls/Dialog.svelte';
  import TroubleNote from '../../controls/TroubleNote.svelte';
  import { askServer } from '../../store/ask-server.ts';
  import { loadModule } from '../../store/load-module.ts';

  /** Milliseconds that weighing all jobs may take. */
  const PATIENCE = 120_000;
  let open = $state(false);
  let parts = $state.raw<readonly FilePart[] | null>(null);
  let trouble = $state.raw<Refusal | null>(null);
  /** Parts that were asked for here: the browser says when they are there. */
  const asked = new SvelteSet<string>();
  const years = $derived(
    [...new Set(parts?.map(({ year }) => year))]
      .reverse()
      .map((year) => ({ year, parts: parts!.filter((part) => part.year === year) })),
  );
  const sayJobs = (count: number): string => (count === 1 ? '1 job' : `${count} jobs`);
  const countJobs = (some: readonly FilePart[]): number => some.reduce((sum, { jobs }) => sum + jobs, 0);
  const query = (part: FilePart): string =>
    new URLSearchParams({ first: part.first, last: part.last, part: namePart(part) }).toString();

  async function look(): Promise<void> {
    [open, parts, trouble] = [true, null, null];
    const [answer, reader] = await Promise.all([
      askServer('GET', '/api/file/parts', undefined, PATIENCE),
      loadModule(() => import('../../store/read-answers.ts')),
    ]);
    const read = answer.ok && reader.ok ? reader.value.readFileParts(answer.value) : null;
    if (read?.ok) parts = read.value;
    else
      trouble = read?.refusal ?? (!answer.ok ? answer.refusal : null) ?? (!reader.ok ? reader.refusal : null);
  }
</script>

<button type="button" class="tap btn" onclick={() => void look()}
  ><Download size={18} aria-hidden="true" /> Export all…</button
>

<Dialog bind:open title="All jobs as files">
  {#if trouble}
    <TroubleNote refusal={trouble} />
    <button type="button" class="tap btn self-start" onclick={() => void look()}>Try again</button>
  {:else if !parts}
    <p role="status">Looking how many files it takes…</p>
  {:else if parts.length === 0}
    <p>There is no job yet.</p>
  {:else}
    <p>
      {#if parts.length === 1}
        {sayJobs(countJobs(parts))} in one file, which can be brought in again as it is.
      {:else}
        {sayJobs(countJobs(parts))} in {sayCount(parts.length, 'file')}. Each is whole by itself and can be
        brought in again; one that breaks off is taken once more, the others stay good.
      {/if}
    </p>
    {#each years as { year, parts: own }, i (year)}
      <details open={i === 0} class="border-t border-base-300 pt-2">
        <summary class="tap flex cursor-pointer items-center gap-2 text-lg font-semibold tabular-nums"
          >{year} · {sayJobs(countJobs(own))}</summary
        >
        <ul class="mt-2 flex flex-col gap-2">
          {#each own as part (part.number)}
            {@const name = namePart(part)}
            <li class="flex items-center justify-between gap-3">
              <div>
                <p class="font-semibold">
                  {sayJobs(part.jobs)}, up to {sayFileSize(part.bytes)}
                </p>
                <p class="text-sm">
                  opened {[...new Set([sayDay(part.from), sayDay(part.to)])].join(' to ')}
                </p>
                {#if part.bytes > LIMITS.file}
                  <p class="text-sm font-medium text-warning">
                    May be larger than what can be brought in again ({LIMITS.file / 1024 / 1024} MB).
                  </p>
                {/if}
              </div>
              <a
                class={['tap btn shrink-0', !asked.has(name) && 'btn-primary']}
                href={resolve(`/api/file?${query(part)}`)}
                download
                aria-label="Save {name}"
                onclick={() => asked.add(name)}
              >
                {#if asked.has(name)}<Check size={18} aria-hidden="true" /> Once more{:else}<Download
                    size={18}
                    aria-hidden="true"
                  /> Save{/if}
              </a>
            </li>
          {/each}
        </ul>
      </details>
    {/each}
  {/if}
</Dialog>
