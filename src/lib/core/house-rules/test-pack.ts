import { plainRule } from './house-rule.ts';

/** By which table a line is tested. */
export const testPackRule = plainRule({
  id: 'test-pack',
  topic: 'testing',
  options: ['by-jurisdiction', 'ask'],
  default: 'by-jurisdiction',
  outrankedBy: ['local code'],
  mayAdd: true,
  version: 1,
});
