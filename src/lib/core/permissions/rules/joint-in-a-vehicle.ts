import { allowedIf, ask, type PermitRule } from '../permission.ts';
import { getJointFamily, type JointPlaced } from '../placed.ts';

/** In a vehicle every joint outside the compartment is counted and can be reached; what is not usual there is asked. */
export const jointInAVehicle: PermitRule<JointPlaced> = {
  id: 'joint-in-a-vehicle',
  decide: ({ what, zone, jurisdiction }) => {
    if (zone !== 'vehicle') return null;
    const family = getJointFamily(what);
    const isUsual = family === 'taper' || family === 'comes-apart';
    return jurisdiction === 'uk-vehicle' && isUsual
      ? allowedIf('accessible', 'counted')
      : ask('maker-and-code');
  },
};
