import { findShutOff } from '../shut-off.ts';
import { trapRule } from './trap-rule.ts';

/** A shut-off that has to be looked for is none: it stands within the reach the house says, along the pipe. */
export const shutOffFar = trapRule({
  code: 'shut-off-far',
  severity: 'stop',
  find: (drop) => {
    const fault = findShutOff(drop)?.fault;
    return fault?.code === 'shut-off-far' ? fault : null;
  },
});
