import { STEEL_PRESS_SIZES } from '../tube-sizes.ts';
import { findSocketDepth } from './depths.ts';
import { USUAL, type Join } from './join.ts';

/** A gas-listed press fitting on steel pipe. */
export const pressSteel = {
  ...USUAL,
  tube: 'steel',
  nameTube: (size) => `${size} steel pipe`,
  kinds: ['coupling', 'slip-coupling', 'elbow-90', 'elbow-45', 'tee', 'cap', 'union', 'valve'],
  isMadeIn: (size) => (STEEL_PRESS_SIZES as readonly string[]).includes(size),
  steps: { coupling: 2, tee: 3 },
  metal: 'steel',
  socket: {
    how: 'press',
    joint: 'press',
    condition: 'press-tool-listed',
    endClass: 'press-socket',
    drawnAs: 'press',
  },
  findDepth: ({ depths }, size) => findSocketDepth(depths, 'press-steel', size),
  sheet: ['depth', 'spacing'],
  name: 'press',
  counterWords: 'press pressed steel pipe',
} as const satisfies Join;
