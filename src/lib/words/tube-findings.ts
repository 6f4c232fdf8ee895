import type { Finding } from '#core/checks';
import { type LengthUnit, roundInches } from '#core/units';
import { sayFigure, sayNumber, sayTaped } from './length-text.ts';

type TubeCode =
  | 'tube-too-hard'
  | 'tube-too-short'
  | 'bend-too-tight'
  | 'bend-returns'
  | 'bend-radius-unknown'
  | 'bends-run-together'
  | 'no-joint-in-tube'
  | 'route-not-measured'
  | 'trimmed-in-place'
  | 'other-jacket'
  | 'strike-plates';

/** What is to be said of tube: how it is bent, cut, kept from nails and from lightning. */
export const TUBE_SENTENCES: {
  readonly [Code in TubeCode]: (finding: Extract<Finding, { code: Code }>, unit: LengthUnit) => string;
} = {
  'tube-too-hard': ({ mark, bends }) =>
    `Piece ${mark} turns ${bends === 1 ? 'once' : `${bends} times`} and is laid out in straight lengths, which are hard: hard copper kinks and splits. Take it from a coil, or put a fitting where it turns.`,
  'tube-too-short': ({ mark, cut, needed, maker }, unit) =>
    `Piece ${mark}: ${sayTaped(cut, unit)} is shorter than its two ends need (${sayTaped(needed, unit, 'up')}${maker === null ? '' : `, by the sheet of ${maker}`}). Make the way longer, or join the two fittings otherwise.`,
  'bend-too-tight': ({ mark, radius, limit, severity }, unit) =>
    severity === 'stop'
      ? `The bend after leg ${mark}: radius ${sayTaped(radius, unit)} is under the least this tube takes, ${sayTaped(limit, unit)}. It would kink or crack: make it wider, or put a fitting there. A kinked piece is replaced, never rounded back.`
      : `The bend after leg ${mark}: radius ${sayTaped(radius, unit)} is under what is recommended, ${sayTaped(limit, unit)}. Make it wider where there is room, and look at the maker’s sheet.`,
  'bend-returns': ({ mark, degrees }) =>
    `The tube turns back on itself after leg ${mark} (${sayNumber(degrees, 0)}°): its straights have no crossing to measure to. Lay it out as two bends, the straight between them measured from crossing to crossing: twice the radius where it is one round return.`,
  'bend-radius-unknown': ({ mark }) =>
    `The bend after leg ${mark}: no usual radius is known for this size. Say the radius there, or enter your bender’s in House rules.`,
  'bends-run-together': ({ mark, left, needed, isLeast }, unit) =>
    left < 0
      ? `Piece ${mark}: two bends run into each other by ${sayTaped(-left, unit)}. Lay them farther apart${isLeast ? '' : ', or bend to a smaller radius'}.`
      : `Piece ${mark}: ${sayTaped(left, unit)} is left straight between two bends, and your bender needs ${sayTaped(needed, unit, 'up')}. Lay them farther apart, or look whether yours takes it.`,
  'no-joint-in-tube': ({ mark }) =>
    `Nothing is made that stands in the tube of leg ${mark}: no valve, union or coupling lies between its two end fittings. Put it in the pipe before or after.`,
  'route-not-measured': ({ mark }) =>
    `Piece ${mark} was measured along its way, not bend by bend: whether its bends are wide enough and its supports near enough is for you to see.`,
  'trimmed-in-place': ({ mark, trim }, unit) =>
    `Piece ${mark} ends in a fitting that was not measured: it is cut ${sayTaped(trim, unit)} longer than its way. Lay it, mark it at the fitting and trim it in place; or measure the fitting.`,
  'other-jacket': ({ marks, wanted }) =>
    `Corrugated tubing of ${marks.length === 1 ? `leg ${marks[0]}` : `legs ${marks.join(', ')}`} has another jacket than the house uses (${wanted}). Take that of the house, or change the house rule “jacket of CSST”; fittings are of the maker of the tubing either way.`,
  'strike-plates': ({ nearest }, unit) =>
    `Tubing that passes a stud or joist, or runs along it, nearer to its face than ${sayTaped(nearest, unit)} gets its maker’s listed plate, ${sayFigure(roundInches(4), unit)} beyond the member. The maker’s distance goes before the house rule.`,
};
