import { isCopperBetween, nameCopper } from './copper-tube.ts';
import { findSocketDepth } from './depths.ts';
import { USUAL, type Join } from './join.ts';

/** Copper in a socket that is brazed: what differs from a capillary one is the heat, not the shape. */
export const brazed = {
  ...USUAL,
  tube: 'copper',
  nameTube: nameCopper,
  kinds: ['coupling', 'elbow-90', 'elbow-45', 'tee', 'cap'],
  isMadeIn: (size) => isCopperBetween(size, 0.25, 2.125),
  steps: { coupling: 3, 'elbow-90': 1, tee: 3 },
  metal: 'copper',
  socket: {
    how: 'brazed',
    joint: 'brazed',
    condition: 'braze-qualified',
    endClass: 'brazed-socket',
    drawnAs: 'solder',
  },
  findDepth: ({ depths }, size) => findSocketDepth(depths, 'brazed', size),
  name: 'brazing',
  counterWords: 'brazing braze brazed copper tube',
} as const satisfies Join;
