import { plainRule } from './house-rule.ts';

/** Whether a trap in the straight run counts. */
export const straightTrapRule = plainRule({
  id: 'straight-trap',
  topic: 'traps',
  options: ['never-counts', 'tolerated'],
  default: 'never-counts',
  outrankedBy: ['local code'],
  mayAdd: true,
  version: 1,
});
