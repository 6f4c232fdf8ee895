import { LIMITS, orNull, textOrNone, whole, type TypeOf } from '#core/shapes';
import { MOST_COVER } from './cover.ts';
import { entry, saidKind } from './record-kind.ts';

const shape = entry({
  text: textOrNone(LIMITS.print),
  /** Of a riser: how deep it may be buried at the most, as printed on it, nm; null where that was not read. */
  bury: orNull(whole(1, MOST_COVER)),
  typed: textOrNone(LIMITS.typed),
});

/** A print line or a marking as it was read off: on pipe (under its leg's id), on what stands at a node, or on a part in a leg (under theirs). */
export type PrintedOn = TypeOf<typeof shape>;

export const PRINTS = saidKind<PrintedOn>(shape, 24_000, 'legs', 'nodes', 'parts');
