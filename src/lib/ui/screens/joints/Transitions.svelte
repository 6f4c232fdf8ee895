<script lang="ts">
  import { onDestroy, untrack } from 'svelte';
  import { toPlainEnd, type FiguredEnd, getShopPartId, type ShopPart } from '#core/catalogue';
  import type { RuleChoices, HouseRules, Gas, Jurisdiction } from '#core/house-rules';
  import { judgeEnds, type Condition } from '#core/joints';
  import { type Chain, type Bearer, listRefusedWays } from '#core/transitions';
  import { CAUTIONS } from '#words/cautions.ts';
  import { listConditions } from '#words/pair-verdicts.ts';
  import { REFUSED_WAY_WORDS, sayNoTransition, USUAL_TO_APPLIANCE } from '#words/transitions.ts';
  import { catalogue } from '../../catalogue.ts';
  import AskConditions from './AskConditions.svelte';
  import ChainItem from './ChainItem.svelte';
  import TransitionQuestion from './TransitionQuestion.svelte';
  import { TransitionForm } from './transition-form.svelte.ts';
  import { TransitionSearch } from './transition-search.svelte.ts';

  interface Props {
    one: FiguredEnd;
    other: FiguredEnd;
    rules: HouseRules;
    choices: RuleChoices;
    /** The shop's own parts: they join the search. */
    shopParts: readonly ShopPart[];
    /** Whether all that it is asked by has come: a search that is begun anew for each would be begun for nothing. */
    isReady: boolean;
    names?: readonly [string, string];
    /** What each end is known to be on. */
    bearers?: readonly [Bearer | null, Bearer | null];
    /** Of the job. */
    gas?: Gas | null;
    jurisdiction?: Jurisdiction;
    /** Where it was asked for in a run; null where it was asked for nowhere. */
    onpick?: ((chain: Chain, agreed: readonly Condition[]) => void) | null;
  }
  let { one, other, rules, choices, shopParts, isReady, names = ['One end', 'The other'], bearers = [null, null], gas = null, jurisdiction = 'ask', onpick = null }: Props = $props(); // prettier-ignore
  const [from, to] = $derived([toPlainEnd(one), toPlainEnd(other)]);
  const form = untrack(() => new TransitionForm(() => [from, to], gas, bearers));
  const search = new TransitionSearch();
  onDestroy(() => search.stop());
  $effect(() => {
    if (!isReady) return;
    const asked = { ...form.toQuestion(from, to, jurisdiction), rules: choices, shopParts: [...shopParts] };
    // What comes of it is not what it is asked by.
    untrack(() => search.ask(asked));
  });
  const answer = $derived(search.answer);
  const chains = $derived(answer?.ok ? answer.chains : []);
  const ownNames = $derived(new Map(shopParts.map(({ id, name }) => [getShopPartId(id), name])));
  const refused = $derived(
    listRefusedWays({
      ends: [from, to],
      verdict: judgeEnds(from, to, catalogue.ends, rules),
      rules,
      where: { zone: form.zone, jurisdiction, ammonia: form.ammonia },
    }),
  );
  /** The chain that is to be put in, while what must be so is asked. */
  let picked = $state.raw<Chain | null>(null);
  let asking = $state(false);

  function pick(chain: Chain): void {
    const isAsked = chain.joints.some((joint) => listConditions(joint, rules).length > 0);
    if (!isAsked) onpick?.(chain, []);
    else [picked, asking] = [chain, true];
  }
</script>

{#snippet item(chain: Chain, best: Chain)}
  {#if chain === answer?.usual}<p class="font-semibold">{USUAL_TO_APPLIANCE}</p>{/if}
  <ChainItem
    {chain}
    {best}
    wish={form.wish}
    {from}
    {to}
    {rules}
    {ownNames}
    onpick={onpick && (() => pick(chain))}
  />
{/snippet}

<section class="flex flex-col gap-3" aria-label="What joins them" aria-busy={search.isLooking}>
  <h2 class="text-2xl font-semibold">What joins them</h2>
  <TransitionQuestion {form} {names} />
  <div aria-live="polite" class="flex flex-col gap-4">
    {#if search.isBroken}
      <p role="alert" class="text-error">
        This browser could not look for parts just now. Load the page again.
      </p>
    {:else if !answer}
      <p class="chart-label">
        Looking through every part that is sold…
        {#if search.isLooking}<button type="button" class="tap btn" onclick={() => search.stop()}>Stop</button
          >{/if}
      </p>
    {:else if !answer.ok}
      <p class="border-l-8 border-secondary bg-base-200 px-4 py-3 text-lg leading-snug">
        {sayNoTransition(answer.refusal)}
      </p>
      {#if answer.usual}
        <div class="border-t border-base-300 pt-3" aria-label="What is usually done">
          {@render item(answer.usual, answer.usual)}
        </div>
      {/if}
    {:else}
      <ol class="flex flex-col gap-5">
        {#each chains as chain, i (i)}
          <li class="border-t border-base-300 pt-3" aria-label="Chain {i + 1}">
            {@render item(chain, chains[0]!)}
          </li>
        {/each}
      </ol>
      <p class="border-l-4 border-warning pl-3 font-medium text-warning">
        {CAUTIONS.wrench} A chain that narrows carries less: check the load. Local code and the maker’s sheet go
        before this.
      </p>
    {/if}
    {#if refused.length > 0}
      <details>
        <summary class="tap cursor-pointer py-2 underline decoration-dotted underline-offset-4"
          >What is not offered here, and why ({refused.length})</summary
        >
        <dl class="flex flex-col gap-2 leading-snug">
          {#each refused as way (way)}
            {@const { name, why, instead } = REFUSED_WAY_WORDS[way]}
            <div>
              <dt class="font-semibold">{name}</dt>
              <dd>Because {why}. Instead: {instead}.</dd>
            </div>
          {/each}
        </dl>
      </details>
    {/if}
  </div>
</section>
{#if picked && onpick}
  {@const chain = picked}
  {#key chain}
    <AskConditions
      bind:open={asking}
      {chain}
      {rules}
      {ownNames}
      onagreed={(agreed) => onpick(chain, agreed)}
    />
  {/key}
{/if}
