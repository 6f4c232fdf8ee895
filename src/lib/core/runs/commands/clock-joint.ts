import { findLeg, type JointClocking, type RunDoc } from '#core/runs/document';
import { accept, refuse, type Result } from '#core/outcome';
import type { Op, PlannedChange } from '#core/runs/changes';
import type { LaidEnd } from '#core/runs/measuring';
import type { UnknownLeg } from './change-measure.ts';
import { insertOp, removeOp } from './make-op.ts';
import type { NewId } from './new-ids.ts';

/** Where the fitting points hand-tight and where it shall point (degrees), and whole turns past the first time it does. */
export type ClockingAsked = Pick<JointClocking, 'handTight' | 'wanted' | 'whole'>;

/** How a joint is clocked; null where it keeps the house rule. */
export const findClocking = (
  doc: RunDoc,
  { station, leg }: Pick<LaidEnd, 'station' | 'leg'>,
): JointClocking | null =>
  Object.values(doc.clockings).find((each) => each.station === station && each.leg === leg) ?? null;

/** Plans that a joint is left where its fitting points as wanted; null: back to the house rule. Refuses an unknown leg. */
export function planClockJoint(
  doc: RunDoc,
  { station, leg }: Pick<LaidEnd, 'station' | 'leg'>,
  asked: ClockingAsked | null,
  newId: NewId,
): Result<PlannedChange, UnknownLeg> {
  const found = findLeg(doc, leg);
  if (!found) return refuse({ code: 'leg-unknown', leg });
  const before = findClocking(doc, { station, leg });
  const ops: Op[] = before ? [removeOp('clockings', before)] : [];
  if (asked) ops.push(insertOp('clockings', { id: newId(), station, leg, ...asked } as { id: string }));
  return accept({ label: { command: 'clock-joint', leg: found.tag, turn: null }, ops });
}
