import { carryTerminals, isObject } from './step.ts';

/** As version 7 has it: every later step must find what this one wrote, whatever a plate has come to hold since. */
const NO_PLATE = {
  what: null,
  ownKind: '',
  input: null,
  gas: null,
  pressure: null,
  hasTrap: null,
  moves: null,
  hasShutOff: null,
  floor: null,
};

const addPlateTo = (terminal: unknown): unknown =>
  isObject(terminal) && terminal['kind'] === 'appliance' && !('plate' in terminal)
    ? { ...terminal, plate: NO_PLATE }
    : terminal;

/** Appliances say what stands on their plate; legs may be flexible connectors. Older appliances say nothing, older legs are none. */
export const to7 = carryTerminals(addPlateTo);
