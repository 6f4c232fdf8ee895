import type { HouseRule } from './house-rule.ts';

export type LengthMethodOption = 'both' | 'centre-minus-allowances' | 'face-plus-make-in';

/** Which working is shown for a cut length. Both give the same figure; showing both is a check. */
export const lengthMethodRule: HouseRule<'length-method', LengthMethodOption> = {
  id: 'length-method',
  topic: 'lengths',
  options: ['both', 'centre-minus-allowances', 'face-plus-make-in'],
  default: 'both',
  outrankedBy: [],
  version: 1,
};
