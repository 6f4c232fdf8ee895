import { trapRule } from './trap-rule.ts';

/** A union before every shut-off of the drop stands under gas when it is opened. */
export const unionBeforeShutOff = trapRule({
  code: 'union-before-shut-off',
  severity: 'stop',
  find: (drop) => {
    const shutOff = drop.passed.findIndex(({ kind }) => kind === 'valve');
    const union = drop.passed.findIndex(({ kind }) => kind === 'union');
    return shutOff >= 0 && union >= 0 && union < shutOff ? { code: 'union-before-shut-off' } : null;
  },
});
