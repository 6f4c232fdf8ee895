import { develop, type Developed } from '#core/bending';
import type { Vector } from '#core/geometry';
import type { Bending } from '#core/materials';
import type { Length } from '#core/units';

/** A turn of a tube in a run. */
export interface TubeTurn {
  readonly node: string;
  /** From straight on. */
  readonly degrees: number;
  /** To the centre line, nm: as it was said at the node, or as the house bends it. Null where neither is known. */
  readonly radius: Length | null;
  readonly isSaid: boolean;
}

/** The way of one piece of tube, from its end nearer the source to the farther one. */
export interface TubePath {
  /** The legs it goes through, in order. */
  readonly legs: readonly string[];
  /** From crossing to crossing, nm; null while not measured. One more than there are turns. */
  readonly straights: readonly (Length | null)[];
  readonly turns: readonly TubeTurn[];
  /** What bending it goes by; null where it is not bent. */
  readonly bending: Bending | null;
  /** Where its ends and crossings lie, nm: the two stations, and the turns between them. */
  readonly points: readonly Vector[];
  /** Whether some of it was measured along its way only: where it turns there is not known. */
  readonly isRoute: boolean;
}

/** The centre line of a path with its bends; null while a length or a radius is not known, and for return bends. */
export function developPath({ straights, turns }: TubePath): Developed | null {
  if (straights.some((each) => each === null) || turns.some(({ radius }) => radius === null)) return null;
  return develop({
    straights: straights as readonly Length[],
    turns: turns.map(({ degrees, radius }) => ({ degrees, radius: radius!, rotation: 0 })),
  });
}
