import type { LaidLeg, LaidNode, Piece } from '#core/runs/pieces';
import { findLaidBefore, type RunLayout } from './layout.ts';

/**
 * Some legs one after another in walking order, with the pieces that are kept by them. As long as an edit leaves all of them alone it is the
 * very same object, from layout to layout: what follows from these alone is worked out once. It is of one catalogue and one set of house rules.
 */
export interface LegStretch {
  readonly legs: readonly LaidLeg[];
  readonly pieces: readonly (readonly Piece[])[];
}

/** Some nodes one after another in walking order, with what stands at them, wherever that lies. */
export interface NodeStretch {
  readonly nodes: readonly StandingNode[];
}
export type StandingNode = Pick<LaidNode, 'id' | 'node' | 'legs' | 'fitting'>;

/** A run in stretches: all its legs, and all its nodes. */
export interface Stretches {
  readonly legs: readonly LegStretch[];
  readonly nodes: readonly NodeStretch[];
}

/** So many lie in a stretch that is made, and so many at the most in one that grew. */
const USUAL = 48;
const LONGEST = 64;
/** Layouts back that are asked how they were parted: nothing may have been asked of a draft. */
const FARTHEST = 8;

const known = new WeakMap<RunLayout, Stretches>();

/** The stretches of a run: parted along those of the layout before. How much of it is compared is one look at each leg and node. */
export function getStretches(layout: RunLayout): Stretches {
  const already = known.get(layout);
  if (already) return already;
  const before = findParted(layout);
  const stretches = {
    legs: partLegs(layout, before?.legs ?? []),
    nodes: partNodes(layout, before?.nodes ?? []),
  };
  known.set(layout, stretches);
  return stretches;
}

/** The stretches of the nearest layout before that was made under the same catalogue, rules and facts, with the same transitions in it; null where none is near. */
function findParted(layout: RunLayout): Stretches | null {
  let at = findLaidBefore(layout);
  for (let step = 0; at && step < FARTHEST; step++) {
    const isAlike =
      at.catalogue === layout.catalogue && at.rules === layout.rules && at.facts === layout.facts;
    const parted = isAlike && at.chains === layout.chains ? known.get(at) : null;
    if (parted) return parted;
    at = findLaidBefore(at);
  }
  return null;
}

function partLegs({ legs, pieces }: RunLayout, before: readonly LegStretch[]): LegStretch[] {
  const laid = [...legs.values()];
  const cut = [...pieces.values()];
  return part(laid.length, before, {
    idOf: (i) => laid[i]!.id,
    firstOf: ({ legs: [first] }) => first!.id,
    lengthOf: (stretch) => stretch.legs.length,
    isSame: (stretch, k, i) => stretch.legs[k] === laid[i] && stretch.pieces[k] === cut[i],
    make: (from, to) => ({ legs: laid.slice(from, to), pieces: cut.slice(from, to) }),
  });
}

function partNodes({ nodes }: RunLayout, before: readonly NodeStretch[]): NodeStretch[] {
  const laid = [...nodes.values()];
  return part(laid.length, before, {
    idOf: (i) => laid[i]!.id,
    firstOf: ({ nodes: [first] }) => first!.id,
    lengthOf: (stretch) => stretch.nodes.length,
    isSame: (stretch, k, i) => {
      const [was, is] = [stretch.nodes[k]!, laid[i]!];
      return was === is || (was.node === is.node && was.fitting === is.fitting && was.legs === is.legs);
    },
    make: (from, to) => ({ nodes: laid.slice(from, to) }),
  });
}

interface Parting<Stretch> {
  readonly idOf: (i: number) => string;
  readonly firstOf: (stretch: Stretch) => string;
  readonly lengthOf: (stretch: Stretch) => number;
  readonly isSame: (stretch: Stretch, k: number, i: number) => boolean;
  readonly make: (from: number, to: number) => Stretch;
}

/** Parts a row of so many things: a stretch of before where all of it is the same, and between those new ones. */
function part<Stretch>(count: number, before: readonly Stretch[], by: Parting<Stretch>): Stretch[] {
  const starts = new Map(before.map((stretch) => [by.firstOf(stretch), stretch]));
  const isWhole = (stretch: Stretch, i: number): boolean => {
    const length = by.lengthOf(stretch);
    if (i + length > count) return false;
    for (let k = 0; k < length; k++) if (!by.isSame(stretch, k, i + k)) return false;
    return true;
  };
  const stretches: Stretch[] = [];
  for (let i = 0; i < count;) {
    const was = starts.get(by.idOf(i));
    if (was && isWhole(was, i)) {
      stretches.push(was);
      i += by.lengthOf(was);
      continue;
    }
    // As far as to where one of before begins, so that those after an edit are met again.
    let to = i + 1;
    while (to < count && to - i < LONGEST && !starts.has(by.idOf(to))) to++;
    if (to - i === LONGEST && to < count && !starts.has(by.idOf(to))) to = i + USUAL;
    stretches.push(by.make(i, to));
    i = to;
  }
  return stretches;
}

/** Something that follows from one stretch alone, worked out once for it. */
export function perStretch<Stretch extends object, Value>(
  make: (stretch: Stretch, layout: RunLayout) => Value,
): (stretch: Stretch, layout: RunLayout) => Value {
  const made = new WeakMap<Stretch, { readonly value: Value }>();
  return (stretch, layout) => {
    const before = made.get(stretch);
    if (before) return before.value;
    const value = make(stretch, layout);
    made.set(stretch, { value });
    return value;
  };
}
