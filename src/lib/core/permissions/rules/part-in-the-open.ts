import { allowed, allowedIf, type PermitCondition, type PermitRule } from '../permission.ts';
import type { PartPlaced } from '#core/catalogue';

/** In sight a valve or a cap is fine, outdoors and in the wet kept from rust; a regulator breathes by a vent, wherever it is. */
export const partInTheOpen: PermitRule<PartPlaced> = {
  id: 'part-in-the-open',
  decide: ({ what, zone }) => {
    if (zone !== 'indoors' && zone !== 'outdoors' && zone !== 'wet') return null;
    const wants: PermitCondition[] = [
      ...(zone === 'indoors' ? [] : (['corrosion-protected'] as const)),
      ...(what === 'regulator' ? (['vent-led'] as const) : []),
    ];
    return wants.length > 0 ? allowedIf(...wants) : allowed;
  },
};
