import { capillary } from './capillary.ts';
import { findSocketDepth } from './depths.ts';
import type { Join } from './join.ts';

/** Copper in a socket that is brazed: what differs from a capillary one is the heat, not the shape. */
export const brazed = {
  ...capillary,
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
