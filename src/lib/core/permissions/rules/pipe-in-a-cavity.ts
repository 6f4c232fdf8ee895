import { ask, forbidden, type PermitRule } from '../permission.ts';
import { getPipeFamily, type BodyPlaced } from '../placed.ts';

/** Lengthwise in the cavity of a wall no pipe runs under British rules; elsewhere it is asked. Across it a pipe passes a wall. */
export const pipeInACavity: PermitRule<BodyPlaced> = {
  id: 'pipe-in-a-cavity',
  decide: ({ what, zone, jurisdiction }) => {
    if (zone !== 'cavity' || getPipeFamily(what) === 'polyethylene') return null;
    return isBritish(jurisdiction) ? forbidden('lengthwise-in-cavity') : ask('maker-and-code');
  },
};

const isBritish = (jurisdiction: string): boolean => jurisdiction === 'uk' || jurisdiction === 'uk-vehicle';
