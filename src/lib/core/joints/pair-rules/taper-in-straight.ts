import { isTaper } from '#core/catalogue';
import { asThreads, getSystem } from '../pair.ts';
import { ruleByStart } from './by-start.ts';
import type { PairRule } from './pair-rule.ts';

/** A pipe's taper in a nut or body of another straight thread: it binds, its seat never meets. */
export const taperInStraight: PairRule<'taper-in-straight'> = {
  id: 'taper-in-straight',
  decide: (pair) => {
    const threads = asThreads(pair);
    if (!threads || !isTaper(threads.male.thread)) return null;
    return getSystem(threads.female.thread.family) === 'other'
      ? ruleByStart(threads, 'taper-in-straight')
      : null;
  },
};
