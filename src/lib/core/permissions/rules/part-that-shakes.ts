import { ask, type PermitRule } from '../permission.ts';
import type { PartPlaced } from '#core/catalogue';

/** A valve that is shaken opens, a cap works loose: what holds it still is asked. */
export const partThatShakes: PermitRule<PartPlaced> = {
  id: 'part-that-shakes',
  decide: ({ zone }) => (zone === 'vibration' ? ask('moves-with-what-shakes') : null),
};
