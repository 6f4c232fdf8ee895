import type { HouseRules, RuleId } from '../../house-rules/house-rules.ts';
import type { PlannedChange } from '../change.ts';
import type { Json } from '../../outcome/json.ts';
import type { RunDoc } from '../run.ts';

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
