import { EarlierWalk, walkedAlike } from './earlier-walk.ts';
import type { RunLayout } from './layout.ts';
import { findTouched, type LegsByNode } from '#core/runs/document';
import type { SolvedLengths } from '#core/runs/measuring';
import { isSamePlace, type Walk } from './walk-run.ts';

/** What differs between a layout and the one it was laid out with. */
interface Displaced {
  readonly before: RunLayout;
  /** The legs that lie elsewhere. */
  readonly legs: readonly string[];
  readonly isSameBodies: boolean;
}

/** The layout before is held weakly: one that nobody shows any more is not kept for its successors. */
const sinces = new WeakMap<RunLayout, Omit<Displaced, 'before'> & { readonly before: WeakRef<RunLayout> }>();

/** The layout that one was laid out with, and what differs since; null where that is not known. */
export function findDisplaced(layout: RunLayout): Displaced | null {
  const since = sinces.get(layout);
  const before = since?.before.deref();
  return since && before ? { ...since, before } : null;
}

/** Notes what differs between a layout and the one whose walk it took over. */
export function noteDisplaced(layout: RunLayout, walk: Walk, before: RunLayout): void {
  const isSameBodies = hasSameBodies(walk, before);
  if (isSameBodies) walkedAlike(layout, before);
  sinces.set(layout, { before: new WeakRef(before), legs: listDisplaced(walk, before), isSameBodies });
}

/** The legs that lie elsewhere than before, or are others. */
function listDisplaced({ open, moved, nodes, legs }: Walk, before: RunLayout): string[] {
  const isElsewhere = (node: string): boolean => {
    const was = before.nodes.get(node);
    return !was || !isSamePlace(was.position, nodes.get(node)!.position);
  };
  const others = open.filter(({ id, near, far }) => {
    const [was, is] = [before.legs.get(id), legs.get(id)!];
    if (was?.leg.size !== is.leg.size || was.centreToCentre !== is.centreToCentre) return true;
    return isElsewhere(near) || isElsewhere(far);
  });
  return [...moved, ...others.map(({ id }) => id)];
}

/** Whether the same parts, pipes and ends stand where they stood, however long they are. */
function hasSameBodies({ anew, nodes, legs, open }: Walk, before: RunLayout): boolean {
  if (anew.size > 0 || nodes.size !== before.nodes.size || legs.size !== before.legs.size) return false;
  return open.every(({ id }) => {
    const [was, is] = [before.legs.get(id), legs.get(id)!];
    if (was?.leg !== is.leg || was.inline.length !== is.inline.length) return false;
    // Two parts of a leg that were measured past each other stand in another order.
    return was.inline.every(({ id: part }, i) => part === is.inline[i]!.id);
  });
}

/** The walk of a layout, with everything that has changed since marked in it; null where that cannot be told of it. */
export function readEarlier(
  kept: RunLayout,
  meetingBefore: LegsByNode,
  source: string | null,
  legsByNode: LegsByNode,
  solved: SolvedLengths,
): EarlierWalk | null {
  const touched = findTouched(meetingBefore, legsByNode);
  const earlier = touched && EarlierWalk.read(kept, source);
  if (!earlier) return null;
  const near = new Set(touched);
  for (const [part, at] of kept.solved.places) if (solved.places.get(part) !== at) addNear(near, kept, part);
  for (const part of solved.places.keys()) if (!kept.solved.places.has(part)) addNear(near, kept, part);
  earlier.touch(near, solved.lengths);
  return earlier;
}

/** A part that stands elsewhere touches its leg, and that the node it leaves. */
function addNear(nodes: Set<string>, { doc, legs }: RunLayout, part: string): void {
  const laid = legs.get(doc.parts[part]?.leg ?? '');
  if (laid) nodes.add(laid.near);
}
