import { plainRule, type PlainChoice } from './house-rule.ts';

/** How many wraps of tape go on a taper thread. */
export const tapeWrapsRule = plainRule({
  id: 'tape-wraps',
  topic: 'joints',
  options: ['two-to-three', 'three', 'four-to-five', 'up-to-eight'],
  default: 'three',
  outrankedBy: ['maker'],
  mayAdd: false,
  version: 1,
});

/** Wraps to reckon tape by: the most of each school. */
const WRAPS: Readonly<Record<(typeof tapeWrapsRule)['options'][number], number>> = {
  'two-to-three': 3,
  three: 3,
  'four-to-five': 5,
  'up-to-eight': 8,
};

/** How many wraps a choice stands for. */
export const getWraps = ({ option }: PlainChoice<keyof typeof WRAPS>): number =>
  option === 'own' ? WRAPS[tapeWrapsRule.default] : WRAPS[option];
