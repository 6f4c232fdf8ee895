import { asThreads, familiesOf, isSameSize } from '../pair.ts';
import { neverSeals } from '../pair-verdict.ts';
import { getThreadStart } from '../thread-start.ts';
import type { PairRule } from './pair-rule.ts';

/** A taper male in a G bore: G is not held to the limits a sealing bore needs (that is Rp), so it may never wedge. */
export const rInG: PairRule<'r-in-g'> = {
  id: 'r-in-g',
  decide: (pair) => {
    const threads = asThreads(pair);
    if (!threads || !isSameSize(threads)) return null;
    const [male, female] = familiesOf(threads);
    if (male !== 'r' || female !== 'g') return null;
    return neverSeals(
      'bore-not-for-sealing',
      getThreadStart(threads.male.thread, threads.female.thread).turns,
    );
  },
};
