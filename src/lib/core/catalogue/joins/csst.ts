import { CSST_SIZES } from '../tube-sizes.ts';
import { findSocketDepth } from './depths.ts';
import { USUAL, type Join } from './join.ts';

/** An end fitting of the tubing’s maker: no other maker’s goes on it. */
export const csstFitting = {
  ...USUAL,
  tube: 'csst',
  nameTube: (size) => `${size} CSST`,
  kinds: ['coupling', 'tee', 'manifold'],
  adapters: ['adapter', 'flange'],
  isMadeIn: (size) => (CSST_SIZES as readonly string[]).includes(size),
  steps: { coupling: 1, tee: 2, manifold: 2 },
  metal: 'brass',
  socket: {
    how: 'csst-fitting',
    joint: 'csst',
    condition: 'makers-own-fitting',
    endClass: 'csst-socket',
    drawnAs: 'csst',
  },
  findDepth: ({ depths }, size) => findSocketDepth(depths, 'csst', size),
  sheet: ['depth', 'fitting', 'leastRadius', 'radius', 'torque'],
  name: 'CSST',
  saysMetal: false,
  counterWords: 'csst corrugated tubing',
} as const satisfies Join;
