<script lang="ts">
  import { getCraft } from '#core/materials';
  import { getLegs } from '#core/runs/document';
  import { HOUSE_RULES, type HouseRules, type RuleId } from '#core/house-rules';
  import { RULE_TOPIC_NAMES } from '#words/house-rules.ts';
  import { sayRefusal } from '#words/refusals.ts';
  import Dialog from '../../controls/Dialog.svelte';
  import type { RunStore } from '../../store/run-store.svelte.ts';
  import { decideAnew } from './decide-anew.ts';
  import RuleDecision from './RuleDecision.svelte';

  interface Props {
    open: boolean;
    store: RunStore;
    /** The rule to show first, when one was asked about. */
    first?: RuleId | null;
  }
  let { open = $bindable(), store, first = null }: Props = $props();
  const unit = $derived(store.details?.units ?? 'in');
  const rules = $derived([...HOUSE_RULES].sort((a, b) => Number(b.id === first) - Number(a.id === first)));
  const keys = $derived([
    ...new Set(
      [...(store.doc ? getLegs(store.doc).values() : [])].flatMap(
        (leg) => getCraft(leg).getFigureKey(leg) ?? [],
      ),
    ),
  ]);
  let wrong = $state('');
  /** What the last choice decided anew. */
  let changed = $state('');

  function choose<Id extends RuleId>(rule: Id, choice: HouseRules[Id]): void {
    if (!store.layout) return;
    const { planned, says } = decideAnew(store.layout, rule, choice);
    const result = store.apply(planned);
    wrong = result.ok ? '' : sayRefusal(result.refusal);
    if (result.ok) changed = says;
  }
</script>

<Dialog bind:open title="House rules of this run">
  <p>Good fitters differ here. Local code and the maker’s sheet outrank every choice below.</p>
  {#if store.finish}
    <p role="status" class="font-semibold">
      {sayRefusal({ code: 'job-finished', by: store.finish.by, at: store.finish.at })}
    </p>
  {/if}
  {#if wrong}<p role="alert" class="text-error">{wrong}</p>{/if}
  <p role="status" class="sticky top-0 z-10 bg-base-100 font-semibold">{changed}</p>
  {#each rules as rule, i (rule.id)}
    {#if rule.topic !== rules[i - 1]?.topic && rule.id !== first}
      <h3 class="chart-label mt-3 text-xl">{RULE_TOPIC_NAMES[rule.topic]}</h3>
    {/if}
    <RuleDecision
      id={rule.id}
      choice={store.rules[rule.id]}
      {unit}
      {keys}
      locked={store.finish !== null}
      onchoose={(choice) => choose(rule.id, choice)}
    />
  {/each}
</Dialog>
