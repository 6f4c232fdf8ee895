import { number, oneOf, type TypeOf } from '#core/shapes';
import { entry, idOf, onLeg, recordKind } from './record-kind.ts';

/** Kinds that stand in a straight pipe, one size at both ends. */
export const INLINE_KINDS = ['union', 'valve', 'coupling', 'slip-coupling'] as const;
export type InlineKind = (typeof INLINE_KINDS)[number];

const shape = entry({ leg: idOf, part: oneOf(INLINE_KINDS), share: number(0, 1) });

/** A part in the pipe of a leg. `share` (0 to 1, from the leg's beginning) places it while no measure does. */
export type InlinePart = TypeOf<typeof shape>;

/** The most parts that stand in the pipe of one leg. */
export const MOST_PARTS_IN_LEG = 12;

/** The leg in which more parts stand than are taken; null where there is none. */
export function findOverfullLeg(parts: Readonly<Record<string, InlinePart>>): string | null {
  const counts = new Map<string, number>();
  for (const { leg } of Object.values(parts)) {
    const count = (counts.get(leg) ?? 0) + 1;
    if (count > MOST_PARTS_IN_LEG) return leg;
    counts.set(leg, count);
  }
  return null;
}

export const PARTS = recordKind<InlinePart>(shape, 24_000, {
  hangsOn: onLeg,
  findOverfull: (parts) => (findOverfullLeg(parts) === null ? null : MOST_PARTS_IN_LEG),
});
