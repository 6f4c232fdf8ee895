<script lang="ts">
  import { getThreadFamily } from '#core/catalogue/pipe.ts';
  import {
    getFigureKey,
    type EngagementChoice,
    type FigureKey,
  } from '#core/house-rules/engagement-figure.ts';
  import { makeChoice } from '#core/house-rules/make-choice.ts';
  import MeasureField from '../controls/MeasureField.svelte';
  import { HOUSE_RULES, type HouseRules, type RuleId } from '#core/house-rules/house-rules.ts';
  import { parseMeasure } from '#core/units/check-measure.ts';
  import { accept } from '#core/outcome/result.ts';
  import { planChooseRule } from '#core/runs/commands/choose-rule.ts';
  import { INCH, type Length } from '#core/units/length.ts';
  import { sayLength } from '#words/length-text.ts';
  import { RULE_WORDS } from '#words/house-rules.ts';
  import { sayRefusal } from '#words/refusals.ts';
  import Dialog from '../controls/Dialog.svelte';
  import type { RunStore } from '../store/run-store.svelte.ts';

  interface Props {
    open: boolean;
    store: RunStore;
    /** The rule to show first, when one was asked about. */
    first?: RuleId | null;
  }
  let { open = $bindable(), store, first = null }: Props = $props();
  const id = $props.id();
  const unit = $derived(store.details?.units ?? 'in');
  const rules = $derived([...HOUSE_RULES].sort((a, b) => Number(b.id === first) - Number(a.id === first)));
  const keys = $derived([
    ...new Set(
      Object.values(store.doc?.legs ?? {}).map((leg) =>
        getFigureKey(leg.size, getThreadFamily(leg.material)),
      ),
    ),
  ]);
  let wrong = $state<Record<string, string>>({});

  function choose<Id extends RuleId>(rule: Id, choice: HouseRules[Id]): void {
    if (!store.doc) return;
    const result = store.apply(planChooseRule(store.doc, rule, choice));
    if (!result.ok) wrong = { [rule]: sayRefusal(result.refusal) };
  }

  function chooseOption(rule: RuleId, option: string): void {
    wrong = {};
    choose(rule, makeChoice(rule, option as HouseRules[RuleId]['option']));
  }

  type OwnFigures = Extract<EngagementChoice, { option: 'own-measured' }>['figures'];
  type TurnsChoice = Extract<EngagementChoice, { option: 'hand-tight-plus-turns' }>;

  function setTurns(choice: TurnsChoice, which: 'upTo2in' | 'above2in', typed: string): void {
    const turns = Number(typed);
    const fits = typed.trim() !== '' && turns >= 0 && turns <= 6;
    wrong = fits ? {} : { [which]: `Read “${typed}”. Turns past hand-tight are a number from 0 to 6.` };
    if (fits) choose('engagement-figure', { ...choice, [which]: turns });
  }

  function setFigure(figures: OwnFigures, key: FigureKey, typed: string): void {
    const reading = typed.trim() ? parseMeasure(typed, unit) : accept(null);
    if (!reading.ok) {
      wrong = { [key]: sayRefusal(reading.refusal) };
      return;
    }
    if (reading.value && reading.value.length > 3 * INCH) {
      wrong = {
        [key]: `Read ${sayLength(reading.value.length, unit)}: no pipe thread goes in farther than 3 in.`,
      };
      return;
    }
    wrong = {};
    const rest = Object.fromEntries(Object.entries(figures).filter(([other]) => other !== key));
    const own = reading.value ? { ...rest, [key]: reading.value.length } : rest;
    choose('engagement-figure', { option: 'own-measured', figures: own });
  }

  /** Figures of the other rules: what they are called, the most they can be, and how they are kept. */
  function setLength(rule: 'nipples' | 'threading-grip' | 'saw-kerf', length: Length | null): void {
    if (length === null) return;
    const most = rule === 'threading-grip' ? 24 * INCH : INCH;
    if (length > most) {
      wrong = {
        [rule]: `Read ${sayLength(length, unit)}: at most ${sayLength(most, unit)} makes sense here.`,
      };
      return;
    }
    wrong = {};
    if (rule === 'nipples') choose(rule, { ...store.rules.nipples, tolerance: length });
    else if (rule === 'threading-grip') choose(rule, { option: 'own', length });
    else choose(rule, { option: 'saw', width: length });
  }
