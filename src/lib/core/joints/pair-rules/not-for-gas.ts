import { FAMILY_TRAITS } from '#core/ends';
import { asThreads, familiesOf, isSameSize } from '../pair.ts';
import { neverSeals } from '../pair-verdict.ts';
import type { PairRule } from './pair-rule.ts';

/** Hose and faucet threads make up with their own kind, and hold water: they must never carry gas. */
export const notForGas: PairRule<'not-for-gas'> = {
  id: 'not-for-gas',
  decide: (pair) => {
    const threads = asThreads(pair);
    if (!threads || !isSameSize(threads)) return null;
    const [male, female] = familiesOf(threads);
    return male === female && FAMILY_TRAITS[male].gasUse === 'never' ? neverSeals('not-for-gas') : null;
  },
};
