<script lang="ts" generics="Id extends RuleId">
  import { type FigureKey, HOUSE_RULES, type HouseRules, type RuleId, makeChoice } from '#core/house-rules';
  import type { LengthUnit } from '#core/units';
  import { getRuleWords, sayOutranks } from '#words/house-rules.ts';
  import OwnWay from './OwnWay.svelte';
  import RuleFigures from './RuleFigures.svelte';

  interface Props {
    id: Id;
    choice: HouseRules[Id];
    unit: LengthUnit;
    /** The sizes whose own figures can be entered. */
    keys: readonly FigureKey[];
    onchoose: (choice: HouseRules[Id]) => void;
    /** Of a finished job: read, not changed. */
    locked?: boolean;
  }
  let { id, choice, unit, keys, onchoose, locked = false }: Props = $props();
  const uid = $props.id();
  const rule = $derived(HOUSE_RULES.find((each) => each.id === id)!);
  const words = $derived(getRuleWords(id, unit));
  const sides = $derived(words.options as Readonly<Record<string, { name: string; says: string }>>);
  const mayAdd = $derived('mayAdd' in rule && rule.mayAdd);
  const choose = (next: object) => onchoose(next as HouseRules[Id]);
</script>

<fieldset class="border-t border-base-300 pt-3" disabled={locked}>
  <legend class="float-left mb-1 w-full text-lg font-semibold">{words.title}</legend>
  <p class="clear-both">{words.question}</p>
  <div class="sides">
    {#each rule.options as option (option)}
      {@const says = sides[option]}
      <label class="side" class:chosen={choice.option === option}>
        <input
          type="radio"
          class="radio mt-0.5 checked:bg-accent checked:text-accent-content"
          name="{uid}-side"
          checked={choice.option === option}
          onchange={() => choose(makeChoice(id, option as HouseRules[Id]['option'], unit))}
        />
        <span
          ><strong class="inline-block first-letter:uppercase">{says?.name}</strong>{option === rule.default
            ? ' (default)'
            : ''}
          <span class="block text-sm text-secondary">{says?.says}</span></span
        >
      </label>
    {/each}
    {#if choice.option === 'own' && 'reason' in choice}
      <label class="side chosen">
        <input
          type="radio"
          class="radio mt-0.5 checked:bg-accent checked:text-accent-content"
          name="{uid}-side"
          checked
        />
        <span
          ><strong>{choice.name}</strong> (ours)
          <span class="block text-sm text-secondary">{choice.reason}</span></span
        >
      </label>
    {/if}
  </div>
  {#if mayAdd && !locked}<OwnWay onadd={(own) => choose({ option: 'own', ...own })} />{/if}
  <RuleFigures rule={id} {choice} {unit} {keys} onchoose={choose} />
  <p class="chart-label text-sm">Default: {words.reason}{sayOutranks(rule.outrankedBy)}</p>
</fieldset>

<style>
  .sides {
    display: grid;
    margin: 0.5rem 0;
    gap: 0 1rem;
    grid-template-columns: repeat(auto-fit, minmax(min(100%, 15rem), 1fr));
  }
  .side {
    display: flex;
    min-height: 44px;
    align-items: flex-start;
    gap: 0.75rem;
    padding: 0.4rem 0.5rem;
    border-left: 4px solid transparent;
    cursor: pointer;
  }
  .side.chosen {
    border-left-color: var(--color-accent);
    background: var(--color-base-200);
  }
</style>
