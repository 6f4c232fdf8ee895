import type { PipeFamily } from '#core/materials';
import { allowed, allowedIf, type PermitRule, type PermitRuling } from '../permission.ts';
import { getPipeFamily, type BodyPlaced } from '../placed.ts';

type Family = Exclude<PipeFamily, 'polyethylene'>;

const OUTDOORS: Readonly<Record<Family, PermitRuling>> = {
  steel: allowedIf('corrosion-protected'),
  'pressed-steel': allowedIf('corrosion-protected'),
  csst: allowedIf('bonded', 'jacket-whole', 'guarded'),
  copper: allowedIf('guarded'),
};

/** Seen indoors, or outdoors above the ground. */
export const pipeInTheOpen: PermitRule<BodyPlaced> = {
  id: 'pipe-in-the-open',
  decide: ({ what, zone }) => {
    const family = getPipeFamily(what);
    if (family === 'polyethylene') return null;
    if (zone === 'outdoors') return OUTDOORS[family];
    if (zone !== 'indoors') return null;
    return family === 'csst' ? allowedIf('bonded') : allowed;
  },
};
