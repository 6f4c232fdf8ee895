import { plainRule } from './house-rule.ts';

/** Whether unions and bushings may be concealed. */
export const concealedRule = plainRule({
  id: 'concealed',
  topic: 'materials',
  options: ['forbidden', 'allowed'],
  default: 'forbidden',
  outrankedBy: ['local code'],
  mayAdd: true,
  version: 1,
});
