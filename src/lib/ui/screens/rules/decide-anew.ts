import { resolveRules, type HouseRules, type RuleId } from '#core/house-rules';
import type { PlannedChange } from '#core/runs/changes';
import { compareRuns } from '#core/runs/reading';
import { planChooseRule } from '#core/runs/commands';
import { layOutRun, type RunLayout } from '#core/runs/layout';
import { countDifference } from '#words/run-difference.ts';

/** Another choice of a house rule of a run: the change, and in words what it decides anew. */
export function decideAnew<Id extends RuleId>(
  layout: RunLayout,
  rule: Id,
  choice: HouseRules[Id],
): { readonly planned: PlannedChange; readonly says: string } {
  const { doc, facts, catalogue } = layout;
  const ruleChoices = { ...doc.ruleChoices, [rule]: choice };
  const next = layOutRun({ ...doc, ruleChoices }, catalogue, resolveRules(ruleChoices), facts);
  return {
    planned: planChooseRule(doc, rule, choice),
    says: `Decided anew: ${countDifference(compareRuns(layout, next))}.`,
  };
}
