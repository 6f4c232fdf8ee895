import { doesNotStart, makes } from '../pair-verdict.ts';
import type { PairRule } from './pair-rule.ts';

/** Two flanges: of one size and one drilling their bolts meet, and a gasket listed for the gas goes between. */
export const flangePair: PairRule<'flange-pair'> = {
  id: 'flange-pair',
  decide: (pair) => {
    if (pair.kind !== 'flanges') return null;
    const { a, b } = pair;
    return a.size === b.size && a.drilling === b.drilling
      ? makes('flange', 'listed-gasket')
      : doesNotStart('other-size');
  },
};
