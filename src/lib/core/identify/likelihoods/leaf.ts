import type { LeafFit } from '../observation.ts';
import type { Likelihood } from './likelihood.ts';
import { findPitchRead, PITCH_READ_RIGHT } from './unlisted-pitch.ts';

/** Chances for a thread in no list: a leaf of a set of about thirty that fits fits it by chance. */
const NONE: Readonly<Record<LeafFit, number>> = { fits: 0.08, nearly: 0.12, no: 0.8 };
/** Leaves this far off in pitch still look right about three times in five, and nearly right for twice as far. */
const LOOKS_RIGHT = 0.03;
const LOOKS_NEAR = 0.05;
/** A leaf that is nowhere near, taken for one that fits: one in forty, spread over the leaves of the set. */
const BLUNDER = 0.001;

/**
 * A gauge leaf laid on the flanks. The neighbouring leaf (11 and 11 1/2, 18 and 19, 27 and 28: 4 to 5 per cent) may
 * look as good: over six threads the crests have then run a quarter of a pitch apart.
 */
export const getLeafLikelihood: Likelihood<'leaf'> = (candidate, { perInch, fit }, earlier) => {
  if (candidate === 'none') {
    const read = findPitchRead(earlier);
    if (read === null) return NONE[fit];
    return PITCH_READ_RIGHT * getLeafChances(perInch / read - 1)[fit] + (1 - PITCH_READ_RIGHT) * NONE[fit];
  }
  return getLeafChances(perInch / candidate.perInch - 1)[fit];
};

/** How likely each answer is for a leaf that is off by a share of the pitch. They add up to one. */
export function getLeafChances(off: number): Record<LeafFit, number> {
  const fits = BLUNDER + 0.93 * Math.exp(-((off / LOOKS_RIGHT) ** 2) / 2);
  const nearly = (1 - fits) * (0.02 + 0.75 * Math.exp(-((off / LOOKS_NEAR) ** 2) / 2));
  return { fits, nearly, no: 1 - fits - nearly };
}
