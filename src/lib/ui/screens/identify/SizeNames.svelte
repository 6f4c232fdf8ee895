<script lang="ts">
  import { threads, tubes } from '../../threads.ts';
  import { convertSizeName, parseSizeName } from '#core/identify';
  import { toMillimetres } from '#core/units';
  import { sayExact, sayNumber } from '#words/length-text.ts';
  import { FIT_WORDS, NAMING_TEXTS } from '#words/pipes.ts';
  import ReadField from '../../controls/ReadField.svelte';

  let typed = $state('1/2');
  const read = $derived(typed.trim() ? parseSizeName(typed) : null);
  const meanings = $derived(read?.ok ? convertSizeName(read.value, threads, tubes) : []);
</script>

<section aria-label="Names of sizes" class="flex flex-col gap-3">
  <h2 class="text-2xl font-semibold">What does that size name mean?</h2>
  <ReadField
    label="A size as it is written"
    bind:value={typed}
    refusal={read && !read.ok ? read.refusal : null}
    longest={20}
  />
  {#if meanings.length > 0}
    <dl class="flex flex-col">
      {#each meanings as { naming, outside, holes } (naming)}
        <div class="grid grid-cols-[1fr_auto] gap-x-4 border-b border-base-300 py-1.5">
          <dt class="leading-tight">
            <strong>{NAMING_TEXTS[naming].name}</strong>
            <span class="block text-sm">{NAMING_TEXTS[naming].usedFor}</span>
          </dt>
          <dd class="text-right leading-tight tabular-nums">
            {#if outside === null}no such size{:else}
              <strong>{sayExact(outside, 'in')}</strong> outside
              <span class="block text-sm">{sayExact(outside, 'mm')}</span>
            {/if}
          </dd>
          {#each holes as { hole, fit } (hole.name)}
            <dd class="col-span-2 text-sm {fit.verdict === 'refuse' ? 'text-error' : 'font-semibold'}">
              In a {hole.name} flare block hole: {FIT_WORDS[fit.verdict]}{fit.off === 0
                ? ''
                : `, ${sayNumber(Math.abs(toMillimetres(fit.off)), 3)} mm ${fit.off > 0 ? 'too big' : 'under'}`}
            </dd>
          {/each}
        </div>
      {/each}
    </dl>
  {/if}
</section>
