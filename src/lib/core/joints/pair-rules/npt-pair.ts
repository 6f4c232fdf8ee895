import { asThreads, familiesOf, isSameSize } from '../pair.ts';
import { makes } from '../pair-verdict.ts';
import type { PairRule } from './pair-rule.ts';

/** American taper in American taper of its size: wedged flanks with a spiral path left, so sealant is required. */
export const nptPair: PairRule<'npt-pair'> = {
  id: 'npt-pair',
  decide: (pair) => {
    const threads = asThreads(pair);
    if (!threads || !isSameSize(threads)) return null;
    return familiesOf(threads).every((family) => family === 'npt') ? makes('npt-in-npt', 'sealant') : null;
  },
};
