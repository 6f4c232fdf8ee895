import { asThreads, familiesOf, isSameThread } from '../pair.ts';
import { makes, neverSeals } from '../pair-verdict.ts';
import type { PairRule } from './pair-rule.ts';

/** 37° on 37°: seals, but it is a fluid power fitting; on gas only where it is listed. */
export const flare37Pair: PairRule<'flare-37-pair'> = {
  id: 'flare-37-pair',
  decide: (pair) => {
    const threads = asThreads(pair);
    if (!threads || !isSameThread(threads)) return null;
    if (!familiesOf(threads).every((family) => family === 'jic-37')) return null;
    const seats = [threads.male.seat, threads.female.seat];
    if (seats.some((seat) => seat !== '37' && seat !== 'unknown')) return neverSeals('cones-differ');
    return seats.includes('unknown')
      ? makes('flare-37', 'both-37', 'listed-for-gas')
      : makes('flare-37', 'listed-for-gas');
  },
};
