import { carryTerminals, isObject } from './step.ts';

const addFloorPointTo = (terminal: unknown): unknown => {
  const plate = isObject(terminal) ? terminal['plate'] : null;
  const floor = isObject(plate) ? plate['floor'] : null;
  return isObject(terminal) && isObject(plate) && isObject(floor) && !('from' in floor)
    ? { ...terminal, plate: { ...plate, floor: { from: 'inlet', ...floor } } }
    : terminal;
};

/** A floor says whence it was measured. Older ones were measured from the inlet, over a connector too. */
export const to12 = carryTerminals(addFloorPointTo);
