import { trapRule } from './trap-rule.ts';

/** Where no tee stands yet its ports say nothing. */
export const portsUnclear = trapRule({
  code: 'ports-unclear',
  severity: 'ask',
  find: ({ trap }) => (trap.use === null ? { code: 'ports-unclear' } : null),
});
