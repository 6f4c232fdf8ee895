import { GUARDS, PASSAGES as PASSED } from '#core/permissions';
import { number, oneOf, orNull, type TypeOf } from '#core/shapes';
import { entry, idOf, onLeg, recordKind } from './record-kind.ts';

const shape = entry({
  leg: idOf,
  kind: oneOf(PASSED),
  share: number(0, 1),
  /** Null while nobody said it. */
  guard: orNull(oneOf(GUARDS)),
});

/** A floor or a wall that a leg passes, at a share of it (0 to 1, from the leg's beginning). */
export type Passage = TypeOf<typeof shape>;

export const PASSAGE_RECORDS = recordKind<Passage>(shape, 24_000, { hangsOn: onLeg });
