import { doesNotStart, makes, neverSeals } from '../pair-verdict.ts';
import type { PairRule } from './pair-rule.ts';
import { judgeFit } from './tube-fit.ts';

/** Walls may differ by a tenth before the melt no longer meets. */
const WALL_MISMATCH = 0.1;

/** Polyethylene to polyethylene, end to end: the pipe itself melts together. Only equal numbers make. */
export const peFusion: PairRule<'pe-fusion'> = {
  id: 'pe-fusion',
  decide: (pair) => {
    if (pair.kind !== 'tubes' || pair.a.tube !== 'polyethylene' || pair.b.tube !== 'polyethylene')
      return null;
    if (judgeFit(pair.a.outside, pair.b.outside) !== 'same') return doesNotStart('other-size');
    const [a, b] = [pair.a.sdr ?? 0, pair.b.sdr ?? 0];
    return Math.abs(a - b) / Math.max(a, b) > WALL_MISMATCH
      ? neverSeals('walls-differ')
      : makes('pe-fusion', 'facing-and-heat');
  },
};
