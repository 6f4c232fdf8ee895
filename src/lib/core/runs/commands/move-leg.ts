import { accept, refuse, type Result } from '#core/outcome';
import type { Op, PlannedChange } from '#core/runs/changes';
import type { RunLayout } from '#core/runs/layout';
import type { Leg } from '#core/runs/document';
import type { UnknownLeg } from './change-measure.ts';
import { findMeasures, repoint } from './find-own-measures.ts';
import { checkWay, findLegsAt, type WayRefusal } from './leg-ways.ts';
import { setOp } from './make-op.ts';
import { findLegsBeyond } from './remove-legs.ts';

export interface MovesIntoItself {
  readonly code: 'leg-moves-into-itself';
  readonly mark: string;
}

/**
 * Plans to hang a leg, with all beyond it, on another point of the run. Refuses a point beyond the leg itself, and one
 * where its way is taken.
 */
export function planMoveLeg(
  layout: RunLayout,
  leg: string,
  node: string,
): Result<PlannedChange, UnknownLeg | WayRefusal | MovesIntoItself> {
  const { doc } = layout;
  const laid = layout.legs.get(leg);
  if (!laid || !Object.hasOwn(doc.nodes, node)) return refuse({ code: 'leg-unknown', leg });
  const mark = String(laid.leg.tag);
  const beyond = findLegsBeyond(layout, leg).map((id) => layout.legs.get(id)!.far);
  if (beyond.includes(node)) return refuse({ code: 'leg-moves-into-itself', mark });
  if (node === laid.near) return accept({ label: label(laid.leg), ops: [] });
  const side = laid.leg.from === laid.near ? 'from' : 'to';
  const moved: Leg = { ...laid.leg, [side]: node };
  const refusal = checkWay(doc, moved, node, findLegsAt(doc, node));
  if (refusal) return refuse(refusal);
  const ops: Op[] = [setOp('legs', laid.leg, side, node)];
  const target = doc.nodes[node]!;
  if (target.terminal?.kind === 'cap' || target.terminal?.kind === 'plug') {
    ops.push(setOp('nodes', target, 'terminal', null));
  }
  for (const measure of findMeasures(doc, laid.leg)) {
    const { from, to } = repoint(measure, laid.near, node);
    if (from !== measure.from) ops.push(setOp('measures', measure, 'from', from));
    if (to !== measure.to) ops.push(setOp('measures', measure, 'to', to));
  }
  return accept({ label: label(laid.leg), ops });
}

const label = ({ tag }: Leg) => ({ command: 'move-leg', leg: tag, turn: null }) as const;
