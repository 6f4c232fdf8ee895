import { ask, type PermitRule } from '../permission.ts';
import type { BodyPlaced } from '../placed.ts';

/** Where something shakes or moves, what is rigid cracks and what is flexible wears: how it is parted from it is asked, whatever it is. */
export const pipeThatShakes: PermitRule<BodyPlaced> = {
  id: 'pipe-that-shakes',
  decide: ({ zone }) => (zone === 'vibration' ? ask('moves-with-what-shakes') : null),
};
