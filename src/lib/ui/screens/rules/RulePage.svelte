<script lang="ts">
  import { NOMINAL_SIZES } from '#core/ends';
  import { RULE_TOPICS, findDepartures, HOUSE_RULES } from '#core/house-rules';
  import type { LengthUnit } from '#core/units';
  import { RULE_TOPIC_NAMES, getRuleTitle, sayChoice } from '#words/house-rules.ts';
  import { sayRefusal } from '#words/refusals.ts';
  import TroubleNote from '../../controls/TroubleNote.svelte';
  import type { RulesStore } from '../../store/rules-store.svelte.ts';
  import RuleDecision from './RuleDecision.svelte';

  interface Props {
    store: RulesStore;
    unit: LengthUnit;
  }
  let { store, unit }: Props = $props();
  const departures = $derived(findDepartures(store.rules));
</script>

{#if store.trouble}<TroubleNote refusal={store.trouble} />{/if}
{#if store.finish}
  <p role="status" class="max-w-prose border-l-4 border-accent bg-base-200 p-3">
    {sayRefusal({ code: 'job-finished', by: store.finish.by, at: store.finish.at })} Its house rules are those of
    version {store.finish.written.rulePack}.
  </p>
{/if}
{#if store.choices}
  <div class="page">
    <aside class="flex flex-col gap-3">
      <nav aria-label="What the rules are about" class="flex flex-wrap gap-x-4 lg:flex-col">
        {#each RULE_TOPICS as topic (topic)}
          <a class="tap flex items-center underline decoration-dotted underline-offset-4" href="#{topic}"
            >{RULE_TOPIC_NAMES[topic]}</a
          >
        {/each}
      </nav>
      <section aria-label="What differs from the default" aria-live="polite">
        <h2 class="text-lg font-semibold">
          {departures.length === 0
            ? 'All at their defaults'
            : `${departures.length} ${departures.length === 1 ? 'differs' : 'differ'} from the default`}
        </h2>
        <ul>
          {#each departures as rule (rule)}
            <li class="leading-snug">
              <a class="underline decoration-dotted underline-offset-4" href="#{rule}">{getRuleTitle(rule)}</a
              >:
              {sayChoice(rule, store.rules[rule], unit)}
            </li>
          {/each}
        </ul>
      </section>
      <p class="chart-label" role="status">
        {store.finish ? 'Read only.' : store.keeping ? 'Keeping…' : 'Every choice is kept at once.'}
      </p>
    </aside>
    <div class="flex flex-col gap-2">
      {#each RULE_TOPICS as topic (topic)}
        <section id={topic} aria-label={RULE_TOPIC_NAMES[topic]} class="scroll-mt-4">
          <h2 class="mb-1 text-2xl font-semibold">{RULE_TOPIC_NAMES[topic]}</h2>
          {#each HOUSE_RULES.filter((rule) => rule.topic === topic) as rule (rule.id)}
            <div id={rule.id} class="mb-4 scroll-mt-4">
              <RuleDecision
                id={rule.id}
                choice={store.rules[rule.id]}
                {unit}
                keys={NOMINAL_SIZES}
                locked={store.finish !== null}
                onchoose={(choice) => void store.choose(rule.id, choice)}
              />
            </div>
          {/each}
        </section>
      {/each}
    </div>
  </div>
{:else if !store.trouble}
  <p role="status" class="chart-label">Looking for the rules…</p>
{/if}

<style>
  .page {
    display: grid;
    gap: 1.25rem;
  }
  @media (min-width: 1000px) {
    .page {
      grid-template-columns: 270px minmax(0, 1fr);
    }
    aside {
      position: sticky;
      top: 1rem;
      align-self: start;
    }
  }
</style>
