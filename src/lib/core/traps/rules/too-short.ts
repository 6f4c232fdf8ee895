import { getLeastLength, getMeasured } from '../least-length.ts';
import { getTrapLengths } from '../trap-lengths.ts';
import { trapRule } from './trap-rule.ts';

/** Shorter than the house asks, measured the way the house measures it. */
export const tooShort = trapRule({
  code: 'too-short',
  severity: 'stop',
  find: ({ trap, layout: { rules } }) => {
    const least = getLeastLength(rules);
    const measured = getMeasured(rules);
    const has = getTrapLengths(trap)[measured];
    return least !== null && has !== null && has < least ? { code: 'too-short', measured, has, least } : null;
  },
});
