import { trapRule } from './trap-rule.ts';

/** In by the branch and out by the top the gas turns, but is lifted: the inspector is asked. */
export const turnsButRises = trapRule({
  code: 'turns-but-rises',
  severity: 'ask',
  find: ({ trap }) => (trap.verdict === 'turns-but-rises' ? { code: 'turns-but-rises' } : null),
});
