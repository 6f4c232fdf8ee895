import type { Join } from '#core/catalogue';
import { millimetres } from '#core/units';
import { USUAL } from '../../../src/lib/core/catalogue/joins/join.ts';

const SIZES: readonly string[] = ['1/2', '3/4', '1'];

/** A way of joining that no counter has: a ring that is cranked on, 20 mm deep. Its file would hold this. */
export const toyRing = {
  ...USUAL,
  tube: 'steel',
  nameTube: (size) => `${size} steel pipe`,
  kinds: ['coupling', 'elbow-90', 'tee', 'cap'],
  isMadeIn: (size) => SIZES.includes(size),
  steps: { tee: 1 },
  metal: 'steel',
  socket: {
    how: 'press',
    joint: 'press',
    condition: 'press-tool-listed',
    endClass: 'press-socket',
    drawnAs: 'press',
  },
  findDepth: () => ({ standing: 'entered', length: millimetres(20), by: 'the test' }),
  name: 'cranked',
  kindNames: { coupling: 'sleeve' },
  counterWords: 'cranked steel',
} as const satisfies Join;
