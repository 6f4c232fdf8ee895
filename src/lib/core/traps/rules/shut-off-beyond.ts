import { findShutOff } from '../shut-off.ts';
import { trapRule } from './trap-rule.ts';

/** Whoever stands at the appliance does not see a shut-off behind a floor or a wall. */
export const shutOffBeyond = trapRule({
  code: 'shut-off-beyond',
  severity: 'stop',
  find: (drop) => {
    const fault = findShutOff(drop)?.fault;
    return fault?.code === 'shut-off-beyond' ? fault : null;
  },
});
