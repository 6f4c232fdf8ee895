<script lang="ts">
  import type { RuleId } from '#core/house-rules';
  import { LaterPanel } from '../../controls/later.svelte.ts';
  import type { RunStore } from '../../store/run-store.svelte.ts';

  let { store }: { store: RunStore } = $props();
  const unit = $derived(store.details?.units ?? 'in');
  const whyPanel = new LaterPanel(() => import('./WhyDialog.svelte'));
  const rulesPanel = new LaterPanel(() => import('../rules/HouseRulesDialog.svelte'));
  let why = $state<string | null>(null);
  /** Worked out only while something is asked. */
  const layout = $derived(why === null ? null : store.layout);
  let firstRule = $state<RuleId | null>(null);

  /** Shows the reason behind the number of a piece, a joint or a leg. */
  export function showWhy(id: string): void {
    why = id;
    whyPanel.open();
  }
  /** Shows the house rules, the one asked about first. */
  export function showRules(rule: RuleId | null = null): void {
    why = null;
    firstRule = rule;
    rulesPanel.open();
  }
</script>

{#if whyPanel.panel}
  <whyPanel.panel
    {layout}
    {unit}
    bind:id={why}
    onrule={showRules}
    onwhy={showWhy}
    onchange={(planned) => store.apply(planned)}
  />
{/if}
{#if rulesPanel.panel}
  <rulesPanel.panel bind:open={rulesPanel.isOpen} {store} first={firstRule} />
{/if}
