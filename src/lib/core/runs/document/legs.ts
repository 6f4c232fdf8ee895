import { findCarried, findTouched, idsOf, noteOrigin } from './lineage.ts';
import { getOrThrow } from '#core/outcome';
import { getSpecId, type LegSpec } from './records/spec.ts';
import type { InlinePart } from './records/part.ts';
import type { Leg, RunDoc } from './run.ts';
import type { LegRecord } from './records/leg.ts';

const NO_PARTS: Readonly<Record<string, InlinePart>> = {};
/** Entries → the leg they were put together to: an edit elsewhere leaves it the very same. */
const made = new WeakMap<
  LegRecord,
  { readonly spec: LegSpec; readonly parts: PartsOfLeg; readonly leg: Leg }
>();
type PartsOfLeg = Readonly<Record<string, InlinePart>>;

/** Legs of a document → them with their settings and parts, as they were last put together. */
const known = new WeakMap<object, Assembled>();
interface Assembled {
  readonly doc: Pick<RunDoc, 'specs' | 'parts'>;
  readonly legs: ReadonlyMap<string, Leg>;
}

/** The legs of a run with their settings and parts, by id. Legs that did not change since they were last asked for are the same. */
export function getLegs(doc: RunDoc): ReadonlyMap<string, Leg> {
  const before = known.get(doc.legs);
  if (before?.doc.specs === doc.specs && before.doc.parts === doc.parts) return before.legs;
  const legs = carryLegs(doc) ?? putAllTogether(doc);
  known.set(doc.legs, { doc, legs });
  return legs;
}

function putAllTogether(doc: RunDoc): ReadonlyMap<string, Leg> {
  const parts = getPartsByLeg(doc.parts);
  const legs = new Map<string, Leg>();
  for (const id of idsOf(doc.legs)) legs.set(id, findEntry(doc, id, parts)!);
  return legs;
}

/** Those of the document before, with what has changed since put together anew; null where that is not known. */
function carryLegs(doc: RunDoc): ReadonlyMap<string, Leg> | null {
  const carried = findCarried(doc.legs, (legs) => known.get(legs));
  if (!carried) return null;
  const before = carried.value;
  const specs = findTouched(before.doc.specs, doc.specs);
  const parts = findTouched(before.doc.parts, doc.parts);
  if (!specs || !parts) return null;
  const touched = new Set(carried.touched);
  // Of one that came and went in between neither state knows: nor did its leg change by it.
  for (const [ids, name] of [
    [specs, 'specs'],
    [parts, 'parts'],
  ] as const)
    for (const id of ids)
      for (const state of [before.doc, doc]) if (state[name][id]) touched.add(state[name][id].leg);
  const byLeg = getPartsByLeg(doc.parts);
  const legs = new Map(before.legs);
  for (const id of touched) {
    const leg = findEntry(doc, id, byLeg);
    if (leg) legs.set(id, leg);
    else legs.delete(id);
  }
  noteOrigin(legs, before.legs, [...touched]);
  return legs;
}

function findEntry({ legs, specs }: RunDoc, id: string, parts: ReadonlyMap<string, PartsOfLeg>): Leg | null {
  if (!Object.hasOwn(legs, id)) return null;
  const entry = legs[id]!;
  const spec = specs[getSpecId(id, entry.system)];
  if (!spec) throw new Error(`leg ${id} has no settings of ${entry.system}`);
  return putTogether(entry, spec, parts.get(id) ?? NO_PARTS);
}

/** A leg by its id; null when the run has none of it. */
export const findLeg = (doc: RunDoc, id: string): Leg | null => getLegs(doc).get(id) ?? null;

/** A leg that is known to be there. */
export const getLeg = (doc: RunDoc, id: string): Leg => getOrThrow(getLegs(doc), id, 'leg');

function putTogether(entry: LegRecord, spec: LegSpec, parts: PartsOfLeg): Leg {
  const before = made.get(entry);
  if (before?.spec === spec && isSame(before.parts, parts)) return before.leg;
  const { id, from, to, geometry, system, rank, tag } = entry;
  const { material, size, stock } = spec;
  const leg: Leg = { id, from, to, geometry, system, material, size, stock, inline: parts, rank, tag };
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
  for (const id of idsOf(parts)) {
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
  readonly legs: ReadonlyMap<string, Leg>;
  readonly byNode: ReadonlyMap<string, readonly Leg[]>;
}
/** Legs of a document → where they meet. */
const meetings = new WeakMap<object, Meeting>();

/**
 * Node ids → the legs that meet there, in the order of their ranks. What did not change since they were last asked for is the same;
 * what did is noted as touched.
 */
export function getLegsByNode(doc: RunDoc): ReadonlyMap<string, readonly Leg[]> {
  const legs = getLegs(doc);
  const known = meetings.get(legs);
  if (known?.nodes === doc.nodes) return known.byNode;
  const byNode = carryMeeting(legs, doc.nodes) ?? meet(legs, doc.nodes);
  meetings.set(legs, { nodes: doc.nodes, legs, byNode });
  return byNode;
}

function meet(legs: ReadonlyMap<string, Leg>, nodes: RunDoc['nodes']): Map<string, readonly Leg[]> {
  const byNode = new Map<string, readonly Leg[]>();
  for (const id of idsOf(nodes)) byNode.set(id, NO_LEGS);
  for (const leg of legs.values()) for (const node of [leg.from, leg.to]) join(byNode, node, leg);
  return byNode;
}

function join(byNode: Map<string, readonly Leg[]>, node: string, leg: Leg): void {
  const met = byNode.get(node);
  if (met) byNode.set(node, putInOrder(met, leg));
}

/** Those of before, where most legs are the same; null where that is not known. The order of the nodes is that of the document. */
function carryMeeting(
  legs: ReadonlyMap<string, Leg>,
  nodes: RunDoc['nodes'],
): ReadonlyMap<string, readonly Leg[]> | null {
  const carried = findCarried(legs, (earlier) => meetings.get(earlier));
  const nodesTouched = carried && findTouched(carried.value.nodes, nodes);
  if (!nodesTouched) return null;
  const before = carried.value;
  const touched = new Set(nodesTouched);
  const byNode = new Map(before.byNode);
  for (const id of nodesTouched) {
    if (!Object.hasOwn(nodes, id)) byNode.delete(id);
    else if (!byNode.has(id)) byNode.set(id, NO_LEGS);
  }
  const changed = [...carried.touched].filter((id) => before.legs.get(id) !== legs.get(id));
  for (const id of changed) {
    const gone = before.legs.get(id);
    for (const node of gone ? [gone.from, gone.to] : []) {
      touched.add(node);
      const met = byNode.get(node);
      if (met)
        byNode.set(
          node,
          met.filter((leg) => leg !== gone),
        );
    }
  }
  for (const id of changed) {
    const come = legs.get(id);
    for (const node of come ? [come.from, come.to] : []) {
      touched.add(node);
      join(byNode, node, come!);
    }
  }
  noteOrigin(byNode, before.byNode, [...touched]);
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
