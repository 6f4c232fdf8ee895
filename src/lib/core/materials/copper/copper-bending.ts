import { getCopperOutside, getFirstOfOutside } from '../../catalogue/tube-sizes.ts';
import type { CopperSize } from '../../ends/size.ts';
import { getLeastStraight } from '../../house-rules/bend-straight.ts';
import { findBenderRadius } from '../../house-rules/bender-radius.ts';
import type { HouseRules } from '../../house-rules/house-rules.ts';
import type { Bending, Settings } from '../craft.ts';

/** By hand or over a spring: under five outsides it is asked, under four refused. Ours. */
const HAND_ASKED = 5;
const HAND_REFUSED = 4;

/**
 * What bending copper goes by, nm: a bender's own radius is accepted for its size, whatever its share of the outside; without one the tube
 * kinks sooner. Null for straight lengths, hard or soft at their ends only: what is hard is not bent.
 */
export function findCopperBending({ size, stock }: Settings, rules: HouseRules): Bending | null {
  if (stock !== 'coil') return null;
  const tube = size as CopperSize;
  const outside = getCopperOutside(tube);
  const [asked, refused] = [HAND_ASKED * outside, HAND_REFUSED * outside];
  const between = getLeastStraight(rules['bend-straight'], outside);
  const stated = rules.bending.option === 'by-hand' ? null : findBenderRadius(rules['bender-radius'], getFirstOfOutside(tube)); // prettier-ignore
  if (!stated)
    return { usual: asked, isTypical: true, recommended: asked, least: refused, between, beforeJoint: 0 };
  return {
    usual: stated.radius,
    isTypical: !stated.isOwn,
    recommended: Math.min(stated.radius, asked),
    least: Math.min(stated.radius, refused),
    between,
    beforeJoint: 0,
  };
}
