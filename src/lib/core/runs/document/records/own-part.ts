import { LIMITS, mapOf, short, textOrNone, type TypeOf } from '#core/shapes';
import { entry, recordKind } from './record-kind.ts';
import { PART_ID } from './pick.ts';

const byPort = mapOf(/^[a-z][a-z-]{0,20}$/, short, 4);

const shape = entry({
  /** The part of the catalogue it stands for, by its id. */
  of: PART_ID,
  /** From the part's origin to the face or end of each port that was measured, nm. */
  reaches: byPort,
  /** How far a tube goes in at each port that was measured, nm; of a flare 0: measured with a flared stub in place. */
  depths: byPort,
  typed: textOrNone(LIMITS.typed),
  by: textOrNone(LIMITS.name),
});

/** Lengths of a part as this shop measured them, in place of what the catalogue says of it. */
export type OwnPart = TypeOf<typeof shape>;

export const OWN_PARTS = recordKind<OwnPart>(shape, LIMITS.ownParts);
