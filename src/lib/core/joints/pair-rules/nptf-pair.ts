import { asThreads, familiesOf, isSameSize } from '../pair.ts';
import { makes } from '../pair-verdict.ts';
import type { PairRule } from './pair-rule.ts';

/** Dryseal in dryseal: crests crush into roots, no path is left; many codes want a listed sealant on gas all the same. */
export const nptfPair: PairRule<'nptf-pair'> = {
  id: 'nptf-pair',
  decide: (pair) => {
    const threads = asThreads(pair);
    if (!threads || !isSameSize(threads)) return null;
    return familiesOf(threads).every((family) => family === 'nptf') ? makes('nptf-in-nptf') : null;
  },
};
