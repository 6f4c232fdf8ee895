import { getCopperOutside, getFirstOfOutside } from '#core/catalogue';
import type { CopperSize } from '#core/ends';
import { getLeastStraight, findBenderRadius, type HouseRules } from '#core/house-rules';
import type { Bending, Settings } from '../craft.ts';

/** By hand or over a spring: under five outsides it is asked, under four refused. Ours. */
const HAND_ASKED = 5;
const HAND_REFUSED = 4;

/** Under so many outsides no shoe holds the tube round: a radius said to be a bender's own is refused too. The tightest commonly stated is 2.25. Ours. */
const BENDER_REFUSED = 2;

/** Metric tube in straight lengths is half-hard (EN 1057, R250): it bends in a bender, and by hand it kinks. Inch tube in lengths is drawn hard. */
const isHalfHard = ({ size, stock }: Settings): boolean => stock !== 'coil' && size.endsWith(' mm');

/**
 * What bending copper goes by, nm: a bender's own radius is accepted for its size, whatever its share of the outside down to twice; without one the
 * tube kinks sooner. Null for what is hard: straight lengths, soft at their ends only, but for half-hard tube in a bender.
 */
export function findCopperBending(settings: Settings, rules: HouseRules): Bending | null {
  const tube = settings.size as CopperSize;
  const outside = getCopperOutside(tube);
  const [asked, refused] = [HAND_ASKED * outside, HAND_REFUSED * outside];
  const between = getLeastStraight(rules['bend-straight'], outside);
  const stated =
    rules.bending.option === 'by-hand'
      ? null
      : findBenderRadius(rules['bender-radius'], getFirstOfOutside(tube));
  if (settings.stock !== 'coil' && !(isHalfHard(settings) && stated)) return null;
  if (!stated)
    return { usual: asked, isTypical: true, recommended: asked, least: refused, between, beforeJoint: 0 };
  const least = BENDER_REFUSED * outside;
  return {
    usual: stated.radius,
    isTypical: !stated.isOwn,
    recommended: Math.max(Math.min(stated.radius, asked), least),
    least: Math.max(Math.min(stated.radius, refused), least),
    between,
    beforeJoint: 0,
  };
}
