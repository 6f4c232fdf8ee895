import { isPeSize } from '../tube-sizes.ts';
import { findSocketDepth } from './depths.ts';
import { USUAL, type Join } from './join.ts';

/** Polyethylene pushed into a coupling with O-rings, over a stiffener. */
export const stab = {
  ...USUAL,
  tube: 'polyethylene',
  nameTube: (size) => size,
  kinds: ['coupling', 'elbow-90', 'elbow-45', 'tee', 'cap'],
  adapters: ['adapter', 'riser'],
  isMadeIn: isPeSize,
  steps: { coupling: 1, tee: 1 },
  metal: 'polyethylene',
  adapterMetal: 'steel',
  socket: {
    how: 'stab',
    joint: 'pe-stab',
    condition: 'stiffener-and-depth',
    endClass: 'stab-socket',
    drawnAs: 'stab',
  },
  findDepth: ({ depths }, size) => findSocketDepth(depths, 'stab', size),
  sheet: ['depth'],
  name: 'stab',
  counterWords: 'stab pe poly polyethylene plastic',
} as const satisfies Join;
