import type { PipeFamily } from '#core/materials';
import { allowed, allowedIf, type PermitRule, type PermitRuling } from '../permission.ts';
import { getPipeFamily, type BodyPlaced } from '../placed.ts';

const IN_WALLS: Readonly<Record<Exclude<PipeFamily, 'polyethylene'>, PermitRuling>> = {
  steel: allowed,
  'pressed-steel': allowedIf('listed-concealed'),
  csst: allowedIf('bonded', 'strike-plates'),
  copper: allowedIf('strike-plates'),
};

/** In walls and floors what a nail or a screw goes through is behind steel plates; a chase is open to the air besides. */
export const pipeConcealed: PermitRule<BodyPlaced> = {
  id: 'pipe-concealed',
  decide: ({ what, zone }) => {
    const family = getPipeFamily(what);
    if ((zone !== 'concealed' && zone !== 'chase') || family === 'polyethylene') return null;
    const inWalls = IN_WALLS[family];
    return zone === 'concealed' ? inWalls : allowedIf('vented', ...inWalls.conditions);
  },
};