</script>

<Dialog bind:open title="House rules of this run">
  <p>Good fitters differ here. Local code and the maker’s sheet outrank every choice below.</p>
  {#each rules as rule (rule.id)}
    {@const words = RULE_WORDS[rule.id]}
    {@const choice = store.rules[rule.id]}
    <fieldset class="border-t border-base-300 pt-3">
      <legend class="float-left mb-1 w-full text-lg font-semibold">{words.title}</legend>
      <p class="clear-both">{words.question}</p>
      <div class="my-2 flex flex-col">
        {#each rule.options as option (option)}
          {@const says = (words.options as Record<string, { name: string; says: string }>)[option]}
          <label class="tap flex cursor-pointer items-start gap-3 py-1.5">
            <input
              type="radio"
              class="radio mt-0.5 checked:bg-accent checked:text-accent-content"
              name="{id}-{rule.id}"
              checked={choice.option === option}
              onchange={() => chooseOption(rule.id, option)}
            />
            <span
              ><strong class="inline-block first-letter:uppercase">{says?.name}</strong>{option ===
              rule.default
                ? ' (default)'
                : ''}
              <span class="block text-sm text-secondary">{says?.says}</span></span
            >
          </label>
        {/each}
      </div>
      {#if choice.option === 'hand-tight-plus-turns'}
        <div class="flex flex-wrap gap-4">
          {#each [['upTo2in', 'Turns, up to 2 in'], ['above2in', 'Turns, from 2-1/2 up']] as const as [which, label] (which)}
            <label class="flex flex-col text-sm"
              >{label}
              <input
                class="tap input w-28"
                inputmode="decimal"
                value={choice[which]}
                aria-invalid={wrong[which] ? 'true' : undefined}
                onchange={(event) => setTurns(choice, which, event.currentTarget.value)}
              />
              {#if wrong[which]}<span role="alert" class="max-w-60 text-error">{wrong[which]}</span>{/if}
            </label>
          {/each}
        </div>
      {:else if choice.option === 'own-measured'}
        <p class="text-sm">Engagement measured on your own made-up test pieces, for the sizes of this run:</p>
        <div class="flex flex-wrap gap-4">
          {#each keys as size (size)}
            {@const figure = choice.figures[size]}
            <label class="flex flex-col text-sm"
              >{size}
              <input
                class="tap input w-32"
                value={figure === undefined ? '' : sayLength(figure, unit)}
                placeholder="not measured"
                aria-invalid={wrong[size] ? 'true' : undefined}
                onchange={(event) => setFigure(choice.figures, size, event.currentTarget.value)}
              />
              {#if wrong[size]}<span role="alert" class="max-w-60 text-error">{wrong[size]}</span>{/if}
            </label>
          {:else}<p class="text-sm">Lay out a leg first, then enter the figure of its size.</p>{/each}
        </div>
      {/if}
      {#if 'tolerance' in choice && choice.option !== 'cut-in-house'}
        <MeasureField
          label="a nipple may be off by"
          {unit}
          value={choice.tolerance}
          onmeasure={(length) => setLength('nipples', length)}
        />
      {:else if 'length' in choice}
        <MeasureField
          label="grip between the threads"
          {unit}
          value={choice.length}
          onmeasure={(length) => setLength('threading-grip', length)}
        />
      {:else if 'width' in choice}
        <MeasureField
          label="width of the blade’s cut"
          {unit}
          value={choice.width}
          onmeasure={(length) => setLength('saw-kerf', length)}
        />
      {/if}
      <p class="chart-label text-sm">Default: {words.reason}</p>
      {#if wrong[rule.id]}<p role="alert" class="text-error">{wrong[rule.id]}</p>{/if}
    </fieldset>
  {/each}
</Dialog>
