import type { Axis } from '#core/geometry';
import type { FloorBelow } from '#core/runs/document';
import type { Length } from '#core/units';

/** What may be said of a trap to be built in. */
export interface TrapWish {
  /** The nipple, nm and as typed; null: the shortest that the house asks for and there is room for. */
  readonly nipple: { readonly length: Length; readonly typed: string } | null;
  /** To which side the pipe goes round into an inlet that looks up. */
  readonly side: Axis;
  /** Down to the floor, as measured now; null: as the plate has it. */
  readonly floor: FloorBelow | null;
}

/** Nothing said: the nipple by the rule, round to the right, the floor as the plate has it. */
export const NO_WISH: TrapWish = { nipple: null, side: 'right', floor: null };
