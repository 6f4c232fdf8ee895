import type { End } from '#core/ends';
import type { Part, PartKind } from './part.ts';
import { isOfCylinder, type Side } from './side.ts';

/** Parts that places care about whatever their joints are: what is shut or opened, what comes apart, what bends. */
export const PLACED_PARTS = ['valve', 'cap', 'regulator', 'union', 'bushing', 'connector', 'hose'] as const;
export type PartPlaced = (typeof PLACED_PARTS)[number];

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
  /** What places care about in it; null where its pipe and its joints say all. */
  readonly placedAs: PartPlaced | null;
  /** It is less often at hand than what does the same. */
  readonly isOdd: boolean;
  /** It has a ground joint inside, which may leak as every joint may. */
  readonly hasSeat: boolean;
}

const PLAIN: PartTraits = {
  lowers: null,
  isFlexible: false,
  converts: false,
  insulates: false,
  isDated: false,
  placedAs: null,
  isOdd: false,
  hasSeat: false,
};
const TRAITS: Readonly<Partial<Record<PartKind, Partial<PartTraits>>>> = {
  valve: { placedAs: 'valve' },
  cap: { placedAs: 'cap' },
  plug: { placedAs: 'cap' },
  union: { placedAs: 'union', hasSeat: true },
  'hex-bushing': { placedAs: 'bushing' },
  'face-bushing': { placedAs: 'bushing' },
  'slip-coupling': { isOdd: true },
  swivel: { isOdd: true },
  tail: { isOdd: true },
  'connector-fitting': { isOdd: true },
  'threaded-flange': { isOdd: true },
  converter: { converts: true },
  'dielectric-union': { insulates: true, placedAs: 'union', hasSeat: true },
  connector: { isFlexible: true, placedAs: 'connector' },
  hose: { isFlexible: true, isDated: true, placedAs: 'hose' },
  'cooker-hose': { isFlexible: true, isDated: true, placedAs: 'hose' },
  'clipped-hose': { isFlexible: true, isDated: true, placedAs: 'hose' },
  'cylinder-regulator': { lowers: ['cylinder', 'appliance'], isDated: true, placedAs: 'regulator' },
  'first-stage-regulator': { lowers: ['cylinder', 'intermediate'], isDated: true, placedAs: 'regulator' },
  'second-stage-regulator': { lowers: ['intermediate', 'appliance'], isDated: true, placedAs: 'regulator' },
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
