import { plainRule } from './house-rule.ts';

/** Whether unions, bushings, flares, compression joints and right-and-left couplings may be concealed. */
export const concealedRule = plainRule({
  id: 'concealed',
  topic: 'materials',
  options: ['forbidden', 'repairs', 'allowed'],
  default: 'forbidden',
  outrankedBy: ['local code'],
  mayAdd: true,
  version: 2,
});
