<script lang="ts">
  import { THREADED_MATERIALS, type ThreadedMaterial } from '#core/catalogue';
  import type { NominalSize } from '#core/ends';
  import { QUICK_MATERIALS, QUICK_KIND_NAMES, QUICK_POINT_NAMES, sayQuickSize } from '#words/quick-cut.ts';
  import { getCraft, makeSettings } from '#core/materials';
  import { catalogue } from '../../catalogue.ts';
  import { QUICK_KINDS, QUICK_POINTS } from '#core/cutting';
  import { REF_POINT_NAMES } from '#words/refs.ts';
  import { sayRefusal } from '#words/refusals.ts';
  import FractionKeypad from '../../instruments/FractionKeypad.svelte';
  import QuickEndGlyph from '../../instruments/QuickEndGlyph.svelte';
  import type { QuickCutBench, QuickStep } from './quick-cut.svelte.ts';

  interface Props {
    bench: QuickCutBench;
    /** The piece goes into a job. */
    onput: () => void;
  }
  let { bench, onput }: Props = $props();
  const id = $props.id();
  const cut = $derived(bench.cut);
  const sizes = $derived(
    THREADED_MATERIALS.map((material) => ({
      material,
      sizes: catalogue.sizes.filter((size) => isCarried(material, size)),
    })),
  );
  function isCarried(material: ThreadedMaterial, size: NominalSize): boolean {
    const settings = makeSettings(material, size);
    return getCraft(settings).isCarried(settings, catalogue);
  }
  const strip = $derived<readonly { step: QuickStep; label: string; says: string }[]>([
    { step: 'size', label: 'size', says: sayQuickSize(cut.material, cut.size) },
    { step: 'one', label: 'one end', says: QUICK_KIND_NAMES[cut.ends[0].kind].short },
    { step: 'other', label: 'other end', says: QUICK_KIND_NAMES[cut.ends[1].kind].short },
    { step: 'measure', label: 'measure', says: bench.typed || '—' },
  ]);
  const which = $derived(bench.step === 'one' ? 0 : 1);
  const QUESTIONS: Readonly<Record<QuickStep, string>> = {
    size: 'What pipe?',
    one: 'What stands at one end?',
    other: 'What stands at the other end?',
    part: 'The valve, end to end? No standard fixes it: measure yours.',
    measure: 'What did you measure?',
  };
</script>

