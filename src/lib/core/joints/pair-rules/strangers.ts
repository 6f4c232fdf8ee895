import { doesNotStart } from '../pair-verdict.ts';
import type { PairRule } from './pair-rule.ts';

/** Ends of which neither has anything to go into: socket and socket, socket and thread, half a union and anything else. */
export const strangers: PairRule<'strangers'> = {
  id: 'strangers',
  decide: (pair) => (pair.kind === 'strangers' ? doesNotStart('nothing-enters') : null),
};
