import { plainRule } from './house-rule.ts';

/** How long the nipple of a sediment trap is. */
export const trapNippleRule = plainRule({
  id: 'trap-nipple',
  topic: 'traps',
  options: ['any', 'three-inch', 'four-inch'],
  default: 'four-inch',
  outrankedBy: ['local code'],
  mayAdd: true,
  version: 1,
});
