import { findShutOff } from '../shut-off.ts';
import { trapRule } from './trap-rule.ts';

/** A shut-off that no hand gets at closes nothing. */
export const shutOffUnreached = trapRule({
  code: 'shut-off-unreached',
  severity: 'stop',
  find: (drop) => {
    const fault = findShutOff(drop)?.fault;
    return fault?.code === 'shut-off-unreached' ? fault : null;
  },
});
