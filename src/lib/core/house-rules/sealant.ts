import { plainRule } from './house-rule.ts';

/** What goes on a taper thread. */
export const sealantRule = plainRule({
  id: 'sealant',
  topic: 'joints',
  options: ['tape', 'compound', 'both', 'cord'],
  default: 'both',
  outrankedBy: ['local code', 'maker'],
  mayAdd: true,
  version: 1,
});
