import { asThreads, familiesOf, getSystem } from '../pair.ts';
import { ruleByStart } from './by-start.ts';
import type { PairRule } from './pair-rule.ts';

/** 60° with 55°: never makes at any size. Whether it starts hangs on the size and on which of the two is the male. */
export const americanBritish: PairRule<'american-british'> = {
  id: 'american-british',
  decide: (pair) => {
    const threads = asThreads(pair);
    if (!threads) return null;
    const systems = familiesOf(threads).map(getSystem);
    if (systems.includes('other') || systems[0] === systems[1]) return null;
    return ruleByStart(threads, 'sixty-in-fifty-five');
  },
};
