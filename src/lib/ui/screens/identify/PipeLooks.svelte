<script lang="ts">
  import Ban from '@lucide/svelte/icons/ban';
  import { catalogue } from '../../catalogue.ts';
  import { tubes } from '../../threads.ts';
  import {
    checkDiameter,
    findPipeKinds,
    findPipeSizes,
    rankPipeKinds,
    PIPE_LOOKS,
    type PipeLook,
    type PipeLooks,
  } from '#core/identify';
  import { parseLength } from '#core/units';
  import {
    COPPER_BY_CALIPER,
    LOOK_NAMES,
    LOOK_QUESTIONS,
    PIPE_KIND_TEXTS,
    PIPE_USE_WORDS,
  } from '#words/pipes.ts';
  import ReadField from '../../controls/ReadField.svelte';
  import { sayExact } from '#words/length-text.ts';
  import { unitSetting } from '../../controls/unit-setting.svelte.ts';

  const LOOK_LIST = Object.keys(PIPE_LOOKS) as PipeLook[];
  let looks = $state<PipeLooks>({});
  let typed = $state('');
  const seen = $derived(Object.keys(looks).length);
  const found = $derived(seen > 0 ? findPipeKinds(looks) : []);
  const nearest = $derived(rankPipeKinds(looks)[0]);
  const pipes = catalogue.sizes.flatMap((size) => catalogue.findPipe(size) ?? []);
  const outside = $derived.by(() => {
    if (!typed.trim()) return null;
    const read = parseLength(typed, unitSetting.unit);
    return read.ok ? checkDiameter(read.value.length, typed.trim(), unitSetting.unit) : read;
  });
  const pick = (look: PipeLook, value: string) => {
    const rest = Object.fromEntries(Object.entries(looks).filter(([key]) => key !== look));
    looks = (looks[look] === value ? rest : { ...rest, [look]: value }) as PipeLooks;
  };
</script>

<section aria-label="Pipe by its looks" class="flex flex-col gap-3">
  <h2 class="text-2xl font-semibold">By look and touch</h2>
  {#each LOOK_LIST as look (look)}
    <fieldset class="flex flex-wrap gap-1.5">
      <legend class="font-semibold">{LOOK_QUESTIONS[look]}</legend>
      {#each PIPE_LOOKS[look] as value (value)}
        <button
          type="button"
          class="tap cursor-pointer border border-base-content/60 px-3"
          class:bg-accent={looks[look] === value}
          class:text-accent-content={looks[look] === value}
          aria-pressed={looks[look] === value}
          onclick={() => pick(look, value)}>{LOOK_NAMES[value]}</button
        >
      {/each}
    </fieldset>
  {/each}
  <ReadField
    label="Outside, {unitSetting.unit} unless you write it"
    bind:value={typed}
    refusal={outside && !outside.ok ? outside.refusal : null}
  />
  <div aria-live="polite" class="flex flex-col gap-2">
    {#if seen === 0}
      <p>Answer what you can see: a magnet and the shape part most of it.</p>
    {:else if found.length === 0}
      <p class="border-l-8 border-error bg-base-200 px-4 py-3">
        <strong>None of these.</strong> Something speaks against every kind; nearest is {nearest
          ? PIPE_KIND_TEXTS[nearest.kind.id].name.toLowerCase()
          : 'nothing'}{nearest
          ? `, against it: ${nearest.against.map((look) => LOOK_NAMES[looks[look] ?? '']).join(', ')}`
          : ''}. Stop and ask before gas goes through it.
      </p>
    {:else}
      {#each found as { kind } (kind.id)}
        {@const texts = PIPE_KIND_TEXTS[kind.id]}
        {@const sizes = outside?.ok ? findPipeSizes(kind.id, outside.value, pipes, tubes) : []}
        <article
          class="border-l-8 bg-base-200 px-4 py-2 {kind.use === 'never'
            ? 'border-error'
            : kind.use === 'depends'
              ? 'border-warning'
              : 'border-success'}"
        >
          <h3 class="flex flex-wrap items-center gap-x-3 text-lg font-semibold">
            {#if kind.use === 'never'}<Ban aria-hidden="true" class="text-error" size={20} />{/if}
            {texts.name}
            <span class="text-base {kind.use === 'never' ? 'text-error' : ''}"
              >{PIPE_USE_WORDS[kind.use]}</span
            >
          </h3>
          <p class="leading-snug">{texts.says}</p>
          {#each sizes as { name, detail, off }, i (i)}
            <p class="text-sm">
              <strong>{name}</strong> ({detail}), {sayExact(Math.abs(off), unitSetting.unit)}
              {off < 0 ? 'under' : 'over'} its outside
            </p>
          {/each}
          {#if kind.id === 'copper' && sizes.length > 0}<p class="text-sm font-medium">
              {COPPER_BY_CALIPER}
            </p>{/if}
        </article>
      {/each}
    {/if}
  </div>
</section>
