import { doesNotStart } from '../pair-verdict.ts';
import type { PairRule } from './pair-rule.ts';

/** A left-hand thread and a right-hand one turn away from each other. */
export const oppositeHand: PairRule<'opposite-hand'> = {
  id: 'opposite-hand',
  decide: (pair) =>
    pair.kind === 'threads' && pair.male.thread.hand !== pair.female.thread.hand
      ? doesNotStart('opposite-hand')
      : null,
};
