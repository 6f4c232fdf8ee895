import { findRoom } from '../room-under-cap.ts';
import { trapRule } from './trap-rule.ts';

/** How much room there is under the cap was not measured. */
export const roomUnknown = trapRule({
  code: 'room-unknown',
  severity: 'note',
  find: (drop) => {
    const { has, needs } = findRoom(drop);
    return has === null || needs === null ? { code: 'room-unknown' } : null;
  },
});
