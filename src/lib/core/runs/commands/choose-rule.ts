import type { HouseRules, RuleId } from '#core/house-rules';
import type { PlannedChange } from '#core/runs/changes';
import type { Json } from '#core/outcome';
import type { RunDoc } from '#core/runs/document';

/** Plans another choice of a house rule for this run. */
export function planChooseRule<Id extends RuleId>(
  doc: RunDoc,
  rule: Id,
  choice: HouseRules[Id],
): PlannedChange {
  const old = doc.ruleChoices[rule] as unknown as Json | undefined;
  const value = choice as unknown as Json;
  const place = { in: 'ruleChoices', id: rule } as const;
  return {
    label: { command: 'choose-rule', leg: null, turn: null },
    ops: [old === undefined ? { op: 'insert', ...place, value } : { op: 'replace', ...place, old, value }],
  };
}
