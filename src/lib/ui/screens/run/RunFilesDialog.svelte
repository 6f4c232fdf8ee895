<script lang="ts">
  import { asset, resolve } from '$app/paths';
  import { makeCutSheet } from '#core/cutting';
  import { APP_VERSION } from '#core/formats';
  import { RULE_PACK_VERSION } from '#core/house-rules';
  import type { Refusal } from '#words/refusals.ts';
  import Dialog from '../../controls/Dialog.svelte';
  import TroubleNote from '../../controls/TroubleNote.svelte';
  import { loadModule } from '../../store/load-module.ts';
  import {
    downloadCutSheet,
    downloadDxf,
    downloadPurchaseList,
    downloadSvg,
    type RunToWrite,
  } from './download-files.ts';
  import type { RunStore } from '../../store/run-store.svelte.ts';

  let { open = $bindable(), store }: { open: boolean; store: RunStore } = $props();
  const ids = $derived({ job: store.job, run: store.run });
  /** Edits the server has not confirmed are not in what it writes. */
  const waiting = $derived(store.waiting.length);
  /** Made when it is asked for: what is downloaded is the run as it stands then. */
  const makeRun = (): RunToWrite | null =>
    store.layout && {
      layout: store.layout,
      sheet: makeCutSheet(store.layout),
      unit: store.details?.units ?? 'in',
      job: store.details?.name ?? '',
      jurisdiction: store.details?.jurisdiction ?? 'ask',
      versions: {
        app: APP_VERSION,
        catalogue: store.layout.catalogue.version,
        rulePack: RULE_PACK_VERSION,
        run: store.name,
        revision: store.revision,
      },
    };
  let trouble = $state.raw<Refusal | null>(null);
  let missing = $state.raw<readonly number[]>([]);

  const HERE: readonly { name: string; says: string; make: (run: RunToWrite) => Promise<void> }[] = [
    { name: 'Cut sheet, CSV', says: 'every piece, its allowances, what was cut', make: downloadCutSheet },
    { name: 'Purchase list, CSV', says: 'pipe, nipples and fittings to buy', make: downloadPurchaseList },
    { name: 'Drawing, SVG', says: 'the line as it is drawn, not to scale', make: downloadSvg },
    {
      name: 'Centre lines, DXF',
      says: 'three dimensions, real units, a layer for each material',
      make: async (run) => {
        missing = await downloadDxf(run);
      },
    },
  ]; // prettier-ignore

  async function take(make: (run: RunToWrite) => Promise<void>): Promise<void> {
    const run = makeRun();
    if (!run) return;
    const made = await loadModule(() => make(run));
    trouble = made.ok ? null : made.refusal;
  }
</script>

<Dialog bind:open title="Files of this run">
  {#if trouble}<TroubleNote refusal={trouble} />{/if}
  <ul class="flex flex-col gap-2">
    {#each HERE as { name, says, make } (name)}
      <li class="flex flex-wrap items-center gap-x-3">
        <button type="button" class="tap btn w-62 justify-start" onclick={() => void take(make)}
          >{name}</button
        >
        <span class="chart-label">{says}</span>
      </li>
    {/each}
    {#each [['a4', 'A4'], ['letter', 'Letter']] as const as [paper, name] (paper)}
      <li class="flex flex-wrap items-center gap-x-3">
        <a
          class="tap btn w-62 justify-start"
          href={resolve('/api/jobs/[job]/runs/[run]/pdf/[paper]', { ...ids, paper })}
          download>Drawing and cut sheet, {name}</a
        >
        <span class="chart-label">PDF, as the server holds the run</span>
      </li>
    {/each}
    <li class="flex flex-wrap items-center gap-x-3">
      <a class="tap btn w-62 justify-start" href={resolve('/api/jobs/[job]/file', { job: ids.job })} download
        >The whole job, JSON</a
      >
      <span class="chart-label"
        >to keep, or for another Porthole; <a
          class="underline"
          href={asset('/schemas/porthole-job-3.schema.json')}>its schema</a
        ></span
      >
    </li>
  </ul>
  {#if waiting > 0}
    <p class="border-l-4 border-warning pl-3" role="status">
      {waiting} of your edits {waiting === 1 ? 'is' : 'are'} not on the server yet: PDF and job file do not have
      {waiting === 1 ? 'it' : 'them'}.
    </p>
  {/if}
  {#if missing.length > 0}
    <p class="border-l-4 border-warning pl-3" role="status">
      Not in the DXF, since they have no length yet: leg {missing.join(', ')}. Measure them and write it
      again.
    </p>
  {/if}
  <p class="text-sm">Files carry the versions of Porthole, its catalogue and its house rules.</p>
</Dialog>
