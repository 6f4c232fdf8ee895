import { allowedIf, ask, type PermitRule } from '../permission.ts';
import { getPipeFamily, type BodyPlaced } from '../placed.ts';

/** In wet or salty air steel is protected, copper kept from other metals; salt eats stainless tubing where its jacket is open: asked. */
export const pipeInTheWet: PermitRule<BodyPlaced> = {
  id: 'pipe-in-the-wet',
  decide: ({ what, zone }) => {
    if (zone !== 'wet') return null;
    const family = getPipeFamily(what);
    if (family === 'csst') return ask('chlorides');
    return family === 'copper' ? allowedIf('no-dissimilar-metal') : allowedIf('corrosion-protected');
  },
};
