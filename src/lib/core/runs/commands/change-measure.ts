import { findLeg, type RunDoc } from '#core/runs/document';
import { accept, refuse, type Result } from '#core/outcome';
import type { Length } from '#core/units';
import type { PlannedChange } from '#core/runs/changes';
import { centreToCentre, makeMeasure } from './add-leg.ts';
import { findMeasures } from './find-own-measures.ts';
import { insertOp, setOp } from './make-op.ts';
import type { NewId } from './new-ids.ts';

export interface UnknownLeg {
  readonly code: 'leg-unknown';
  readonly leg: string;
}

/** A leg whose length follows from its geometry (an offset, fitting in fitting): its geometry is changed instead. */
export interface LengthFollows {
  readonly code: 'leg-length-follows';
  readonly mark: string;
}

/**
 * Plans a new measure (nm, and as typed) for a leg: in place of the one taken between its ends, from the same points of
 * its fittings; where there is none, centre to centre. Refuses a leg the run does not have.
 */
export function planChangeMeasure(
  doc: RunDoc,
  leg: string,
  length: Length,
  typed: string,
  newId: NewId,
): Result<PlannedChange, UnknownLeg | LengthFollows> {
  const found = findLeg(doc, leg);
  if (!found) return refuse({ code: 'leg-unknown', leg });
  if (found.geometry.kind !== 'axis') return refuse({ code: 'leg-length-follows', mark: String(found.tag) });
  const label = { command: 'change-measure', leg: found.tag, turn: null } as const;
  const [measure] = findMeasures(doc, found);
  if (!measure) {
    const made = makeMeasure(newId(), found.from, found.to, centreToCentre(length, typed));
    return accept({ label, ops: [insertOp('measures', made)] });
  }
  return accept({
    label,
    ops: [setOp('measures', measure, 'value', length), setOp('measures', measure, 'typed', typed)],
  });
}
