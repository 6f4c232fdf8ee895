import { whole, type TypeOf } from '#core/shapes';
import { STATION } from './pick.ts';
import { entry, idOf, recordKind } from './record-kind.ts';

const degrees = whole(0, 359);

const shape = entry({
  /** The station, and the leg that is made up there. */
  station: STATION,
  leg: idOf,
  /** Where it points when it is hand-tight, and where it shall point. */
  handTight: degrees,
  wanted: degrees,
  /** Whole turns past the first time it points there. */
  whole: whole(0, 6),
});

/**
 * A taper joint that is left where its fitting points as wanted, in place of the engagement the house rule gives. Angles in
 * whole degrees clockwise, looking from the turned part along the axis into the fixed part.
 */
export type JointClocking = TypeOf<typeof shape>;

export const CLOCKINGS = recordKind<JointClocking>(shape, 24_000);
