import { findTrapPlace } from '../passing.ts';
import { trapRule } from './trap-rule.ts';

/** A trap is rigid pipe: it hangs from no flexible connector. */
export const trapAfterConnector = trapRule({
  code: 'trap-after-connector',
  severity: 'stop',
  find: (drop) => {
    const trap = findTrapPlace(drop);
    return drop.passed.some(({ kind }, i) => kind === 'connector' && i < trap)
      ? { code: 'trap-after-connector' }
      : null;
  },
});
