import { askFirst } from '../pair-verdict.ts';
import type { PairRule } from './pair-rule.ts';

/** An end that is not known is asked about, never taken for fine. */
export const unknownEnd: PairRule<'unknown-end'> = {
  id: 'unknown-end',
  decide: (pair) => (pair.kind === 'unknown' ? askFirst('end-unknown') : null),
};
