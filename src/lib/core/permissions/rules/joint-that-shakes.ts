import { ask, type PermitRule } from '../permission.ts';
import type { JointPlaced } from '../placed.ts';

/** A joint that is shaken works loose: what holds it still is asked. */
export const jointThatShakes: PermitRule<JointPlaced> = {
  id: 'joint-that-shakes',
  decide: ({ zone }) => (zone === 'vibration' ? ask('moves-with-what-shakes') : null),
};