{#snippet field(label: string, typed: string, put: (typed: string) => void, enter: () => void)}
  <div class="flex items-stretch gap-1">
    <label class="sr-only" for="{id}-field">{label}</label>
    <input
      id="{id}-field"
      class="input h-12 min-w-0 grow text-2xl font-semibold"
      inputmode="none"
      autocomplete="off"
      spellcheck="false"
      maxlength="60"
      value={typed}
      placeholder={bench.unit === 'in' ? "3' 7 1/4" : 'mm'}
      oninput={(event) => put(event.currentTarget.value)}
      onkeydown={(event) => {
        if (event.key === 'Enter') enter();
      }}
    />
    <div class="grid shrink-0 grid-cols-[3rem_3rem]" role="group" aria-label="Unit">
      {#each ['in', 'mm'] as const as unit (unit)}
        <button
          type="button"
          class="pad"
          aria-pressed={bench.unit === unit}
          onclick={() => bench.chooseUnit(unit)}>{unit}</button
        >
      {/each}
    </div>
  </div>
  <FractionKeypad {typed} unit={bench.unit} onpress={put} />
{/snippet}

<section aria-label="What is asked" class="flex flex-col {bench.step === 'measure' ? 'gap-1' : 'gap-2'}">
  <ol class="grid grid-cols-4 gap-1" aria-label="What was said">
    {#each strip as { step, label, says } (step)}
      <li class="min-w-0">
        <button
          type="button"
          class="strip"
          aria-current={bench.step === step ? 'step' : undefined}
          onclick={() => (bench.step = step)}
          ><span class="chart-label text-xs leading-none">{label}</span><span
            class="line-clamp-2 w-full text-[0.8rem] leading-[1.05] font-semibold">{says}</span
          ></button
        >
      </li>
    {/each}
  </ol>
  <h2 class="text-lg leading-tight font-semibold {bench.step === 'measure' ? 'sr-only' : ''}">
    {QUESTIONS[bench.step]}
  </h2>
  {#if bench.step === 'size'}
    {#each sizes as { material, sizes: all } (material)}
      <div class="grid grid-cols-5 gap-1" role="group" aria-label={QUICK_MATERIALS[material].group}>
        {#each all as size (size)}
          <button
            type="button"
            class="pad"
            aria-pressed={cut.material === material && cut.size === size}
            onclick={() => bench.pickSize(material, size)}>{QUICK_MATERIALS[material].before}{size}</button
          >
        {/each}
      </div>
    {/each}
  {:else if bench.step === 'one' || bench.step === 'other'}
    <div class="grid grid-cols-3 gap-1" role="group" aria-label={QUESTIONS[bench.step]}>
      {#each QUICK_KINDS as kind (kind)}
        {@const isMade = bench.isMade(kind)}
        <button
          type="button"
          class="pad end"
          aria-label={QUICK_KIND_NAMES[kind].name}
          aria-pressed={cut.ends[which].kind === kind}
          disabled={!isMade}
          onclick={() => bench.pickKind(which, kind)}
        >
          <QuickEndGlyph {kind} isFar={which === 1} />
          <span class="text-base leading-tight">{QUICK_KIND_NAMES[kind].short}</span>
          {#if !isMade}<span class="text-xs leading-tight font-normal">no figure</span>{/if}
        </button>
      {/each}
    </div>
  {:else if bench.step === 'part'}
    {@render field(
      'Length of the valve, end to end',
      bench.typedPart,
      (typed) => (bench.typedPart = typed),
      () => bench.enterPart(),
    )}
    {#if bench.refusal}<p role="alert" class="text-error">{sayRefusal(bench.refusal, bench.unit)}</p>{/if}
    <button type="button" class="btn h-13 btn-primary" onclick={() => bench.enterPart()}
      >That is its length</button
    >
  {:else}
    <div class="points">
      {#each [0, 1] as const as side (side)}
        <div
          role="group"
          aria-label="{side === 0 ? 'From, at one end' : 'To, at the other end'}: {QUICK_KIND_NAMES[
            cut.ends[side].kind
          ].name}"
        >
          <p class="chart-label text-xs leading-none" aria-hidden="true">
            {side === 0 ? 'measured from the' : 'to the'}
          </p>
          <div class="grid grid-cols-4">
            {#each QUICK_POINTS as at (at)}
              <button
                type="button"
                class="pad point"
                aria-label={REF_POINT_NAMES[at].name}
                disabled={cut.ends[side].kind === 'open' && at !== 'end'}
                aria-pressed={cut.ends[side].at === at}
                onclick={() => bench.pickPoint(side, at)}>{QUICK_POINT_NAMES[at]}</button
              >
            {/each}
          </div>
        </div>
      {/each}
    </div>
    {@render field(
      'Measure',
      bench.typed,
      (typed) => (bench.typed = typed),
      () => bench.keep(),
    )}
    <div class="grid grid-cols-2 gap-1">
      <button type="button" class="btn h-13 btn-primary" onclick={() => bench.keep()}
        >Next, the same again</button
      >
      <button type="button" class="btn h-13" disabled={!bench.cut.measure} onclick={onput}
        >Put it into a job…</button
      >
    </div>
  {/if}
</section>

<style>
  .pad {
    display: flex;
    min-height: var(--target, 48px);
    align-items: center;
    justify-content: center;
    width: 100%;
    border: 1px solid var(--color-base-300);
    border-radius: 0.25rem;
    background: var(--color-base-100);
    font-size: 1.15rem;
    font-weight: 600;
    cursor: pointer;
  }
  .points {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 0.25rem 0.5rem;
  }
  .point {
    min-width: 44px;
    padding: 0;
    border-radius: 0;
    font-size: 0.8rem;
  }
  .point + .point {
    border-left: 0;
  }
  :global([data-hands='gloves']) .points {
    grid-template-columns: 1fr;
  }
  .end {
    flex-direction: column;
    min-height: 74px;
  }
  .pad[aria-pressed='true'] {
    background: var(--color-accent);
    border-color: var(--color-accent);
    color: var(--color-accent-content);
  }
  .pad:disabled {
    opacity: 0.5;
    cursor: default;
  }
  .strip {
    display: flex;
    flex-direction: column;
    justify-content: flex-start;
    align-items: flex-start;
    gap: 2px;
    width: 100%;
    min-height: 48px;
    padding: 2px 4px;
    border-bottom: 4px solid transparent;
    background: var(--color-base-200);
    text-align: left;
    cursor: pointer;
  }
  .strip[aria-current='step'] {
    border-color: var(--color-accent);
    background: var(--color-base-100);
  }
</style>
