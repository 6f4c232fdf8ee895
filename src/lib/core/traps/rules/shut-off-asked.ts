import { findShutOff } from '../shut-off.ts';
import { trapRule } from './trap-rule.ts';

/** How near the shut-off has to be, or is, nobody said: it is asked. */
export const shutOffAsked = trapRule({
  code: 'shut-off-asked',
  severity: 'ask',
  find: (drop) => {
    const fault = findShutOff(drop)?.fault;
    return fault?.code === 'shut-off-asked' ? fault : null;
  },
});
