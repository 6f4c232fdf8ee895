<!-- A chain between two ends: its parts by name, cut open, what it comes to, and what goes on each joint. -->
<script lang="ts">
  import { drawStrip } from '#core/drawing';
  import type { End } from '#core/ends';
  import type { HouseRules } from '#core/house-rules';
  import { JOINTS } from '#core/joints';
  import type { Chain, Wish } from '#core/transitions';
  import { JOINT_WORDS, sayTightening } from '#words/joints.ts';
  import { listConditions } from '#words/pair-verdicts.ts';
  import {
    nameChain,
    sayChainCaution,
    sayCost,
    sayReduction,
    sayStack,
    sayStrip,
    sayWhyNot,
  } from '#words/transitions.ts';
  import { catalogue } from '../../catalogue.ts';
  import { unitSetting } from '../../controls/unit-setting.svelte.ts';
  import ChainStrip from '../../instruments/ChainStrip.svelte';
  import { counterList } from '../parts/counter-list.svelte.ts';

  interface Props {
    chain: Chain;
    best: Chain;
    wish: Wish;
    from: End;
    to: End;
    rules: HouseRules;
    /** As the shop calls its own parts, by the ids of parts. */
    ownNames: ReadonlyMap<string, string>;
    /** Puts it where it was asked for; null where it was asked for nowhere. */
    onpick: (() => void) | null;
  }
  let { chain, best, wish, from, to, rules, ownNames, onpick }: Props = $props();
  const isFirst = $derived(chain === best);
  const name = $derived(nameChain(chain, ownNames));
  let listed = $state(false);

  function list(): void {
    void counterList.add(
      chain.links.map(({ chainPart: { part } }) => ({ part: part.id, name: ownNames.get(part.id) ?? null })),
    );
    listed = true;
  }
</script>

<p class="{isFirst ? 'text-2xl' : 'text-xl'} leading-tight font-semibold first-letter:uppercase">{name}</p>
<p class="chart-label">{sayCost(chain.cost, unitSetting.unit)}</p>
<div class="my-2">
  <ChainStrip picture={drawStrip(chain, from, to, catalogue)} says={sayStrip(chain, from, to)} />
</div>
<p>{sayWhyNot(chain, best, wish)} {sayReduction(chain)}</p>
{#if sayChainCaution(chain)}<p class="border-l-4 border-warning pl-3 font-medium text-warning">
    {sayChainCaution(chain)}
  </p>{/if}
{#if sayStack(chain)}<p class="font-medium text-warning">{sayStack(chain)}</p>{/if}
<div class="mt-1 flex flex-wrap items-center gap-x-3">
  {#if onpick}
    <button type="button" class="tap btn {isFirst ? 'btn-primary' : ''}" onclick={onpick}
      >Put it into the run</button
    >
  {/if}
  <button type="button" class="tap btn" onclick={list} aria-live="polite"
    >{listed ? 'On the counter list' : 'To the counter list'}</button
  >
</div>
<details>
  <summary class="tap cursor-pointer py-2 underline decoration-dotted underline-offset-4"
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
            {#each listConditions(verdict, rules) as condition (condition)}
              <li>{condition}</li>
            {/each}
          </ul>
        {/if}
      </li>
    {/each}
  </ol>
</details>
