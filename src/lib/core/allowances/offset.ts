import { accept, refuse, type Result } from '#core/outcome';
import type { Length } from '#core/units';

/** An offset between two 45° elbows, nm: to the side, to the other side, onward, and along the pipe. */
export interface Offset {
  readonly set: Length;
  /** 0 for an offset in one plane. */
  readonly roll: Length;
  readonly run: Length;
  readonly travel: Length;
}

export type OffsetPart = keyof Offset;

export type OffsetRefusal =
  /** A part of the offset is longer than what holds it: the set than the travel, for one. */
  | {
      readonly code: 'offset-cannot-be';
      readonly part: OffsetPart;
      readonly length: Length;
      readonly within: OffsetPart;
      /** The longest it could be with what else was said, nm. */
      readonly most: Length;
    }
  /** Run and travel together say an angle, and it is not 45°. */
  | { readonly code: 'offset-angle-not-made'; readonly degrees: number }
  /** Run and travel say the same at 45°: set or roll is still missing. */
  | { readonly code: 'offset-set-missing' }
  | { readonly code: 'offset-too-little-said' };

/** How far an angle said by run and travel may be from 45° (degrees): a sixteenth in 7 in. */
const ANGLE_TOLERANCE = 0.5;

/**
 * An offset turned by two 45° elbows, from any two of its figures (nm); one alone is an offset in one plane.
 * True set = √(set² + roll²) = run = travel ÷ √2 (any angle: travel = true set ÷ sin θ, run = true set ÷ tan θ).
 * Irrational lengths are rounded to 1 nm once. Refuses what cannot be, and what is not said.
 */
export function solveOffset(said: Partial<Offset>): Result<Offset, OffsetRefusal> {
  const { set, roll, run, travel } = said;
  if (set !== undefined && roll !== undefined) return check(said, Math.hypot(set, roll), set, roll);
  const side = set ?? roll;
  const part: OffsetPart = set === undefined ? 'roll' : 'set';
  if (side === undefined) {
    if (run !== undefined && travel !== undefined) {
      const degrees = (Math.acos(Math.min(1, run / travel)) * 180) / Math.PI;
      if (run > travel) return refuse(cannotBe('run', run, 'travel', travel * Math.SQRT1_2));
      if (Math.abs(degrees - 45) > ANGLE_TOLERANCE) return refuse({ code: 'offset-angle-not-made', degrees });
      return accept(make(run, run, 0));
    }
    const trueSet = run ?? (travel === undefined ? undefined : travel * Math.SQRT1_2);
    if (trueSet === undefined) return refuse({ code: 'offset-too-little-said' });
    return accept(make(trueSet, trueSet, 0));
  }
  if (run === undefined && travel === undefined) {
    if (part === 'roll') return refuse({ code: 'offset-set-missing' });
    return accept(make(side, side, 0));
  }
  const within = run === undefined ? 'travel' : 'run';
  const trueSet = run ?? travel! * Math.SQRT1_2;
  if (side > trueSet) return refuse(cannotBe(part, side, within, trueSet));
  const other = Math.sqrt(trueSet ** 2 - side ** 2);
  return part === 'set' ? check(said, trueSet, side, other) : check(said, trueSet, other, side);
}

/** What was said beside the two figures used must be what they come to, within a hundredth of an inch. */
function check(
  said: Partial<Offset>,
  trueSet: number,
  set: number,
  roll: number,
): Result<Offset, OffsetRefusal> {
  const offset = make(trueSet, set, roll);
  for (const part of ['run', 'travel'] as const) {
    const length = said[part];
    if (length !== undefined && Math.abs(length - offset[part]) > 254_000)
      return refuse(cannotBe(part, length, 'set', offset[part]));
  }
  return accept(offset);
}

/** The whole offset of a set and a roll (nm, 0 for none): true set = √(set² + roll²). */
export const getOffsetLengths = (set: Length, roll: Length): Offset => make(Math.hypot(set, roll), set, roll);

const make = (trueSet: number, set: number, roll: number): Offset => ({
  set: Math.round(set),
  roll: Math.round(roll),
  run: Math.round(trueSet),
  travel: Math.round(trueSet * Math.SQRT2),
});

const cannotBe = (part: OffsetPart, length: Length, within: OffsetPart, most: number): OffsetRefusal => ({
  code: 'offset-cannot-be',
  part,
  length,
  within,
  most: Math.round(most),
});
