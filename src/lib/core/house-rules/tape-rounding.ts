import type { TapeGraduation } from '#core/units';
import type { HouseRule } from './house-rule.ts';

/** The graduation cut lengths are put on: the one rounding there is. */
export const tapeRoundingRule: HouseRule<'tape-rounding', TapeGraduation> = {
  id: 'tape-rounding',
  topic: 'lengths',
  options: ['1/8', '1/16', '1/32', '1 mm'],
  default: '1/16',
  outrankedBy: [],
  version: 1,
};
