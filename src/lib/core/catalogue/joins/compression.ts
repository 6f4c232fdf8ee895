import { isCopperBetween, nameCopper } from './copper-tube.ts';
import { findSocketDepth } from './depths.ts';
import { USUAL, type Join } from './join.ts';

/** An olive crushed to the tube in the body of the fitting. */
export const compression = {
  ...USUAL,
  tube: 'copper',
  nameTube: nameCopper,
  kinds: ['coupling', 'elbow-90', 'tee', 'cap', 'valve', 'reducing-set'],
  isMadeIn: (size) => isCopperBetween(size, 0.125, 0.875),
  steps: { coupling: 3, 'elbow-90': 1, tee: 3, 'reducing-set': 3 },
  metal: 'brass',
  socket: {
    how: 'compression-body',
    joint: 'compression',
    condition: 'olive-on-tube',
    endClass: 'compression-body',
    drawnAs: 'olive',
  },
  findDepth: ({ depths }, size) => findSocketDepth(depths, 'compression', size),
  sheet: ['depth', 'torque'],
  name: 'compression',
  counterWords: 'compression olive ferrule od copper tube',
} as const satisfies Join;
