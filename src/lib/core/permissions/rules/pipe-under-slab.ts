import { allowedIf, ask, type PermitRule } from '../permission.ts';
import { getPipeFamily, type BodyPlaced } from '../placed.ts';

/** Under a building pipe lies in a conduit that is vented outdoors, by the model codes of North America; elsewhere it is asked. */
export const pipeUnderSlab: PermitRule<BodyPlaced> = {
  id: 'pipe-under-slab',
  decide: ({ what, zone, jurisdiction }) => {
    if (zone !== 'under-slab') return null;
    const isNorthAmerican = jurisdiction === 'us-model' || jurisdiction === 'canada';
    return isNorthAmerican && getPipeFamily(what) === 'steel'
      ? allowedIf('vented-conduit', 'coated')
      : ask('maker-and-code');
  },
};
