import { plainRule } from './house-rule.ts';

/** Which jacket of CSST. */
export const csstJacketRule = plainRule({
  id: 'csst-jacket',
  topic: 'csst',
  options: ['yellow', 'black', 'either'],
  default: 'either',
  outrankedBy: ['local code', 'maker'],
  mayAdd: true,
  version: 1,
});
