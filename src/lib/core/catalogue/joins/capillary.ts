import { isCopperBetween, nameCopper } from './copper-tube.ts';
import { findSocketDepth } from './depths.ts';
import { USUAL, type Join } from './join.ts';

/** Copper in a capillary fitting, soft soldered: where gas may be joined so at all is the local rule’s to say. */
export const capillary = {
  ...USUAL,
  tube: 'copper',
  nameTube: nameCopper,
  kinds: ['coupling', 'elbow-90', 'elbow-45', 'tee', 'cap'],
  isMadeIn: (size) => isCopperBetween(size, 0.25, 2.125),
  steps: { coupling: 3, 'elbow-90': 1, tee: 3 },
  metal: 'copper',
  socket: {
    how: 'capillary',
    joint: 'capillary',
    condition: 'solder-qualified',
    endClass: 'capillary-socket',
    drawnAs: 'solder',
  },
  findDepth: ({ depths }, size) => findSocketDepth(depths, 'capillary', size),
  sheet: ['depth'],
  name: 'solder',
  counterWords: 'solder sweat capillary soldered copper tube',
} as const satisfies Join;
