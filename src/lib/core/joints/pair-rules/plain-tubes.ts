import { doesNotStart } from '../pair-verdict.ts';
import type { PairRule } from './pair-rule.ts';

/** Two plain tube ends that do not melt together: a coupling is wanted. */
export const plainTubes: PairRule<'plain-tubes'> = {
  id: 'plain-tubes',
  decide: (pair) => {
    if (pair.kind !== 'tubes') return null;
    const isFusion = pair.a.tube === 'polyethylene' && pair.b.tube === 'polyethylene';
    return isFusion ? null : doesNotStart('not-weldable');
  },
};
