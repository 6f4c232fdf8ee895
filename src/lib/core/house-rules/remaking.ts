import { plainRule } from './house-rule.ts';

/** Whether a taper joint is made again. */
export const remakingRule = plainRule({
  id: 'remaking',
  topic: 'joints',
  options: ['never', 'once-if-clean'],
  default: 'once-if-clean',
  outrankedBy: ['local code', 'maker'],
  mayAdd: true,
  version: 1,
});
