import { asThreads, familiesOf, isSameSize } from '../pair.ts';
import { makes } from '../pair-verdict.ts';
import type { PairRule } from './pair-rule.ts';

/** Plain taper with dryseal, either way round: the crests of one do not reach the roots of the other, so as NPT. */
export const nptWithNptf: PairRule<'npt-with-nptf'> = {
  id: 'npt-with-nptf',
  decide: (pair) => {
    const threads = asThreads(pair);
    if (!threads || !isSameSize(threads)) return null;
    const families = familiesOf(threads).toSorted().join(' ');
    return families === 'npt nptf' ? makes('npt-with-nptf', 'sealant') : null;
  },
};
