<script lang="ts">
  import { onDestroy, untrack } from 'svelte';
  import { toPlainEnd, type FiguredEnd } from '#core/catalogue/figured-end.ts';
  import { drawStrip } from '#core/drawing/lens/draw-strip.ts';
  import type { RuleChoices } from '#core/house-rules/house-rules.ts';
  import { JOINTS } from '#core/joints/kinds/joint-kinds.ts';
  import { MOVEMENTS, WISHES, type Movement, type Wish } from '#core/transitions/find-transitions.ts';
  import { CAUTIONS } from '#words/cautions.ts';
  import { JOINT_WORDS, sayTightening } from '#words/joints.ts';
  import { listConditions } from '#words/pair-verdicts.ts';
  import {
    MOVEMENT_NAMES,
    nameChain,
    sayCost,
    sayNoTransition,
    sayStack,
    sayStrip,
    sayWhyNot,
    WISH_NAMES,
  } from '#words/transitions.ts';
  import { catalogue } from '../../catalogue.ts';
  import { unitSetting } from '../../controls/unit-setting.svelte.ts';
  import ChainStrip from '../../instruments/ChainStrip.svelte';
  import type { RulesStore } from '../../store/rules-store.svelte.ts';
  import { TransitionSearch } from './transition-search.svelte.ts';

  interface Props {
    one: FiguredEnd;
    other: FiguredEnd;
    rules: RulesStore;
    choices: RuleChoices;
  }
  let { one, other, rules, choices }: Props = $props();
  const unit = $derived(unitSetting.unit);
  let moves = $state<[Movement, Movement]>(['turns', 'fixed']);
  let mayNarrow = $state(false);
  let wish = $state<Wish>('leaks');
  const [from, to] = $derived([toPlainEnd(one), toPlainEnd(other)]);
  const search = new TransitionSearch();
  onDestroy(() => search.stop());
  $effect(() => {
    const asked = { from, to, moves: [...moves] as [Movement, Movement], mayNarrow, wish, rules: choices };
    // What comes of it is not what it is asked by.
    untrack(() => search.ask(asked));
  });
  const answer = $derived(search.answer);
  const chains = $derived(answer?.ok ? answer.chains : []);
</script>

<section class="flex flex-col gap-3" aria-label="What joins them" aria-busy={search.isLooking}>
  <h2 class="text-2xl font-semibold">What joins them</h2>
  <div class="flex flex-wrap items-end gap-x-4 gap-y-2">
    {#each ['One end', 'The other'] as name, i (name)}
      <label class="flex flex-col text-sm"
        ><span class="chart-label">{name}</span>
        <select class="tap select w-64" bind:value={moves[i]}>
          {#each MOVEMENTS as each (each)}<option value={each}>{MOVEMENT_NAMES[each]}</option>{/each}
        </select></label
      >
    {/each}
    <label class="flex flex-col text-sm"
      ><span class="chart-label">first of all</span>
      <select class="tap select w-48" bind:value={wish}>
        {#each WISHES as each (each)}<option value={each}>{WISH_NAMES[each]}</option>{/each}
      </select></label
    >
    <label class="tap flex items-center gap-2"
      ><input type="checkbox" class="checkbox" bind:checked={mayNarrow} /> may be narrower than the smaller end</label
    >
  </div>
  <div aria-live="polite" class="flex flex-col gap-4">
    {#if search.isBroken}
      <p role="alert" class="text-error">
        This browser could not look for parts just now. Load the page again.
      </p>
    {:else if !answer}
      <p class="chart-label">Looking through every part that is sold…</p>
    {:else if !answer.ok}
      <p class="border-l-8 border-secondary bg-base-200 px-4 py-3 text-lg leading-snug">
        {sayNoTransition(answer.refusal)}
      </p>
    {:else}
      <ol class="flex flex-col gap-5">
        {#each chains as chain, i (i)}
          <li class="border-t border-base-300 pt-3" aria-label="Chain {i + 1}">
            <p class="{i === 0 ? 'text-2xl' : 'text-xl'} leading-tight font-semibold first-letter:uppercase">
              {nameChain(chain)}
            </p>
            <p class="chart-label">{sayCost(chain.cost, unit)}</p>
            <div class="my-2">
              <ChainStrip picture={drawStrip(chain, from, to, catalogue)} says={sayStrip(chain, from, to)} />
            </div>
            <p>{sayWhyNot(chain, chains[0]!)}</p>
            {#if sayStack(chain)}<p class="font-medium text-warning">{sayStack(chain)}</p>{/if}
            <details>
              <summary class="tap cursor-pointer py-2 underline decoration-dotted"
                >Its joints: what goes on each, how tight</summary
              >
              <ol class="list-decimal pl-8 leading-snug">
                {#each chain.joints as verdict, k (k)}
                  {@const words = JOINT_WORDS[verdict.joint!]}
                  <li class="py-1">
                    <strong>{words.name}.</strong>
                    {words.sealant}
                    {sayTightening(JOINTS[verdict.joint!])}
                    {#if verdict.verdict === 'makes-only-if'}
                      <ul class="list-disc pl-5">
                        {#each listConditions(verdict, rules.rules) as condition (condition)}
                          <li>{condition}</li>
                        {/each}
                      </ul>
                    {/if}
                  </li>
                {/each}
              </ol>
            </details>
          </li>
        {/each}
      </ol>
      <p class="border-l-4 border-warning pl-3 font-medium text-warning">
        {CAUTIONS.wrench} A chain that narrows carries less: check the load. Local code and the maker’s sheet go
        before this.
      </p>
    {/if}
  </div>
</section>
