import { plainRule } from './house-rule.ts';

/** Where a wrench may grip a fitting. */
export const grippingRule = plainRule({
  id: 'gripping',
  topic: 'joints',
  options: ['band', 'threaded-lever'],
  default: 'band',
  outrankedBy: ['maker'],
  mayAdd: true,
  version: 1,
});
