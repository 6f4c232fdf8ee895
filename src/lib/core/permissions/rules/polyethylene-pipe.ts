import { allowedIf, forbidden, type PermitRule } from '../permission.ts';
import { getPipeFamily, type BodyPlaced } from '../placed.ts';

/** Polyethylene runs in the ground, outdoors; above it only inside a riser; under a building only in a listed sleeve. */
export const polyethylenePipe: PermitRule<BodyPlaced> = {
  id: 'polyethylene-pipe',
  decide: ({ what, zone }) => {
    if (getPipeFamily(what) !== 'polyethylene') return null;
    if (zone === 'buried') return allowedIf('cover-and-tracer', 'tested-before-fill');
    return zone === 'under-slab' ? allowedIf('listed-sleeve') : forbidden('only-in-the-ground');
  },
};
