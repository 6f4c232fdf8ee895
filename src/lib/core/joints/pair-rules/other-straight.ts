import { asThreads, isNutAndBody, isSameThread } from '../pair.ts';
import { ruleByStart } from './by-start.ts';
import { isStraightPair } from './other-seat.ts';
import type { PairRule } from './pair-rule.ts';

/** Two straight threads that are not one: they jam, strip or drop through, and where they start they seem to fit. */
export const otherStraight: PairRule<'other-straight'> = {
  id: 'other-straight',
  decide: (pair) => {
    const threads = asThreads(pair);
    if (!threads || !isStraightPair(threads) || isSameThread(threads) || isNutAndBody(threads)) return null;
    return ruleByStart(threads, 'other-thread');
  },
};
