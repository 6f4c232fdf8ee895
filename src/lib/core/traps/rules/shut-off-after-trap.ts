import { findTrapPlace } from '../passing.ts';
import { trapRule } from './trap-rule.ts';

/** A shut-off after the trap leaves the trap under gas when it is shut. */
export const shutOffAfterTrap = trapRule({
  code: 'shut-off-after-trap',
  severity: 'stop',
  find: (drop) => {
    const trap = findTrapPlace(drop);
    return drop.passed.some(({ kind }, i) => kind === 'valve' && i > trap)
      ? { code: 'shut-off-after-trap' }
      : null;
  },
});
