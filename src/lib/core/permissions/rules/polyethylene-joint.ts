import { allowedIf, forbidden, type PermitRule } from '../permission.ts';
import { getJointFamily, type JointPlaced } from '../placed.ts';

/** Fused or stabbed: in the ground, tested before it is covered. */
export const polyethyleneJoint: PermitRule<JointPlaced> = {
  id: 'polyethylene-joint',
  decide: ({ what, zone }) => {
    if (getJointFamily(what) !== 'polyethylene') return null;
    return zone === 'buried' ? allowedIf('tested-before-fill') : forbidden('only-in-the-ground');
  },
};
