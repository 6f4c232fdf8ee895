import { plainRule } from './house-rule.ts';

/** What finds a leak. */
export const leakFluidRule = plainRule({
  id: 'leak-fluid',
  topic: 'testing',
  options: ['proprietary', 'soap', 'freeze-proof'],
  default: 'proprietary',
  outrankedBy: [],
  mayAdd: true,
  version: 1,
});
