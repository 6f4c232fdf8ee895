import { findFloorPoint } from '../room-under-cap.ts';
import { trapRule } from './trap-rule.ts';

/** How much room there is under the cap was not measured. */
export const roomUnknown = trapRule({
  code: 'room-unknown',
  severity: 'note',
  find: (drop) =>
    drop.appliance.plate.floor === null && findFloorPoint(drop) === 'inlet' ? { code: 'room-unknown' } : null,
});
