import { trapRule } from './trap-rule.ts';

/** A nipple of unknown length is held against nothing. */
export const nippleNotMeasured = trapRule({
  code: 'nipple-not-measured',
  severity: 'ask',
  find: ({ trap: { nipple } }) =>
    nipple.piece !== null && nipple.length === null ? { code: 'nipple-not-measured' } : null,
});
