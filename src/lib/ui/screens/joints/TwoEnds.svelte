<script lang="ts">
  import { resolve } from '$app/paths';
  import CircleCheck from '@lucide/svelte/icons/circle-check';
  import CircleHelp from '@lucide/svelte/icons/circle-question-mark';
  import CircleX from '@lucide/svelte/icons/circle-x';
  import OctagonAlert from '@lucide/svelte/icons/octagon-alert';
  import { catalogue } from '../../catalogue.ts';
  import { drawLens } from '#core/drawing';
  import type { Specimen } from '#core/identify';
  import type { RuleId } from '#core/house-rules';
  import { checkJoint, isForbidden, judgeByHouse, findPractice, JOINTS } from '#core/joints';
  import { CAUTIONS } from '#words/cautions.ts';
  import { getTapeUnit } from '#core/units';
  import { getRuleTitle, sayChoice } from '#words/house-rules.ts';
  import { JOINT_WORDS, sayMadeAgain, sayTightening, sayTurner } from '#words/joints.ts';
  import { sayLens } from '#words/lens.ts';
  import { listConditions, sayCause, sayNut, sayVerdict } from '#words/pair-verdicts.ts';
  import PairLens from '../../instruments/PairLens.svelte';
  import { unitSetting } from '../../controls/unit-setting.svelte.ts';
  import type { RulesStore } from '../../store/rules-store.svelte.ts';
  import { PartsStore } from '../../store/parts-store.svelte.ts';
  import Transitions from './Transitions.svelte';
  import EndPicker from '../../instruments/EndPicker.svelte';
  import { EndChoice } from '../../instruments/end-choice.svelte.ts';

  interface Props {
    /** Specimens of a job that can be put on the bench; none outside a job. */
    specimens?: readonly Specimen[];
    /** The house rules of the shop, or of the job. */
    rules: RulesStore;
  }
  let { specimens = [], rules }: Props = $props();
  const parts = new PartsStore();
  $effect(() => void parts.load());
  const one = new EndChoice({ family: 'npt', size: '1/2', gender: 'male' }, () => specimens);
  const other = new EndChoice({ family: 'npt', size: '1/2', gender: 'female' }, () => specimens);
  const verdict = $derived(judgeByHouse(checkJoint(one.end, other.end), [one.end, other.end], rules.rules));
  const picture = $derived(drawLens(one.end, other.end, verdict, catalogue));
  const kind = $derived(verdict.joint && JOINTS[verdict.joint]);
  const practice = $derived(kind && findPractice(kind, rules.rules));
  const conditions = $derived(listConditions(verdict, rules.rules));
  const forbidden = $derived(isForbidden(verdict));
  const decidedBy = $derived<RuleId[]>([
    ...verdict.house.map(({ rule }) => rule),
    ...(practice?.decidedBy ?? []),
  ]);
  const TONES = {
    makes: 'border-success',
    'makes-only-if': 'border-warning',
    'never-seals': 'border-error',
    'does-not-start': 'border-secondary',
    ask: 'border-warning',
  } as const;
</script>

<p class="always {forbidden || verdict.verdict === 'never-seals' ? 'text-error' : ''}" aria-hidden="true">
  {sayVerdict(verdict)}
