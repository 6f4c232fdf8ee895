import type { Length } from '#core/units';

/** From this angle on the setback runs away (at 180° it is endless): such a bend is measured as its straights and its arc. Degrees. */
export const RETURN_BEND_FROM = 150;

/** What a bend of a tube takes, in the unit of its radius; not rounded. */
export interface Bend {
  /** From the beginning of the bend to where the two straights would cross. */
  readonly setback: number;
  /** Along the centre line, from the beginning of the bend to its end. */
  readonly arc: number;
  /** How much less tube the bend takes than the two setbacks. */
  readonly gain: number;
}

/**
 * Setback R·tan(θ/2), arc π·R·θ/180 and gain 2S − A of a bend: `radius` to the tube's centre line, `degrees` from straight on (0) to a
 * hairpin. Null from 150° on: there the crossing of the straights is no measure. Plane geometry.
 *
 *      ----------S--------- x crossing
 *               `-.         |
 *                   `\      S
 *                     |     |
 */
export function makeBend(radius: Length, degrees: number): Bend | null {
  if (degrees >= RETURN_BEND_FROM) return null;
  const setback = radius * Math.tan((degrees * Math.PI) / 360);
  const arc = (Math.PI * radius * degrees) / 180;
  return { setback, arc, gain: 2 * setback - arc };
}
