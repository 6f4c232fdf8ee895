import { accept, refuse, type Result } from '#core/outcome';
import type { Op, PlannedChange } from '#core/runs/changes';
import type { RunLayout } from '#core/runs/layout';
import type { Ref } from '#core/runs/document';
import type { UnknownLeg } from './change-measure.ts';
import { removeLeg, removeNode, removeOp } from './make-op.ts';

/** The ids of a leg and of every leg that hangs on its far end, in walking order. */
export function findLegsBeyond(layout: RunLayout, leg: string): string[] {
  const beyond: string[] = [];
  let depth: number | null = null;
  for (const laid of layout.legs.values()) {
    if (laid.id === leg) depth = laid.depth;
    else if (depth !== null && laid.depth <= depth) break;
    if (depth !== null) beyond.push(laid.id);
  }
  return beyond;
}

/**
 * Plans the removal of a leg with all that hangs on it: nothing is left floating. The node it left keeps standing,
 * unless the whole run goes. Refuses a leg the run does not have.
 */
export function planRemoveLegs(layout: RunLayout, leg: string): Result<PlannedChange, UnknownLeg> {
  const { doc } = layout;
  const first = layout.legs.get(leg);
  if (!first) return refuse({ code: 'leg-unknown', leg });
  const legs = new Set(findLegsBeyond(layout, leg));
  const nodes = new Set([...legs].map((id) => layout.legs.get(id)!.far));
  const isWhole = legs.size === layout.legs.size;
  // What was found in place stays in place.
  if (isWhole && doc.nodes[first.near]?.terminal?.kind !== 'existing') nodes.add(first.near);
  const parts = new Set([...legs].flatMap((id) => Object.keys(layout.legs.get(id)!.leg.inline)));
  const isGone = (ref: Ref) => (ref.kind === 'node' ? nodes.has(ref.id) : parts.has(ref.id));
  const ops: Op[] = Object.values(doc.measures)
    .filter(({ from, to }) => isGone(from) || isGone(to))
    .map((measure) => removeOp('measures', measure));
  for (const clocking of Object.values(doc.clockings))
    if (legs.has(clocking.leg)) ops.push(removeOp('clockings', clocking));
  for (const id of legs) ops.push(...removeLeg(doc, id));
  for (const anchor of Object.values(doc.anchors)) {
    if (nodes.has(anchor.node)) ops.push(removeOp('anchors', anchor));
  }
  for (const id of nodes) ops.push(...removeNode(doc, id));
  return accept({ label: { command: 'remove-legs', leg: first.leg.tag, turn: null }, ops });
}
