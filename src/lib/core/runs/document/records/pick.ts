import { END } from '#core/ends';
import { CONDITIONS } from '#core/joints';
import { LIMITS, list, oneOf, pair, pattern, textOrNone, type TypeOf } from '#core/shapes';
import { entry, idOf, onLeg, recordKind } from './record-kind.ts';

/** The node, or the opening of a part in a leg (`part.port`). */
export const STATION = pattern(/^[a-z][a-z0-9]{7,39}(\.[a-z][a-z0-9-]{0,20})?$/);

/** The id of a part of the catalogue, or of the shop's own. */
export const PART_ID = pattern(/^[a-z][A-Za-z0-9/-]{2,119}$/);

const PICKED = entry({
  part: PART_ID,
  /** What stands on it where it has a date, as it was read; empty while nobody has, and where it has none. */
  dated: textOrNone(LIMITS.dated),
});

const shape = entry({
  station: STATION,
  leg: idOf,
  /** What it was chosen for: the end at the station, and the end of the leg. */
  forEnds: pair(END),
  /** From the station toward the leg. */
  parts: list(PICKED, 1, LIMITS.partsInPick),
  /** What was asked before it was put in, and said to be so. */
  agreed: list(oneOf(CONDITIONS), 0, CONDITIONS.length),
});

/**
 * A transition that was chosen: a chain of parts, lying straight along its leg, between what stands at a station and the pipe. When the
 * ends it was chosen for change it is stale: shown, and kept.
 */
export type Pick = TypeOf<typeof shape>;

export const PICKS = recordKind<Pick>(shape, 24_000, { hangsOn: onLeg });
