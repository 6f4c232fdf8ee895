import { getPlateDistance, type HouseRules } from '#core/house-rules';
import { getCraft, getMaterialTraits } from '#core/materials';
import type { LaidLeg } from '#core/runs/pieces';
import { getStretches, perStretch, type LegStretch, type RunLayout } from '#core/runs/layout';
import type { Finding } from './finding.ts';

/** Tubing is struck by nails: plates where it passes a member near its face. Said once a run. */
export function checkTubingIsProtected(layout: RunLayout): Finding[] {
  const { rules } = layout;
  const tubes = getStretches(layout).legs.flatMap((stretch) => listTubes(stretch, layout));
  const [first] = tubes;
  if (!first) return [];
  const nearest = getPlateDistance(rules);
  return [
    ...findStrangeJackets(tubes, rules),
    { code: 'strike-plates', severity: 'note', subject: first.id, nearest },
  ];
}

const listTubes = perStretch(({ legs }: LegStretch) =>
  legs.filter(({ leg }) => getCraft(leg).turnsBy === 'bend' && !getCraft(leg).isForGround),
);

/** Tubing in another jacket than the house uses. */
function findStrangeJackets(tubes: readonly LaidLeg[], rules: HouseRules): Finding[] {
  const wanted = rules['csst-jacket'].option;
  if (wanted !== 'yellow' && wanted !== 'black') return [];
  const strange = tubes.filter(({ leg }) => (getMaterialTraits(leg.material).jacket ?? wanted) !== wanted);
  const marks = strange.map(({ leg }) => String(leg.tag));
  const [first] = strange;
  return first ? [{ code: 'other-jacket', severity: 'ask', subject: first.id, marks, wanted }] : [];
}
