import { findShutOff } from '../passing.ts';
import { trapRule } from './trap-rule.ts';

/** A union before the shut-off stands under gas when it is opened. */
export const unionBeforeShutOff = trapRule({
  code: 'union-before-shut-off',
  severity: 'stop',
  find: (drop) => {
    const shutOff = findShutOff(drop);
    const union = drop.passed.findIndex(({ kind }) => kind === 'union');
    return shutOff !== null && union >= 0 && union < shutOff ? { code: 'union-before-shut-off' } : null;
  },
});
