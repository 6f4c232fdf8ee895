import { sayCount } from './counts.ts';
import type { TrapPicture, LensDimension, LensPicture } from '#core/drawing';
import type { PairVerdict } from '#core/joints';
import type { MadeJoint } from '#core/materials';
import type { LengthUnit } from '#core/units';
import { JOINT_WORDS } from './joints.ts';
import { TRAP_LENGTHS } from '#core/traps';
import { sayExact, sayFigure, sayMillimetres, sayNumber } from './length-text.ts';
import { namePort } from './parts.ts';

/** What the lens shows, for those who do not see it and for those who do. */
export function sayLens(picture: LensPicture, verdict: PairVerdict, unit: LengthUnit): string {
  const { showing, angles, dimensions } = picture;
  const said = [
    verdict.joint !== null
      ? `Cut open, to scale. It seals where the line is brass: ${lower(JOINT_WORDS[verdict.joint].seals)}`
      : verdict.verdict === 'never-seals'
        ? `Cut open, to scale. It touches or jams where the line is broken and red, and seals nowhere.`
        : verdict.verdict === 'ask'
          ? 'One of the two is not known, so it cannot be drawn.'
          : 'Apart, to one scale: they do not go together.',
  ];
  const [first, second] = angles;
  if (first && second && first.degrees !== second.degrees)
    said.push(`${first.degrees}° against ${second.degrees}°.`);
  for (const dimension of dimensions) {
    if (dimension.kind === 'along') said.push(`${sayDimension(dimension, unit)} in one another.`);
  }
  const sides = dimensions.flatMap((each) => (each.kind === 'along' ? [] : [each]));
  const [female, male] = (['female', 'male'] as const).map((side) => sides.find(({ of }) => of === side));
  if (female && male)
    said.push(
      `${male.kind === 'wall' ? 'Wall' : 'Across'} ${sayDimension(male, unit)} on the right, ${sayDimension(female, unit)} on the left.`,
    );
  if (verdict.joint !== null && showing.length > 0)
    said.push(
      `${sayCount(showing.length, 'crest')} of the male ${showing.length === 1 ? 'stands' : 'stand'} outside the face.`,
    );
  return said.join(' ');
}

/** What the lens shows of a joint of a run: how far it is in, what can be counted, what space is left inside. */
export function sayJointLens(
  { showing }: LensPicture,
  { part, port, engagement, reach }: MadeJoint,
  unit: LengthUnit,
): string {
  const crests = `${showing.length} ${showing.length === 1 ? 'crest stands' : 'crests stand'} outside the face`;
  const dead =
    reach === null || engagement === null || reach <= engagement
      ? ''
      : `, ${sayExact(reach - engagement, unit)} of space from the pipe’s end to the centre`;
  return `The joint cut open, to scale: pipe in the ${namePort(part, port.id)}. ${sayExact(engagement ?? 0, unit)} in one another, ${crests}${dead}. It seals where the line is brass.`;
}

/** A length of a picture: as a caliper reads it across, a place finer along, where it is held against an engagement. */
export const sayDimension = ({ kind, length }: LensDimension, unit: LengthUnit): string => {
  const finer = kind === 'along' ? 1 : 0;
  return unit === 'in' ? `${sayNumber(length / 25.4, 3 + finer)} in` : `${sayNumber(length, 1 + finer)} mm`;
};

/** What the lens shows of a trap: what becomes of gas and grit in it, by its ports. */
export function sayTrapLens({ grit, isPlan, isAssumed, stub }: TrapPicture, unit: LengthUnit): string {
  const [first, second] = grit.map(({ stays }) => stays);
  const becomes =
    second !== undefined
      ? 'The gas turns and rises; some of the grit falls into the nipple, some is lifted with it.'
      : first
        ? 'The gas turns off by the branch; the grit keeps on, falls into the nipple and stays.'
        : 'The grit goes where the gas goes: nothing is caught.';
  return [
    'The tee cut open, to scale.',
    becomes,
    ...(isPlan ? ['Seen from above.'] : []),
    `Tee centre to cap bottom ${sayMillimetres(stub.length, unit)}${isAssumed ? `, drawn with a nipple of ${sayFigure(TRAP_LENGTHS['three-inch'], unit)}: measure yours` : ''}.`,
  ].join(' ');
}

const lower = (said: string): string => said.charAt(0).toLowerCase() + said.slice(1);
