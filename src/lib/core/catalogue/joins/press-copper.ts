import type { CopperSize } from '#core/ends';
import { getNominalOfOutside } from '../tube-sizes.ts';
import { isCopperBetween } from './copper-tube.ts';
import { findSocketDepth } from './depths.ts';
import { USUAL, type Join } from './join.ts';

/** A gas-listed press fitting on copper. It goes by the nominal size that the counter uses: its tube is plumbing tube. */
export const pressCopper = {
  ...USUAL,
  tube: 'copper',
  nameTube: (size) => getNominalOfOutside(size as CopperSize),
  kinds: ['coupling', 'slip-coupling', 'elbow-90', 'elbow-45', 'tee', 'cap', 'union', 'valve'],
  isMadeIn: (size) =>
    isCopperBetween(size, 0.625, 2.125) || (size.endsWith(' mm') && isCopperBetween(size, 0.58, 2.2)),
  steps: { coupling: 2, tee: 3 },
  metal: 'copper',
  socket: {
    how: 'press-copper',
    joint: 'press',
    condition: 'press-tool-listed',
    endClass: 'press-socket',
    drawnAs: 'press',
  },
  findDepth: ({ depths }, size) => findSocketDepth(depths, 'press-copper', size),
  sheet: ['depth', 'spacing'],
  name: 'press',
  isNominal: true,
  counterWords: 'press pressed copper tube nominal',
} as const satisfies Join;
