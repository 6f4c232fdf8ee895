import { plainRule } from './house-rule.ts';

/** How copper tube is bent. */
export const bendingRule = plainRule({
  id: 'bending',
  topic: 'copper',
  options: ['bender', 'by-hand'],
  default: 'bender',
  outrankedBy: ['maker'],
  mayAdd: false,
  version: 1,
});
