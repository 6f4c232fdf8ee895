import { LIMITS, textOrNone, whole, type TypeOf } from '#core/shapes';
import { FOOT, type Length } from '#core/units';
import { entry, saidKind } from './record-kind.ts';

/** Nothing a fitter buries lies deeper, nm: ten feet. Deeper is a slip of the pen, or a shaft. Ours. */
export const MOST_COVER: Length = 10 * FOOT;

const shape = entry({ cover: whole(1, MOST_COVER), typed: textOrNone(LIMITS.typed) });

/** How much ground lies over the pipe at a node, nm, under the node's own id. */
export type Cover = TypeOf<typeof shape>;

export const COVER_RECORDS = saidKind<Cover>(shape, 12_000, 'nodes');
