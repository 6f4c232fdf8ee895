import { plainRule } from './house-rule.ts';

/** By what a taper joint is judged tight. */
export const howTightRule = plainRule({
  id: 'how-tight',
  topic: 'joints',
  options: ['window', 'threads-left', 'feel'],
  default: 'window',
  outrankedBy: ['maker'],
  mayAdd: false,
  version: 1,
});
