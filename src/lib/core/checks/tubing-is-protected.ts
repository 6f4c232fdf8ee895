import { getPlateDistance } from '../house-rules/strike-plates.ts';
import { getCraft } from '../materials/crafts.ts';
import type { Material } from '../catalogue/pipe.ts';
import type { HouseRules } from '../house-rules/house-rules.ts';
import type { LaidLeg, RunLayout } from '../runs/layout.ts';
import type { Finding } from './finding.ts';

/** Tubing is struck by nails: plates where it passes a member near its face. Said once a run. */
export function checkTubingIsProtected({ legs, rules }: RunLayout): Finding[] {
  const tubes = [...legs.values()].filter(
    ({ leg }) => getCraft(leg).turnsBy === 'bend' && !getCraft(leg).isForGround,
  );
  const [first] = tubes;
  if (!first) return [];
  const nearest = getPlateDistance(rules);
  return [
    ...findStrangeJackets(tubes, rules),
    { code: 'strike-plates', severity: 'note', subject: first.id, nearest },
  ];
}

/** Which jacket each material comes in. */
const JACKETS: Readonly<Partial<Record<Material, 'yellow' | 'black'>>> = {
  csst: 'yellow',
  'csst-arc': 'black',
};

/** Tubing in another jacket than the house uses. */
function findStrangeJackets(tubes: readonly LaidLeg[], rules: HouseRules): Finding[] {
  const wanted = rules['csst-jacket'].option;
  if (wanted !== 'yellow' && wanted !== 'black') return [];
  const strange = tubes.filter(({ leg }) => (JACKETS[leg.material] ?? wanted) !== wanted);
  const marks = strange.map(({ leg }) => String(leg.tag));
  const [first] = strange;
  return first ? [{ code: 'other-jacket', severity: 'ask', subject: first.id, marks, wanted }] : [];
}
