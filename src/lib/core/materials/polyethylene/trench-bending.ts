import { getPeFigures } from '#core/catalogue';
import type { PeSize } from '#core/ends';
import type { Bending, Settings } from '../craft.ts';

/** Inside radius of a bend over the bore. Source: as commonly asked; editions differ, and near a fitting the maker's larger one goes before it. */
const BORES = 25;

/** How many outsides are left straight between a bend and a joint, so that nothing pulls the pipe aside in it. Ours. */
const STRAIGHT_AT_JOINT = 5;

/**
 * What a bend in a trench goes by, nm: an inside radius of at least 25 times the bore (3/4 IPS 21.5 in, 1-1/4 IPS 34 in, of SDR 11), here to the centre
 * line. Tighter is refused; no joint lies in a bend.
 */
export function findTrenchBending({ size }: Settings): Bending {
  const { bore, outside } = getPeFigures(size as PeSize);
  const radius = Math.round(BORES * bore + outside / 2);
  return {
    usual: radius,
    isTypical: true,
    recommended: radius,
    least: radius,
    between: 0,
    beforeJoint: STRAIGHT_AT_JOINT * outside,
  };
}
