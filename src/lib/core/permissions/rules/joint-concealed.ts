import { allowed, allowedIf, ask, forbidden, type PermitRule } from '../permission.ts';
import { getJointFamily, type JointPlaced } from '../placed.ts';

/**
 * In walls, floors and chases: a taper joint is fine, what comes apart (unions, bushings, flares, compression, connectors) as the house rule
 * has it, and what a maker makes where the maker lists it for that. A repair may be an exception of the local code.
 */
export const jointConcealed: PermitRule<JointPlaced> = {
  id: 'joint-concealed',
  decide: ({ what, zone, rules }) => {
    if (zone !== 'concealed' && zone !== 'chase') return null;
    const family = getJointFamily(what);
    if (family === 'taper') return allowed;
    if (family !== 'comes-apart')
      return what.startsWith('press') || family === 'tubing-end' ? allowedIf('listed-concealed') : allowed;
    const { option } = rules.concealed;
    if (option === 'forbidden') return forbidden('comes-apart-concealed', 'concealed');
    if (option === 'repairs') return { ...allowedIf('only-in-a-repair'), by: 'concealed' };
    return option === 'allowed'
      ? { ...allowedIf('accessible'), by: 'concealed' }
      : { ...ask(), by: 'concealed' };
  },
};
