import { findShutOff } from '../shut-off.ts';
import { trapRule } from './trap-rule.ts';

/** Without a shut-off of its own before it a trap cannot be opened to be emptied. */
export const noShutOff = trapRule({
  code: 'no-shut-off',
  severity: 'stop',
  find: (drop) => (findShutOff(drop) === null ? { code: 'no-shut-off' } : null),
});
