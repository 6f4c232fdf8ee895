import { isTaper } from '#core/catalogue';
import { asThreads, familiesOf, getSystem, isSameSize, type ThreadPair } from '../pair.ts';
import { neverSeals } from '../pair-verdict.ts';
import { ruleByStart } from './by-start.ts';
import type { PairRule } from './pair-rule.ts';

/** A straight male in a bore made for a taper one touches at one turn, and seals nowhere. */
export const straightInTaper: PairRule<'straight-in-taper'> = {
  id: 'straight-in-taper',
  decide: (pair) => {
    const threads = asThreads(pair);
    if (!threads || !isItsBusiness(threads)) return null;
    // Both parallel, G in Rp: nothing binds, and nothing is tight.
    const isParallel =
      getSystem(threads.male.thread.family) !== 'other' && threads.female.thread.family === 'rp';
    return isParallel ? neverSeals('no-tight-thread') : ruleByStart(threads, 'straight-in-taper');
  },
};

/** The parallel bore Rp is made for the taper R, not for a straight male. */
function isItsBusiness(threads: ThreadPair): boolean {
  const [male, female] = familiesOf(threads);
  if (isTaper(threads.male.thread) || !(isTaper(threads.female.thread) || female === 'rp')) return false;
  if (getSystem(male) === 'other') return true;
  return getSystem(male) === getSystem(female) && isSameSize(threads);
}
