import { trapRule } from './trap-rule.ts';

/** A nipple that points up holds nothing. */
export const upsideDown = trapRule({
  code: 'upside-down',
  severity: 'stop',
  find: ({ trap }) => (trap.verdict === 'upside-down' ? { code: 'upside-down' } : null),
});
