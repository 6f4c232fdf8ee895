import { accept, refuse, type Result } from '#core/outcome';
import type { Op, PlannedChange } from '#core/runs/changes';
import type { RunLayout } from '#core/runs/layout';
import type { Leg } from '#core/runs/document';
import type { UnknownLeg } from './change-measure.ts';
import { findMeasures, repoint } from './find-own-measures.ts';
import { checkWay, findLegsAt, type WayRefusal } from './leg-ways.ts';
import { removeLeg, removeNode, removeOp, setOp } from './make-op.ts';
import { planRemoveLegs } from './remove-legs.ts';

/**
 * Plans to take one leg out and close the gap: what hangs on its far end moves to its near end. Refuses where a leg
 * beyond would lie on one that is there, or too many would meet. A leg with nothing beyond is simply removed.
 */
export function planTakeOutLeg(
  layout: RunLayout,
  leg: string,
): Result<PlannedChange, UnknownLeg | WayRefusal> {
  const { doc } = layout;
  const laid = layout.legs.get(leg);
  if (!laid) return refuse({ code: 'leg-unknown', leg });
  const { near, far } = laid;
  const beyond = findLegsAt(doc, far).filter(({ id }) => id !== leg);
  if (beyond.length === 0) return planRemoveLegs(layout, leg);
  const ops: Op[] = [];
  const met = findLegsAt(doc, near).filter(({ id }) => id !== leg);
  for (const each of beyond) {
    const side = each.from === far ? 'from' : 'to';
    const moved: Leg = { ...each, [side]: near };
    const refusal = checkWay(doc, moved, near, met);
    if (refusal) return refuse(refusal);
    met.push(moved);
    ops.push(setOp('legs', each, side, near));
  }
  const own = new Set(findMeasures(doc, laid.leg).map(({ id }) => id));
  const parts = laid.leg.inline;
  for (const measure of Object.values(doc.measures)) {
    const ofPart = [measure.from, measure.to].some((ref) => Object.hasOwn(parts, ref.id));
    const { from, to } = repoint(measure, far, near);
    if (own.has(measure.id) || ofPart || (from.kind === to.kind && from.id === to.id)) {
      ops.push(removeOp('measures', measure));
      continue;
    }
    if (from !== measure.from) ops.push(setOp('measures', measure, 'from', from));
    if (to !== measure.to) ops.push(setOp('measures', measure, 'to', to));
  }
  for (const anchor of Object.values(doc.anchors)) {
    if (anchor.node === far) ops.push(setOp('anchors', anchor, 'node', near));
  }
  ops.push(...removeLeg(doc, leg), ...removeNode(doc, far));
  return accept({ label: { command: 'take-out-leg', leg: laid.leg.tag, turn: null }, ops });
}
