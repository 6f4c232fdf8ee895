<script lang="ts">
  import type { RuleId } from '#core/house-rules/house-rules.ts';
  import type { RunStore } from '../../store/run-store.svelte.ts';
  import HouseRulesDialog from '../rules/HouseRulesDialog.svelte';
  import WhyDialog from './WhyDialog.svelte';

  let { store }: { store: RunStore } = $props();
  const unit = $derived(store.details?.units ?? 'in');
  let why = $state<string | null>(null);
  /** Worked out only while something is asked. */
  const layout = $derived(why === null ? null : store.layout);
  let rulesOpen = $state(false);
  let firstRule = $state<RuleId | null>(null);

  /** Shows the reason behind the number of a piece, a joint or a leg. */
  export function showWhy(id: string): void {
    why = id;
  }
  /** Shows the house rules, the one asked about first. */
  export function showRules(rule: RuleId | null = null): void {
    why = null;
    firstRule = rule;
    rulesOpen = true;
  }
</script>

<WhyDialog
  {layout}
  {unit}
  bind:id={why}
  onrule={showRules}
  onwhy={showWhy}
  onchange={(planned) => store.apply(planned)}
/>
<HouseRulesDialog bind:open={rulesOpen} {store} first={firstRule} />
