import { ask, allowed, allowedIf, forbidden, type PermitRule } from '../permission.ts';
import type { PartPlaced } from '#core/catalogue';
import { isOutOfReach } from '../zone.ts';

/**
 * Connectors and hoses are seen from end to end, whatever the house lets be concealed; outdoors only where they are listed for it; in the wet
 * as corrugated tubing is.
 */
export const flexiblePart: PermitRule<PartPlaced> = {
  id: 'flexible-part',
  decide: ({ what, zone, jurisdiction }) => {
    if (what !== 'connector' && what !== 'hose') return null;
    if (isOutOfReach(zone)) return forbidden('flexible-in-sight');
    if (zone === 'outdoors') return allowedIf('listed-outdoors');
    if (zone === 'wet') return ask('chlorides');
    if (zone === 'vibration') return ask('moves-with-what-shakes');
    if (zone !== 'vehicle') return zone === 'indoors' ? allowed : null;
    return jurisdiction === 'uk-vehicle' && what === 'hose'
      ? allowedIf('accessible', 'counted')
      : ask('maker-and-code');
  },
};
