import { forbidden, type PermitRule } from '../permission.ts';
import type { PartPlaced } from '#core/catalogue';
import { isOutOfReach } from '../zone.ts';

/** What is shut, opened or read is reached without breaking anything up: valves, caps and drips, regulators. No house rule changes that. */
export const partReached: PermitRule<PartPlaced> = {
  id: 'part-reached',
  decide: ({ zone }) => (isOutOfReach(zone) ? forbidden('must-be-reached') : null),
};
