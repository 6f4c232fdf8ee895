import { allowed, allowedIf, ask, type PermitRule } from '../permission.ts';
import { getJointFamily, type JointPlaced } from '../placed.ts';

/** Seen indoors a joint that makes is fine; outdoors and in the wet its metal is kept from rust, and tubing's jacket closed up to its fitting. */
export const jointInTheOpen: PermitRule<JointPlaced> = {
  id: 'joint-in-the-open',
  decide: ({ what, zone }) => {
    if (zone === 'indoors') return allowed;
    if (zone !== 'outdoors' && zone !== 'wet') return null;
    const family = getJointFamily(what);
    if (family === 'tubing-end') return zone === 'wet' ? ask('chlorides') : allowedIf('jacket-whole');
    return family === 'taper' || what === 'press-steel' ? allowedIf('corrosion-protected') : allowed;
  },
};
