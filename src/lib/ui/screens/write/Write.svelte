<script lang="ts">
  import { resolve } from '$app/paths';
  import Check from '@lucide/svelte/icons/check';
  import Copy from '@lucide/svelte/icons/copy';
  import Undo2 from '@lucide/svelte/icons/undo-2';
  import { checkRun } from '#core/checks';
  import { MOST_CHARACTERS } from '#core/shorthand';
  import { afterPaint } from '../../controls/after-paint.svelte.ts';
  import ShorthandEditor from '../../controls/ShorthandEditor.svelte';
  import TroubleNote from '../../controls/TroubleNote.svelte';
  import LineDrawing from '../../instruments/LineDrawing.svelte';
  import FindingsList from '../check/FindingsList.svelte';
  import { WrittenRun } from './written-run.svelte.ts';
  import { getRunStore } from '../../store/run-context.ts';

  const store = getRunStore();
  const written = new WrittenRun(store, store.run);
  let editor = $state<ShorthandEditor>();
  let copied = $state(false);

  /** The letters are there at once, the drawing follows. */
  const scene = afterPaint(
    () => [written.text, store.doc],
    () => ({
      layout: written.layout,
      findings: written.layout ? checkRun(written.layout, store.details) : [],
    }),
  );
  const legs = $derived(scene.current.layout?.legs.size ?? 0);
  const wrong = $derived(written.problems.length);
  const says = $derived(
    wrong > 0
      ? `${wrong} ${wrong === 1 ? 'line cannot' : 'lines cannot'} be read; the rest is drawn`
      : written.isChanged
        ? `${legs} ${legs === 1 ? 'leg' : 'legs'} read; not in the run yet`
        : `the run as it stands, ${legs} ${legs === 1 ? 'leg' : 'legs'}`,
  );

  async function copy(): Promise<void> {
    try {
      await navigator.clipboard.writeText(written.text);
      copied = true;
      setTimeout(() => (copied = false), 2500);
    } catch {
      // A page on plain http may not write to the clipboard: the text can be marked and copied by hand.
      editor?.focus();
    }
  }
</script>

<svelte:head><title>Write · Porthole</title></svelte:head>

<main class="write">
  <section class="text" aria-label="Shorthand">
    <div class="flex flex-wrap items-baseline gap-x-4 px-3 pt-2">
      <h1 class="text-2xl font-semibold">Write</h1>
      <p class="chart-label text-sm">
        One line for each leg. <a class="underline" href={resolve('/shorthand')}
          >All the words, with examples</a
        >
      </p>
    </div>
    <div class="page">
      <ShorthandEditor
        bind:this={editor}
        text={written.text}
        unit={written.unit}
        problems={written.problems}
        most={MOST_CHARACTERS}
        ontext={(text) => written.write(text)}
        onready={() => written.take()}
      />
    </div>
    <div class="foot">
      <p class="w-full leading-tight {wrong > 0 ? 'text-error' : ''}" role="status">{says}</p>
      <button type="button" class="tap btn" onclick={() => void copy()}
        ><Copy size={18} aria-hidden="true" /> {copied ? 'Copied' : 'Copy all'}</button
      >
      <button type="button" class="tap btn" disabled={!written.isChanged} onclick={() => written.letGo()}
        ><Undo2 size={18} aria-hidden="true" /> As it stands</button
      >
      <button
        type="button"
        class="btn h-14 grow text-lg btn-primary"
        disabled={!written.canTake}
        aria-keyshortcuts="Control+Enter"
        onclick={() => written.take()}><Check size={18} aria-hidden="true" /> Put into the run</button
      >
    </div>
    {#if written.refusal}<div class="px-3 pb-2"><TroubleNote refusal={written.refusal} /></div>{/if}
  </section>
  <section class="seen" aria-label="What is written, drawn">
    <div class="drawing">
      {#if scene.current.layout && legs > 0}
        <LineDrawing layout={scene.current.layout} unit={written.unit} />
      {:else}
        <div class="p-6 text-lg">
          <h2 class="text-2xl font-semibold">Write the first leg</h2>
          <p class="my-2">
            Which way the pipe goes, then the measure from centre to centre: <strong>up 48 of 3/4</strong>.
            The line is drawn here as you write.
          </p>
        </div>
      {/if}
    </div>
    <div class="findings">
      <FindingsList findings={scene.current.findings} unit={written.unit} most={6} />
    </div>
  </section>
</main>

<style>
  .write {
    display: grid;
    grid-template-rows: auto auto;
    flex: 1;
  }
  .text {
    display: flex;
    flex-direction: column;
    min-width: 0;
    min-height: 0;
    background: var(--color-base-200);
  }
  .page {
    flex: none;
    height: 40dvh;
    min-height: 12rem;
    margin: 0.5rem 0.75rem;
    border: 1px solid var(--color-secondary);
    overflow: hidden;
  }
  .foot {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.5rem;
    padding: 0 0.75rem 0.75rem;
  }
  .drawing {
    position: relative;
    height: 19rem;
    background-color: var(--color-base-100);
    background-image: radial-gradient(var(--color-base-300) 1px, transparent 1px);
    background-size: 22px 22px;
  }
  .findings {
    padding: 0.75rem;
    max-height: 14rem;
    overflow-y: auto;
  }
  @media (min-width: 1000px) {
    .write {
      grid-template-columns: minmax(0, 5fr) minmax(0, 6fr);
      grid-template-rows: minmax(0, 1fr);
      height: calc(100dvh - 56px - 52px);
      flex: none;
    }
    .page {
      flex: 1;
      height: auto;
      min-height: 0;
    }
    .text {
      border-right: 1px solid var(--color-base-300);
    }
    .seen {
      display: flex;
      flex-direction: column;
      min-height: 0;
    }
    .drawing {
      flex: 1;
      height: auto;
      min-height: 0;
    }
    .findings {
      border-top: 1px solid var(--color-base-300);
    }
  }
</style>
