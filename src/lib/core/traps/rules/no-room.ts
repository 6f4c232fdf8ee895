import { findRoom } from '../room-under-cap.ts';
import { trapRule } from './trap-rule.ts';

/** A cap is unscrewed downward by what it is engaged, and a wrench goes under it. */
export const noRoom = trapRule({
  code: 'no-room',
  severity: 'stop',
  find: (drop) => {
    const { has, needs } = findRoom(drop);
    return has !== null && needs !== null && has < needs ? { code: 'no-room', has, needs } : null;
  },
});
