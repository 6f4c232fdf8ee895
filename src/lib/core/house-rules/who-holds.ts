import { plainRule } from './house-rule.ts';

/** What holds the part that is made already. */
export const whoHoldsRule = plainRule({
  id: 'who-holds',
  topic: 'joints',
  options: ['second-wrench', 'vise', 'first-without'],
  default: 'second-wrench',
  outrankedBy: [],
  mayAdd: true,
  version: 1,
});
