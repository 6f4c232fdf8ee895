import { findLeg, type Leg, type LegGeometry, type RunDoc } from '#core/runs/document';
import { accept, refuse, type Result } from '#core/outcome';
import type { Op, PlannedChange } from '#core/runs/changes';
import type { UnknownLeg } from './change-measure.ts';
import { findMeasures } from './find-own-measures.ts';
import { checkWay, findLegsAt, type WayRefusal } from './leg-ways.ts';
import { removeOp, setOp } from './make-op.ts';

/**
 * Plans another way for a leg: another direction, an offset with its set and roll, or fitting straight into fitting.
 * A length that follows from the new geometry needs no measure: those of the leg go. Refuses a way taken at either end.
 */
export function planRedirectLeg(
  doc: RunDoc,
  leg: string,
  geometry: LegGeometry,
): Result<PlannedChange, UnknownLeg | WayRefusal> {
  const found = findLeg(doc, leg);
  if (!found) return refuse({ code: 'leg-unknown', leg });
  const turned: Leg = { ...found, geometry };
  for (const node of [found.from, found.to]) {
    const others = findLegsAt(doc, node).filter(({ id }) => id !== leg);
    const refusal = checkWay(doc, turned, node, others);
    if (refusal && refusal.code !== 'leg-existing-end-taken') return refuse(refusal);
  }
  const ops: Op[] = [setOp('legs', found, 'geometry', geometry)];
  if (geometry.kind !== 'axis' && geometry.kind !== 'route') {
    for (const measure of findMeasures(doc, found)) ops.push(removeOp('measures', measure));
  }
  return accept({ label: { command: 'redirect-leg', leg: found.tag, turn: null }, ops });
}
