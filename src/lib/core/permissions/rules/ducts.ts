import { forbidden, type PermitRuling, type PlaceQuestion } from '../permission.ts';

/** No gas pipe, and no joint of one, in an air duct, a chimney, a flue, a laundry chute or a lift shaft: everywhere. */
export const ducts = {
  id: 'ducts',
  decide: ({ zone }: PlaceQuestion): PermitRuling | null =>
    zone === 'duct' ? forbidden('never-in-ducts') : null,
};
