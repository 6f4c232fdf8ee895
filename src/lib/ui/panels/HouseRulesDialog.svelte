<script lang="ts">
  import { DEFAULT_TURNS, type EngagementChoice } from '#core/house-rules/engagement-figure.ts';
  import { HOUSE_RULES, type HouseRules, type RuleId } from '#core/house-rules/house-rules.ts';
  import type { NominalSize } from '#core/catalogue/size.ts';
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
  const sizes = $derived([...new Set(Object.values(store.doc?.legs ?? {}).map((leg) => leg.size))]);
  let wrong = $state<Record<string, string>>({});

  function choose<Id extends RuleId>(rule: Id, choice: HouseRules[Id]): void {
    if (!store.doc) return;
    const result = store.apply(planChooseRule(store.doc, rule, choice));
    if (!result.ok) wrong = { [rule]: sayRefusal(result.refusal) };
  }

  function chooseOption(rule: RuleId, option: string): void {
    wrong = {};
    if (rule !== 'engagement-figure') {
      choose(rule, { option } as HouseRules[typeof rule]);
    } else if (option === 'hand-tight-plus-turns') {
      choose(rule, { option, ...DEFAULT_TURNS });
    } else if (option === 'own-measured') {
      choose(rule, { option, figures: {} });
    } else choose(rule, { option: 'shop-table' });
  }

  type TurnsChoice = Extract<EngagementChoice, { option: 'hand-tight-plus-turns' }>;

  function setTurns(choice: TurnsChoice, which: 'upTo2in' | 'above2in', typed: string): void {
    const turns = Number(typed);
    const fits = typed.trim() !== '' && turns >= 0 && turns <= 6;
    wrong = fits ? {} : { [which]: `Read “${typed}”. Turns past hand-tight are a number from 0 to 6.` };
    if (fits) choose('engagement-figure', { ...choice, [which]: turns });
  }

  function setFigure(
    figures: Readonly<Partial<Record<NominalSize, Length>>>,
    size: NominalSize,
    typed: string,
  ): void {
    const reading = typed.trim() ? parseMeasure(typed, unit) : accept(null);
    if (!reading.ok) {
      wrong = { [size]: sayRefusal(reading.refusal) };
      return;
    }
    if (reading.value && reading.value.length > 3 * INCH) {
      wrong = {
        [size]: `Read ${sayLength(reading.value.length, unit)}: no pipe thread goes in farther than 3 in.`,
      };
      return;
    }
    wrong = {};
    const rest = Object.fromEntries(Object.entries(figures).filter(([other]) => other !== size));
    const own = reading.value ? { ...rest, [size]: reading.value.length } : rest;
    choose('engagement-figure', { option: 'own-measured', figures: own });
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
          {#each sizes as size (size)}
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
      <p class="chart-label text-sm">Default: {words.reason}</p>
      {#if wrong[rule.id]}<p role="alert" class="text-error">{wrong[rule.id]}</p>{/if}
    </fieldset>
  {/each}
</Dialog>
