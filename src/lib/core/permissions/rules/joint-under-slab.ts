import { forbidden, type PermitRule } from '../permission.ts';
import type { JointPlaced } from '../placed.ts';

/** No joint lies under a building: what leaks there is found last. */
export const jointUnderSlab: PermitRule<JointPlaced> = {
  id: 'joint-under-slab',
  decide: ({ zone }) => (zone === 'under-slab' ? forbidden('no-joint-under-slab') : null),
};
