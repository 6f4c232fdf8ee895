import { asThreads, familiesOf, isSameSize } from '../pair.ts';
import { makes } from '../pair-verdict.ts';
import type { PairRule } from './pair-rule.ts';

/** British taper in the taper bore Rc or the parallel bore Rp of its size; both are made for it. Sealant required. */
export const bsptPair: PairRule<'bspt-pair'> = {
  id: 'bspt-pair',
  decide: (pair) => {
    const threads = asThreads(pair);
    if (!threads || !isSameSize(threads)) return null;
    const [male, female] = familiesOf(threads);
    return male === 'r' && (female === 'rc' || female === 'rp') ? makes('r-in-rp', 'sealant') : null;
  },
};
