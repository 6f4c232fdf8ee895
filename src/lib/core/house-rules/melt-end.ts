import { plainRule } from './house-rule.ts';

/** When heating ends. */
export const meltEndRule = plainRule({
  id: 'melt-end',
  topic: 'polyethylene',
  options: ['bead', 'time'],
  default: 'bead',
  outrankedBy: ['maker'],
  mayAdd: true,
  version: 1,
});