</p>
<div class="two-ends">
  <section class="pickers" aria-label="The two ends">
    <EndPicker title="One end" choice={one} {specimens} />
    <EndPicker title="The other" choice={other} {specimens} />
  </section>
  <section class="lens" aria-label="The lens">
    <PairLens {picture} says={sayLens(picture, verdict, unitSetting.unit)} unit={unitSetting.unit} />
  </section>
  <section
    class="verdict border-l-8 bg-base-200 {forbidden ? 'border-error' : TONES[verdict.verdict]}"
    aria-label="Verdict"
    aria-live="polite"
  >
    <p
      class="flex items-center gap-2 text-2xl leading-tight font-semibold {forbidden ||
      verdict.verdict === 'never-seals'
        ? 'text-error'
        : ''}"
    >
      {#if verdict.verdict === 'makes'}<CircleCheck aria-hidden="true" class="shrink-0 text-success" />
      {:else if forbidden || verdict.verdict === 'never-seals'}<OctagonAlert
          aria-hidden="true"
          class="shrink-0"
          size={32}
        />
      {:else if verdict.verdict === 'does-not-start'}<CircleX aria-hidden="true" class="shrink-0" />
      {:else}<CircleHelp aria-hidden="true" class="shrink-0 text-warning" />{/if}
      {sayVerdict(verdict)}
    </p>
    {#each verdict.house.filter(({ ruling }) => ruling === 'forbids') as { rule } (rule)}
      <p class="text-lg leading-snug font-medium text-error">
        {getRuleTitle(rule)}: {sayChoice(rule, rules.rules[rule], getTapeUnit(rules.rules))}. Local code goes
        before the house.
      </p>
    {/each}
    {#if conditions.length > 0}
      <ul class="list-disc pl-8 text-lg leading-snug">
        {#each conditions as condition (condition)}<li>{condition}</li>{/each}
      </ul>
    {/if}
    {#if verdict.cause}<p class="text-lg leading-snug">{sayCause(verdict)}</p>{/if}
    {#if sayNut(verdict)}<p class="leading-snug">{sayNut(verdict)}</p>{/if}
    {#if kind && practice}
      {@const words = JOINT_WORDS[kind.id]}
      <p class="chart-label">{words.name}</p>
      <p><strong>Where it seals.</strong> {words.seals}</p>
      <p><strong>What goes on it.</strong> {words.sealant}</p>
      <p><strong>How tight.</strong> {sayTightening(kind)}</p>
      <p><strong>With what.</strong> {sayTurner(kind)} {sayMadeAgain(practice.madeAgain)}</p>
      {#if decidedBy.length > 0}
        <p>
          <strong>House rules that decided this.</strong>
          {#each decidedBy as rule, i (rule)}{i > 0 ? '; ' : ''}<a
              class="underline decoration-dotted underline-offset-4"
              href="{rules.job === null
                ? resolve('/rules')
                : resolve('/jobs/[job]/rules', { job: rules.job })}#{rule}">{getRuleTitle(rule)}</a
            >: {sayChoice(rule, rules.rules[rule], getTapeUnit(rules.rules))}{/each}.
          {#if rules.trouble}They could not be read just now: these are the defaults.{/if}
        </p>
      {/if}
      <p class="border-l-4 border-warning pl-3 font-medium text-warning">
        {kind.tightening.by === 'heat' ? CAUTIONS.heat : CAUTIONS.wrench} Local code and the maker’s sheet go before
        this.
      </p>
    {/if}
  </section>
</div>
<div class="mt-6">
  <Transitions
    one={one.end}
    other={other.end}
    rules={rules.rules}
    choices={rules.choices ?? {}}
    shopParts={parts.items}
    isReady={(rules.choices !== null || rules.trouble !== null) && (parts.isRead || parts.trouble !== null)}
  />
</div>

<style>
  /* In the hand the verdict's first words stay in sight, whatever is being picked or read. */
  .always {
    position: sticky;
    top: 0;
    z-index: 5;
    margin-inline: -0.75rem;
    padding: 0.5rem 0.75rem;
    background: var(--color-base-200);
    border-bottom: 2px solid var(--color-accent);
    font-size: 1.25rem;
    font-weight: 600;
    line-height: 1.2;
  }
  @media (min-width: 1000px) {
    .always {
      display: none;
    }
  }
  .two-ends {
    display: grid;
    gap: 1rem;
    grid-template-areas: 'pickers' 'verdict' 'lens';
  }
  .pickers {
    grid-area: pickers;
    display: flex;
    flex-direction: column;
    gap: 1rem;
  }
  .lens {
    grid-area: lens;
  }
  .verdict {
    grid-area: verdict;
    display: flex;
    flex-direction: column;
    gap: 0.5rem;
    padding: 0.75rem 1rem;
    align-self: start;
  }
  @media (min-width: 1000px) {
    .pickers {
      display: grid;
      grid-template-columns: repeat(2, minmax(0, 1fr));
    }
    .two-ends {
      grid-template-columns: minmax(0, 1fr) 400px;
      grid-template-areas: 'pickers lens' 'verdict lens';
      grid-template-rows: auto 1fr;
    }
  }
</style>
