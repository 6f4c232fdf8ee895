import { getLie, getTurnOfTube, type AboutTube, type ShoeMark } from '#core/bending';
import type { Piece, PieceCut } from '#core/runs/pieces';
import type { MadeJoint } from '#core/materials';
import type { TubeSheet } from '#core/cutting';
import { formatLength, getTapeFormat, type Length, type LengthUnit, type TapeGraduation } from '#core/units';
import { sayTaped } from './length-text.ts';
import { sayTorque } from './makers.ts';

/** What of a bend lies at the mark, as the middle of a sentence. */
export const BENDER_MARK_NAMES: Readonly<Record<ShoeMark, string>> = {
  start: 'where the bend begins: the zero of the shoe',
  centre: 'the middle of the bend',
  'shoe-front': 'the front edge of the shoe',
};

const sayAboutTube = ({ degrees, sense }: AboutTube): string =>
  sense === null ? `${degrees}°` : `${degrees}° ${sense}`;

/** How the tube is turned before bend number `at` (from 0), short: `90° anticlockwise`, seen from end A. */
export function sayTurn(at: number, rotation: number): string {
  if (at === 0) return 'as it lies';
  const turn = getTurnOfTube(rotation);
  return turn.degrees === 0 ? 'none' : turn.degrees === 180 ? 'half round' : sayAboutTube(turn);
}

/** Where bend number `at` (from 0) lies, and how the tube is turned for it. */
export function sayRotation(at: number, rotation: number): string {
  if (at === 0) return 'The first bend: the tube as it lies.';
  const lie = getLie(rotation);
  if (lie.degrees === 0)
    return 'Seen from end A, it lies on the side of the leg toward A: the tube is not turned.';
  if (lie.degrees === 180)
    return 'Seen from end A, it lies opposite the leg toward A: turn the tube half round.';
  return `Seen from end A, it lies ${sayAboutTube(lie)} of the leg toward A: turn the tube ${sayAboutTube(getTurnOfTube(rotation))}.`;
}

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
      `bend ${i + 1}, mark at ${say(mark)}, ${degrees}°${i > 0 ? `, ${getTurnOfTube(rotation).degrees === 0 ? 'the tube not turned' : `the tube turned ${sayTurn(i, rotation)}`}` : ''}`,
  );
  return `The tube laid straight: cut at ${say(cut)}${marks.length > 0 ? `; ${marks.join('; ')}${marks.length > 1 ? ' (turned as seen from end A)' : ''}` : ', without a bend'}.`;
}

/** How far a tube goes into what it is joined to; of a flare, how much more tube the flare takes; and what its maker pulls the nut to. */
export const sayTubeJoint = (joint: MadeJoint, unit: LengthUnit): string =>
  `${sayTubeEnd(joint, unit)}${joint.torque ? `; the nut to ${sayTorque(joint.torque.value, unit)}` : ''}`;

function sayTubeEnd({ port, engagement }: MadeJoint, unit: LengthUnit): string {
  if (engagement === null) return 'how far the tube goes in is not known: measure this part';
  if (port.end.kind === 'thread')
    return engagement === 0
      ? 'flared, the nut on first'
      : `flared, the nut on first: the flare takes ${sayTaped(engagement, unit)} more`;
  // An end fitting is measured from the stop of its tube.
  if (engagement === 0 && port.depth?.standing === 'maker') return 'cut to the stop of its end fitting';
  if (port.end.kind === 'fusion-face')
    return engagement === 0
      ? 'melted end to end'
      : `melted: ${sayTaped(engagement, unit)} of it goes into the bead; nothing goes in`;
  return engagement === 0
    ? 'butts against it: nothing goes in'
    : `goes in ${sayTaped(engagement, unit)}: mark the depth`;
}

/** `3 legs, 2 bends; with 1 1/8 in of slack`: what a piece of tube goes through and round. */
export function sayTubeWay({ path, cut }: Pick<Piece, 'path' | 'cut'>, unit: LengthUnit): string {
  if (!path) return '';
  const [legs, bends] = [path.legs.length, path.turns.length];
  const way = `${bends === 0 ? 'straight' : bends === 1 ? '1 bend' : `${bends} bends`} in ${legs === 1 ? '1 leg' : `${legs} legs`}`;
  const adds = cut ? sayAdds(cut, unit) : '';
  return adds ? `${way}, ${adds}` : way;
}

/** What of a cut tube is not its way: `with 1 1/8 in of slack and 4 in to trim in place`; empty where nothing is. */
export function sayAdds({ slack, trim }: Pick<PieceCut, 'slack' | 'trim'>, unit: LengthUnit): string {
  const said = [
    ...(slack > 0 ? [`${sayTaped(slack, unit)} of slack`] : []),
    ...(trim > 0 ? [`${sayTaped(trim, unit)} to trim in place`] : []),
  ];
  return said.length > 0 ? `with ${said.join(' and ')}` : '';
}
