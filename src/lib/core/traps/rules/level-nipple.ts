import { trapRule } from './trap-rule.ts';

/** Grit does not fall into a nipple that lies level, or hangs at a slant. */
export const levelNipple = trapRule({
  code: 'level-nipple',
  severity: 'stop',
  find: ({ trap }) => (trap.verdict === 'level-nipple' ? { code: 'level-nipple' } : null),
});
