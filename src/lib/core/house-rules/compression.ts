import { plainRule } from './house-rule.ts';

/** Whether compression fittings carry gas. */
export const compressionRule = plainRule({
  id: 'compression',
  topic: 'materials',
  options: ['forbidden', 'copper-olives', 'accessible'],
  default: 'forbidden',
  outrankedBy: ['local code', 'maker'],
  mayAdd: true,
  version: 1,
});
