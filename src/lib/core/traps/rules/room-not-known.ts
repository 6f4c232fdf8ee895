import { findFloorPoint, findRoom } from '../room-under-cap.ts';
import { trapRule } from './trap-rule.ts';

/** Over a connector, or a leg without its length, a floor measured from the inlet says nothing of the cap: it is asked. */
export const roomNotKnown = trapRule({
  code: 'room-not-known',
  severity: 'ask',
  find: (drop) => {
    const over = findFloorPoint(drop) === 'pipe-end' ? 'connector' : 'leg';
    if (drop.appliance.plate.floor === null && over === 'leg') return null;
    return findRoom(drop).isUntied ? { code: 'room-not-known', over } : null;
  },
});
