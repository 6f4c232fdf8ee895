import { trapRule } from './trap-rule.ts';

/** A plug in the tee itself, or a cap without pipe between, leaves no pocket: too short by any rule. */
export const plugNoNipple = trapRule({
  code: 'plug-no-nipple',
  severity: 'stop',
  find: ({ trap: { nipple } }) =>
    nipple.piece === null && nipple.closedBy !== 'nothing' ? { code: 'plug-no-nipple' } : null,
});
