import { getPlateDistance } from '../house-rules/strike-plates.ts';
import { getCraft } from '../materials/crafts.ts';
import type { RunLayout } from '../runs/layout.ts';
import type { Finding } from './finding.ts';

/** Tubing is struck by nails and by lightning: plates where it passes a member near its face; corrugated tubing is bonded. Said once a run. */
export function checkTubingIsProtected({ legs, rules }: RunLayout): Finding[] {
  const tubes = [...legs.values()].filter(({ leg }) => getCraft(leg).turnsBy === 'bend');
  const [first] = tubes;
  if (!first) return [];
  const nearest = getPlateDistance(rules['strike-plates']);
  const plates: Finding = { code: 'strike-plates', severity: 'note', subject: first.id, nearest };
  const bonded = tubes.find(({ leg }) => getCraft(leg).getTrimming(leg) === 'any-end');
  return bonded
    ? [{ code: 'bond-tubing', severity: 'ask', subject: bonded.id, mark: String(bonded.leg.tag) }, plates]
    : [plates];
}
