import { asThreads, familiesOf, getSystem, isSameSize } from '../pair.ts';
import { ruleByStart } from './by-start.ts';
import type { PairRule } from './pair-rule.ts';

/** Pipe threads of one system and two sizes: a bushing or a reducing fitting is wanted. */
export const otherPipeSize: PairRule<'other-pipe-size'> = {
  id: 'other-pipe-size',
  decide: (pair) => {
    const threads = asThreads(pair);
    if (!threads || isSameSize(threads)) return null;
    const [male, female] = familiesOf(threads).map(getSystem);
    return male === female && male !== 'other' ? ruleByStart(threads, 'other-thread') : null;
  },
};
