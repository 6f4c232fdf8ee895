import { allowedIf, ask, type PermitRule } from '../permission.ts';
import { getPipeFamily, type BodyPlaced } from '../placed.ts';

/** Nothing of steel lies bare in the ground; tubing only in a conduit its maker lists for it; copper by the local code. */
export const pipeInTheGround: PermitRule<BodyPlaced> = {
  id: 'pipe-in-the-ground',
  decide: ({ what, zone }) => {
    if (zone !== 'buried') return null;
    const family = getPipeFamily(what);
    if (family === 'steel') return allowedIf('coated', 'tested-before-fill');
    return family === 'csst' ? allowedIf('listed-sleeve', 'bonded') : ask('maker-and-code');
  },
};
