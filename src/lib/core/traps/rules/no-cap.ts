import { trapRule } from './trap-rule.ts';

/** An open nipple is an open outlet. */
export const noCap = trapRule({
  code: 'no-cap',
  severity: 'stop',
  find: ({ trap }) => (trap.nipple.closedBy === 'nothing' ? { code: 'no-cap' } : null),
});
