import { ask, forbidden, type PermitRule } from '../permission.ts';
import { getJointFamily, type JointPlaced } from '../placed.ts';

/** In a cavity nothing that comes apart, whatever the house lets be concealed; other joints as the pipe there: forbidden under British rules, asked elsewhere. */
export const jointInACavity: PermitRule<JointPlaced> = {
  id: 'joint-in-a-cavity',
  decide: ({ what, zone, jurisdiction }) => {
    if (zone !== 'cavity') return null;
    if (jurisdiction === 'uk' || jurisdiction === 'uk-vehicle') return forbidden('lengthwise-in-cavity');
    return getJointFamily(what) === 'comes-apart' ? forbidden('must-be-reached') : ask('maker-and-code');
  },
};
