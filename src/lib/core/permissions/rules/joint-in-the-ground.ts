import { allowedIf, ask, forbidden, type PermitRule } from '../permission.ts';
import { getJointFamily, type JointPlaced } from '../placed.ts';

/** In the ground nothing that comes apart, and no end of tubing; a thread is coated; what is made for good is asked. */
export const jointInTheGround: PermitRule<JointPlaced> = {
  id: 'joint-in-the-ground',
  decide: ({ what, zone }) => {
    if (zone !== 'buried') return null;
    const family = getJointFamily(what);
    if (family === 'taper') return allowedIf('coated', 'tested-before-fill');
    if (family === 'comes-apart') return forbidden('comes-apart-in-ground');
    return family === 'tubing-end' ? forbidden('not-for-the-ground') : ask('maker-and-code');
  },
};
