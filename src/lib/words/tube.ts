import type { PieceCut } from '#core/runs/layout.ts';
import type { MadeJoint } from '#core/materials/craft.ts';
import type { LengthUnit } from '#core/units/length.ts';
import { sayExact } from './length-text.ts';

/** How far a tube goes into what it is joined to; of a flare, how much more tube the flare takes. */
export function sayTubeJoint({ port, engagement }: MadeJoint, unit: LengthUnit): string {
  if (engagement === null) return 'how far the tube goes in is not known: measure this part';
  if (port.end.kind === 'thread') return engagement === 0 ? 'flared, the nut on first' : `flared, the nut on first: the flare takes ${sayExact(engagement, unit)} more`; // prettier-ignore
  return `goes in ${sayExact(engagement, unit)}: mark the depth`;
}

/** What of a cut tube is not its way: `with 1.1 in of slack and 4 in to trim in place`; empty where nothing is. */
export function sayAdds({ slack, trim }: Pick<PieceCut, 'slack' | 'trim'>, unit: LengthUnit): string {
  const said = [
    ...(slack > 0 ? [`${sayExact(slack, unit)} of slack`] : []),
    ...(trim > 0 ? [`${sayExact(trim, unit)} to trim in place`] : []),
  ];
  return said.length > 0 ? `with ${said.join(' and ')}` : '';
}
