import { plainRule } from './house-rule.ts';

/** How polyethylene is joined. */
export const joiningPeRule = plainRule({
  id: 'joining-pe',
  topic: 'polyethylene',
  options: ['fusion', 'stab', 'either'],
  default: 'either',
  outrankedBy: ['local code', 'maker'],
  mayAdd: true,
  version: 1,
});
