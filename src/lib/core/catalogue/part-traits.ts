import type { End } from '#core/ends';
import type { Part, PartKind } from './part.ts';
import { isOfCylinder, type Side } from './side.ts';

/** What holds of a kind of part whatever its ends are. */
export interface PartTraits {
  /** From which side of pressure to which it brings the gas, by its first and its second opening; null: it is the same on both. */
  readonly lowers: readonly [Side, Side] | null;
  /** It bends: one at most between two ends, and never between two rigid pipes. */
  readonly isFlexible: boolean;
  /** A body with American thread on one side and British on the other: one at most, there and back is no way. */
  readonly converts: boolean;
  /** No current passes: put in where that is asked for, and nowhere else. */
  readonly insulates: boolean;
  /** It has a date on it, after which it is not used. */
  readonly isDated: boolean;
}

const PLAIN: PartTraits = {
  lowers: null,
  isFlexible: false,
  converts: false,
  insulates: false,
  isDated: false,
};
const TRAITS: Readonly<Partial<Record<PartKind, Partial<PartTraits>>>> = {
  converter: { converts: true },
  'dielectric-union': { insulates: true },
  connector: { isFlexible: true },
  hose: { isFlexible: true, isDated: true },
  'cooker-hose': { isFlexible: true, isDated: true },
  'clipped-hose': { isFlexible: true, isDated: true },
  'cylinder-regulator': { lowers: ['cylinder', 'appliance'], isDated: true },
  'first-stage-regulator': { lowers: ['cylinder', 'intermediate'], isDated: true },
  'second-stage-regulator': { lowers: ['intermediate', 'appliance'], isDated: true },
};

/** What holds of a kind of part. */
export const getPartTraits = (kind: PartKind): PartTraits => {
  const own = TRAITS[kind];
  return own ? { ...PLAIN, ...own } : PLAIN;
};

/** The side of pressure each opening of a straight part is on; null where it may be on any. What screws on a cylinder is on its pressure. */
export function getPressureSides({ kind, ports }: Pick<Part, 'kind' | 'ports'>): readonly (Side | null)[] {
  const { lowers } = getPartTraits(kind);
  if (lowers) return lowers;
  const isOnCylinder = ports.some(({ end }: { end: End }) => isOfCylinder(end));
  return ports.map(() => (isOnCylinder ? 'cylinder' : null));
}
