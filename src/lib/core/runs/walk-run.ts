import type { Catalogue } from '../catalogue/catalogue.ts';
import { addScaled, ORIGIN, type Vector } from '../geometry/vector.ts';
import type { Length } from '../units/length.ts';
import { seeLegs, type Chains } from './chains.ts';
import { inferFitting } from './infer-fitting.ts';
import type { LaidInline, LaidLeg, LaidNode, RunLayout } from './layout.ts';
import { getVectorFrom } from './leg-direction.ts';
import type { Leg, RunDoc } from './run.ts';
import type { LegsByNode } from './straight-line.ts';

/** A leg whose measure is missing is placed this long (nm), so that what follows it can still be drawn. */
const PLACED_WITHOUT_MEASURE: Length = 12 * 25_400_000;

/** No parts in a leg: one list, so that what has none is the same object from layout to layout. */
export const NO_PARTS: readonly LaidInline[] = [];

/** A walk through a run as far as it has come: `nodes`, `legs`, `work` and `anew` grow with it. */
export interface Walk {
  readonly doc: RunDoc;
  readonly legsByNode: LegsByNode;
  readonly lengths: ReadonlyMap<string, Length>;
  readonly catalogue: Catalogue;
  readonly chains: Chains;
  /** The layout before, as far as fittings may be taken over from it. */
  readonly old: RunLayout | null;
  readonly work: { fittings: number; pieces: number };
  /** Nodes whose fitting was not taken over. */
  readonly anew: Set<string>;
  readonly nodes: Map<string, LaidNode>;
  readonly legs: Map<string, LaidLeg>;
}

/**
 * Walks from a node of the document through all it reaches, a branch to its end before the next begins, and places fittings and legs
 * (nm) in `walk`. A stack of its own, for runs of any length. Throws where a leg names a node the document does not have.
 */
export function walkFrom(walk: Walk, start: string): void {
  const stack: LaidNode[] = [];
  const next: number[] = [];
  const visit = (id: string, position: Vector, inlet: Leg | null) => {
    const at = layNode(walk, id, position, inlet);
    walk.nodes.set(id, at);
    stack.push(at);
    next.push(0);
  };
  visit(start, ORIGIN, null);
  while (stack.length > 0) {
    const depth = stack.length - 1;
    const at = stack[depth]!;
    const leg = at.legs[next[depth]!++];
    if (!leg) {
      stack.pop();
      next.pop();
      continue;
    }
    if (walk.legs.has(leg.id)) continue;
    const laid = layLeg(walk, leg, at.id, depth);
    if (walk.nodes.has(laid.far)) continue;
    const length = laid.centreToCentre ?? PLACED_WITHOUT_MEASURE;
    visit(laid.far, addScaled(at.position, getVectorFrom(leg, at.id), length), leg);
  }
}

/** A node as it was where it and its legs are the same; where it only lies elsewhere its fitting stays. */
function layNode(walk: Walk, id: string, position: Vector, inlet: Leg | null): LaidNode {
  const ordered = putInletFirst(walk.legsByNode.get(id) ?? [], inlet);
  const node = walk.doc.nodes[id];
  if (!node) throw new Error(`no node with id ${id}`);
  const was = walk.old?.nodes.get(id);
  if (was?.node === node && isSameList(was.legs, ordered)) {
    const { x, y, z } = was.position;
    return x === position.x && y === position.y && z === position.z ? was : { ...was, position };
  }
  walk.work.fittings++;
  walk.anew.add(id);
  const fitting = inferFitting(node, seeLegs(ordered, id, walk.chains), walk.catalogue);
  return { id, node, legs: ordered, fitting, position };
}

function isSameList(a: readonly Leg[], b: readonly Leg[]): boolean {
  if (a === b) return true;
  if (a.length !== b.length) return false;
  for (let i = 0; i < a.length; i++) if (a[i] !== b[i]) return false;
  return true;
}

/** The leg by which a node is reached comes first; the others keep the order of their ranks. */
function putInletFirst(legs: readonly Leg[], by: Leg | null): readonly Leg[] {
  const inlet = by ? legs.indexOf(by) : 0;
  return inlet <= 0 ? legs : [legs[inlet]!, ...legs.slice(0, inlet), ...legs.slice(inlet + 1)];
}

function layLeg(walk: Walk, leg: Leg, near: string, depth: number): LaidLeg {
  const far = leg.from === near ? leg.to : leg.from;
  const centreToCentre = walk.lengths.get(leg.id) ?? null;
  const was = walk.old?.legs.get(leg.id);
  const isAsBefore =
    was?.leg === leg && was.near === near && was.depth === depth && was.centreToCentre === centreToCentre;
  const laid: LaidLeg =
    isAsBefore && was.inline === NO_PARTS
      ? was
      : { id: leg.id, leg, near, far, depth, centreToCentre, inline: NO_PARTS };
  walk.legs.set(leg.id, laid);
  return laid;
}
