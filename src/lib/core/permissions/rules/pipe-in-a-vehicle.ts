import { allowedIf, ask, type PermitRule } from '../permission.ts';
import { getPipeFamily, type BodyPlaced } from '../placed.ts';

/** In a vehicle copper and steel are clipped closely and pass every edge in a grommet; whatever else, and elsewhere, is asked. */
export const pipeInAVehicle: PermitRule<BodyPlaced> = {
  id: 'pipe-in-a-vehicle',
  decide: ({ what, zone, jurisdiction }) => {
    if (zone !== 'vehicle') return null;
    const family = getPipeFamily(what);
    const isUsual = family === 'copper' || family === 'steel';
    return jurisdiction === 'uk-vehicle' && isUsual ? allowedIf('clips-and-grommets') : ask('maker-and-code');
  },
};
