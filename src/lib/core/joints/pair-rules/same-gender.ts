import { doesNotStart } from '../pair-verdict.ts';
import type { PairRule } from './pair-rule.ts';

/** Male to male wants a coupling, female to female a nipple. */
export const sameGender: PairRule<'same-gender'> = {
  id: 'same-gender',
  decide: (pair) =>
    pair.kind === 'same-gender' ? doesNotStart(pair.gender === 'male' ? 'both-male' : 'both-female') : null,
};
