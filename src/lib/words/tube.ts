import type { Piece, PieceCut } from '#core/runs/layout.ts';
import type { MadeJoint } from '#core/materials/craft.ts';
import type { ShoeMark } from '#core/bending/bender.ts';
import type { TubeSheet } from '#core/cutting/tube-sheet.ts';
import { formatLength, getTapeFormat } from '#core/units/format-length.ts';
import { toInches, toMillimetres, type Length, type LengthUnit } from '#core/units/length.ts';
import type { TapeGraduation } from '#core/units/tape.ts';
import { sayExact, sayReading, sayNumber } from './length-text.ts';

/** What of a bend lies at the mark, as the middle of a sentence. */
export const BENDER_MARK_NAMES: Readonly<Record<ShoeMark, string>> = {
  start: 'where the bend begins: the zero of the shoe',
  centre: 'the middle of the bend',
  'shoe-front': 'the front edge of the shoe',
};

/** How far the tube is turned about itself before bend number `at` (from 0). */
export const sayRotation = (at: number, rotation: number): string =>
  at === 0
    ? 'The first bend: the tube as it lies.'
    : rotation === 0
      ? 'Not turned: in the plane of the bend before, the same way.'
      : `Turned ${rotation}° clockwise since the bend before, looking along the tube from end A.`;

/** A tube laid straight, in words. */
export function sayTubeSheet(
  { bends }: TubeSheet,
  cut: Length,
  unit: LengthUnit,
  graduation: TapeGraduation,
): string {
  const say = (length: Length): string =>
    `${formatLength(length, getTapeFormat(graduation))}${unit === 'mm' ? ' mm' : ''}`;
  const marks = bends.map(
    ({ mark, degrees, rotation }, i) =>
      `bend ${i + 1}, mark at ${say(mark)}, ${degrees}°${i > 0 ? `, turned ${rotation}°` : ''}`,
  );
  return `The tube laid straight: cut at ${say(cut)}${marks.length > 0 ? `; ${marks.join('; ')}` : ', without a bend'}.`;
}

/** How far a tube goes into what it is joined to; of a flare, how much more tube the flare takes. */
export function sayTubeJoint({ port, engagement }: MadeJoint, unit: LengthUnit): string {
  if (engagement === null) return 'how far the tube goes in is not known: measure this part';
  if (port.end.kind === 'thread') return engagement === 0 ? 'flared, the nut on first' : `flared, the nut on first: the flare takes ${sayReading(engagement, unit)} more`; // prettier-ignore
  return `goes in ${sayExact(engagement, unit)}: mark the depth`;
}

/** `3 legs, 2 bends; with 1.1 in of slack`: what a piece of tube goes through and round. */
export function sayTubeWay({ path, cut }: Pick<Piece, 'path' | 'cut'>, unit: LengthUnit): string {
  if (!path) return '';
  const [legs, bends] = [path.legs.length, path.turns.length];
  const way = `${bends === 0 ? 'straight' : bends === 1 ? '1 bend' : `${bends} bends`} in ${legs === 1 ? '1 leg' : `${legs} legs`}`;
  const adds = cut ? sayAdds(cut, unit) : '';
  return adds ? `${way}, ${adds}` : way;
}

/** As fine as anybody marks it: a hundredth of an inch, a tenth of a millimetre. */
export const sayAbout = (length: Length, unit: LengthUnit): string =>
  unit === 'in' ? `${sayNumber(toInches(length), 2)} in` : `${sayNumber(toMillimetres(length), 1)} mm`;

/** What of a cut tube is not its way: `with 1.1 in of slack and 4 in to trim in place`; empty where nothing is. */
export function sayAdds({ slack, trim }: Pick<PieceCut, 'slack' | 'trim'>, unit: LengthUnit): string {
  const said = [
    ...(slack > 0 ? [`${sayAbout(slack, unit)} of slack`] : []),
    ...(trim > 0 ? [`${sayAbout(trim, unit)} to trim in place`] : []),
  ];
  return said.length > 0 ? `with ${said.join(' and ')}` : '';
}
