import { getOrThrow } from '../outcome/get-or-throw.ts';
import { getSpecId, type InlinePart, type Leg, type LegEntry, type LegSpec, type RunDoc } from './run.ts';

const NO_PARTS: Readonly<Record<string, InlinePart>> = {};
/** Entries → the leg they were put together to: an edit elsewhere leaves it the very same. */
const made = new WeakMap<
  LegEntry,
  { readonly spec: LegSpec; readonly parts: PartsOfLeg; readonly leg: Leg }
>();
type PartsOfLeg = Readonly<Record<string, InlinePart>>;

/** Collections of a document → its legs. */
const known = new WeakMap<
  RunDoc['legs'],
  { readonly doc: RunDoc; readonly legs: ReadonlyMap<string, Leg> }
>();

/** The legs of a run with their settings and parts, by id. Legs that did not change since they were last asked for are the same. */
export function getLegs(doc: RunDoc): ReadonlyMap<string, Leg> {
  const before = known.get(doc.legs);
  if (before?.doc.specs === doc.specs && before.doc.parts === doc.parts) return before.legs;
  const parts = getPartsByLeg(doc.parts);
  const legs = new Map<string, Leg>();
  for (const id in doc.legs) {
    const entry = doc.legs[id]!;
    const spec = doc.specs[getSpecId(id, entry.system)];
    if (!spec) throw new Error(`leg ${id} has no settings of ${entry.system}`);
    legs.set(id, putTogether(entry, spec, parts.get(id) ?? NO_PARTS));
  }
  known.set(doc.legs, { doc, legs });
  return legs;
}

/** A leg by its id; null when the run has none of it. */
export const findLeg = (doc: RunDoc, id: string): Leg | null => getLegs(doc).get(id) ?? null;

/** A leg that is known to be there. */
export const getLeg = (doc: RunDoc, id: string): Leg => getOrThrow(getLegs(doc), id, 'leg');

function putTogether(entry: LegEntry, spec: LegSpec, parts: PartsOfLeg): Leg {
  const before = made.get(entry);
  if (before?.spec === spec && isSame(before.parts, parts)) return before.leg;
  const { id, from, to, geometry, system, rank, tag } = entry;
  const { material, size } = spec;
  const leg: Leg = { id, from, to, geometry, system, material, size, inline: parts, rank, tag };
  made.set(entry, { spec, parts, leg });
  return leg;
}

const isSame = (a: PartsOfLeg, b: PartsOfLeg): boolean => {
  if (a === b) return true;
  const ids = Object.keys(a);
  return ids.length === Object.keys(b).length && ids.every((id) => a[id] === b[id]);
};

const partsOf = new WeakMap<RunDoc['parts'], ReadonlyMap<string, PartsOfLeg>>();

function getPartsByLeg(parts: RunDoc['parts']): ReadonlyMap<string, PartsOfLeg> {
  const before = partsOf.get(parts);
  if (before) return before;
  const byLeg = new Map<string, Record<string, InlinePart>>();
  for (const id in parts) {
    const part = parts[id]!;
    const others = byLeg.get(part.leg);
    if (others) others[id] = part;
    else byLeg.set(part.leg, { [id]: part });
  }
  partsOf.set(parts, byLeg);
  return byLeg;
}

interface Meeting {
  readonly nodes: RunDoc['nodes'];
  readonly byNode: ReadonlyMap<string, readonly Leg[]>;
}
/** Legs of a document → where they meet. */
const meetings = new WeakMap<ReadonlyMap<string, Leg>, Meeting>();

/**
 * Node ids → the legs that meet there, in the order of their ranks. With the document it was before, only what has changed since is
 * worked out; lists that did not change are the same.
 */
export function getLegsByNode(
  doc: RunDoc,
  before: RunDoc | null = null,
): ReadonlyMap<string, readonly Leg[]> {
  const legs = getLegs(doc);
  const known = meetings.get(legs);
  if (known?.nodes === doc.nodes) return known.byNode;
  const earlier = before && before !== doc ? getLegs(before) : null;
  const from = earlier && meetings.get(earlier);
  const byNode = from ? meetAnew(from, earlier, legs, doc.nodes) : meet(legs, doc.nodes);
  meetings.set(legs, { nodes: doc.nodes, byNode });
  return byNode;
}

function meet(legs: ReadonlyMap<string, Leg>, nodes: RunDoc['nodes']): Map<string, readonly Leg[]> {
  const byNode = new Map<string, readonly Leg[]>();
  for (const id in nodes) byNode.set(id, NO_LEGS);
  for (const leg of legs.values()) {
    for (const node of [leg.from, leg.to]) {
      const met = byNode.get(node);
      if (met) byNode.set(node, putInOrder(met, leg));
    }
  }
  return byNode;
}

/** The same, where most legs are those of before. The order of the nodes is that of the document, as if made from nothing. */
function meetAnew(
  { byNode: before }: Meeting,
  earlier: ReadonlyMap<string, Leg>,
  legs: ReadonlyMap<string, Leg>,
  nodes: RunDoc['nodes'],
): Map<string, readonly Leg[]> {
  const gone = new Map<string, Set<Leg>>();
  const come: Leg[] = [];
  const note = (leg: Leg): void => {
    for (const node of [leg.from, leg.to]) gone.set(node, (gone.get(node) ?? new Set()).add(leg));
  };
  for (const [id, leg] of earlier) if (legs.get(id) !== leg) note(leg);
  for (const [id, leg] of legs) if (earlier.get(id) !== leg) come.push(leg);
  const byNode = new Map<string, readonly Leg[]>();
  for (const id in nodes) {
    const met = before.get(id) ?? NO_LEGS;
    const out = gone.get(id);
    byNode.set(id, out ? met.filter((leg) => !out.has(leg)) : met);
  }
  for (const leg of come) {
    for (const node of [leg.from, leg.to]) {
      const met = byNode.get(node);
      if (met) byNode.set(node, putInOrder(met, leg));
    }
  }
  return byNode;
}

const NO_LEGS: readonly Leg[] = [];

/** Two or three legs meet at a node: a new short list is cheaper than one that grows and is sorted. */
function putInOrder(legs: readonly Leg[], leg: Leg): readonly Leg[] {
  const after = legs.findIndex((other) => comesBefore(leg, other));
  if (after < 0) return [...legs, leg];
  return [...legs.slice(0, after), leg, ...legs.slice(after)];
}

const comesBefore = (a: Leg, b: Leg): boolean => (a.rank === b.rank ? a.tag < b.tag : a.rank < b.rank);
