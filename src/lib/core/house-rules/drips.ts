import { plainRule } from './house-rule.ts';

/** Whether the gas brings liquid with it: then low points get drips, and pipe falls toward them. A drip is no sediment trap. */
export const dripsRule = plainRule({
  id: 'drips',
  topic: 'traps',
  options: ['dry-gas', 'wet-gas'],
  default: 'dry-gas',
  outrankedBy: ['local code'],
  mayAdd: false,
  version: 1,
});
