import { allowedIf, ask, type PermitRule } from '../permission.ts';
import type { PartPlaced } from '#core/catalogue';

/** In a vehicle what is shut or opened can be reached; elsewhere than under rules for vehicles it is asked. */
export const partInAVehicle: PermitRule<PartPlaced> = {
  id: 'part-in-a-vehicle',
  decide: ({ zone, jurisdiction }) => {
    if (zone !== 'vehicle') return null;
    return jurisdiction === 'uk-vehicle' ? allowedIf('accessible') : ask('maker-and-code');
  },
};
