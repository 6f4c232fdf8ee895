<script lang="ts">
  import type { FigureKey, HouseRules, RuleId } from '#core/house-rules';
  import type { Result } from '#core/outcome';
  import type { PlannedChange } from '#core/runs/changes';
  import type { RunLayout } from '#core/runs/layout';
  import type { LengthUnit } from '#core/units';
  import { getRuleTitle, sayChoice } from '#words/house-rules.ts';
  import { sayRefusal, type Refusal } from '#words/refusals.ts';
  import { decideAnew } from './decide-anew.ts';
  import RuleDecision from './RuleDecision.svelte';

  interface Props {
    /** The house rules that decided what is shown above. */
    rules: readonly RuleId[];
    layout: RunLayout;
    unit: LengthUnit;
    keys: readonly FigureKey[];
    /** What they decided, where several such lists stand on one page. */
    about?: string;
    onchange: (planned: PlannedChange) => Result<void, Refusal>;
  }
  let { rules, layout, unit, keys, about = '', onchange }: Props = $props();
  let asked = $state<RuleId | null>(null);
  let says = $state('');
  let wrong = $state.raw<Refusal | null>(null);

  function choose<Id extends RuleId>(rule: Id, choice: HouseRules[Id]): void {
    const anew = decideAnew(layout, rule, choice);
    const done = onchange(anew.planned);
    wrong = done.ok ? null : done.refusal;
    says = done.ok ? anew.says : '';
  }
</script>

<section
  class="border-t border-base-300 pt-3"
  aria-label={about ? `House rules that decided: ${about}` : 'House rules that decided'}
>
  <h3 class="text-lg font-semibold">House rules that decided this</h3>
  <ul>
    {#each rules as rule (rule)}
      <li>
        <div class="flex flex-wrap items-center gap-x-2">
          <span>{getRuleTitle(rule)}: <strong>{sayChoice(rule, layout.rules[rule], unit)}</strong></span>
          <button
            type="button"
            class="tap btn btn-ghost underline"
            aria-expanded={asked === rule}
            aria-label="{asked === rule ? 'Leave' : 'Change'} the house rule {getRuleTitle(rule)}"
            onclick={() => (asked = asked === rule ? null : rule)}
            >{asked === rule ? 'leave it so' : 'change it here'}</button
          >
        </div>
        {#if asked === rule}
          <div class="mb-2 border-l-4 border-accent pl-3">
            <RuleDecision
              id={rule}
              choice={layout.rules[rule]}
              {unit}
              {keys}
              onchoose={(choice) => choose(rule, choice)}
            />
          </div>
        {/if}
      </li>
    {/each}
  </ul>
  {#if wrong}<p role="alert" class="text-error">{sayRefusal(wrong)}</p>{/if}
  <p role="status" class="font-semibold empty:hidden">{says}</p>
</section>
