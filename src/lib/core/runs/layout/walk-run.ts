import type { Catalogue } from '#core/catalogue';
import { addScaled, ORIGIN, type Vector } from '#core/geometry';
import type { Length } from '#core/units';
import { seeLegs, type Chains, inferFitting } from '#core/runs/fittings';
import type { EarlierWalk } from './earlier-walk.ts';
import type { LaidInline, LaidLeg, LaidNode, Piece } from '#core/runs/pieces';
import type { RunLayout } from './layout.ts';
import { getVectorFrom, type Leg, type RunDoc, type LegsByNode } from '#core/runs/document';

/** A leg whose measure is missing is placed this long (nm), so that what follows it can still be drawn. */
const PLACED_WITHOUT_MEASURE: Length = 12 * 25_400_000;

/** No parts in a leg: one list, so that what has none is the same object from layout to layout. */
export const NO_PARTS: readonly LaidInline[] = [];

/** A walk through a run as far as it has come: all but what it was begun with grows with it. */
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
  /** Where what nothing touched is taken over in blocks: the earlier walk; null where each is looked at. */
  readonly earlier: EarlierWalk | null;
  /** The pieces of each leg, in walking order: those taken over in blocks, and none yet for the others. */
  readonly pieces: Map<string, readonly Piece[]>;
  /** The legs whose pieces were not taken over in blocks, in walking order. */
  readonly open: LaidLeg[];
  /** The legs that arrive where another had come before. */
  readonly closing: string[];
  /** The legs of blocks that were taken over and lie elsewhere now. */
  readonly moved: string[];
}

/** Not laid yet: one list, to hold the place of a leg in the order. */
export const NO_PIECES: readonly Piece[] = [];

/**
 * Walks from a node of the document through all it reaches, a branch to its end before the next begins, and places fittings and legs
 * (nm) in `walk`. A stack of its own, for runs of any length. Throws where a leg names a node the document does not have.
 */
export function walkFrom(walk: Walk, start: string): void {
  const stack: LaidNode[] = [];
  const next: number[] = [];
  const visit = (id: string, position: Vector, inlet: Leg | null) => {
    if (takeBlock(walk, id, position, inlet, stack.length)) return;
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
    if (walk.nodes.has(laid.far)) {
      walk.closing.push(laid.id);
      continue;
    }
    visit(laid.far, placeFar(at.position, laid), leg);
  }
}

/** Takes over what hangs on a node where nothing of it was touched: as it is, or moved as a whole. Tells whether it did. */
function takeBlock(
  { earlier, nodes, legs, pieces, moved }: Walk,
  node: string,
  position: Vector,
  inlet: Leg | null,
  depth: number,
): boolean {
  const block = earlier?.findBlock(node, inlet);
  if (!block) return false;
  const { from, to } = block;
  const isMoved = !isSamePlace(earlier!.nodes[from]!.position, position);
  const deeper = depth - earlier!.getDepth(from);
  const places: Vector[] = [];
  const { parents } = earlier!;
  for (let i = from; i < to; i++) {
    const was = earlier!.nodes[i]!;
    let at = position;
    if (i > from) {
      const leg = earlier!.legs[i - 1]!;
      legs.set(leg.id, deeper === 0 ? leg : { ...leg, depth: leg.depth + deeper });
      pieces.set(leg.id, earlier!.pieces[i - 1]!);
      if (isMoved) {
        at = placeFar(places[parents[i]! - from]!, leg);
        moved.push(leg.id);
      }
    }
    if (isMoved) places.push(at);
    const { id, node: entry, legs: met, fitting } = was;
    nodes.set(id, isMoved ? { id, node: entry, legs: met, fitting, position: at } : was);
  }
  return true;
}

/** Where the far end of a leg lies, seen from its near end. */
const placeFar = (near: Vector, { leg, near: from, centreToCentre }: LaidLeg): Vector =>
  addScaled(near, getVectorFrom(leg, from), centreToCentre ?? PLACED_WITHOUT_MEASURE);

/** Whether two places (nm) are the very same. */
export const isSamePlace = (a: Vector, b: Vector): boolean => a.x === b.x && a.y === b.y && a.z === b.z;

/** A node as it was where it and its legs are the same; where it only lies elsewhere its fitting stays. */
function layNode(walk: Walk, id: string, position: Vector, inlet: Leg | null): LaidNode {
  const ordered = putInletFirst(walk.legsByNode.get(id) ?? [], inlet);
  const node = walk.doc.nodes[id];
  if (!node) throw new Error(`no node with id ${id}`);
  const was = walk.old?.nodes.get(id);
  if (was?.node === node && isSameList(was.legs, ordered)) {
    return isSamePlace(was.position, position) ? was : { ...was, position };
  }
  walk.work.fittings++;
  walk.anew.add(id);
  const fitting = inferFitting(node, seeLegs(ordered, id, walk.chains), walk.catalogue, walk.chains);
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
  walk.pieces.set(leg.id, NO_PIECES);
  walk.open.push(laid);
  return laid;
}
