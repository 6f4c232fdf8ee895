import { accept, refuse, type Result } from '../../outcome/result.ts';
import type { Length } from '../../units/length.ts';
import type { Op, PlannedChange } from '../change.ts';
import type { Leg, Measure, RunDoc } from '../run.ts';

export interface UnknownLeg {
  readonly code: 'leg-unknown';
  readonly leg: string;
}

/** The measures taken between the two ends of a leg. */
export const findMeasures = (doc: RunDoc, leg: Leg): Measure[] =>
  Object.values(doc.measures).filter(
    ({ from, to }) =>
      (from.node === leg.from && to.node === leg.to) || (from.node === leg.to && to.node === leg.from),
  );

/** Plans a new centre-to-centre (nm, and as typed) for a leg. Refuses a leg the run does not have. */
export function planChangeMeasure(
  doc: RunDoc,
  leg: string,
  length: Length,
  typed: string,
): Result<PlannedChange, UnknownLeg> {
  const found = Object.hasOwn(doc.legs, leg) ? doc.legs[leg]! : null;
  const measure = found && findMeasures(doc, found)[0];
  if (!measure) return refuse({ code: 'leg-unknown', leg });
  const place = { op: 'set', in: 'measures', id: measure.id } as const;
  const ops: Op[] = [
    { ...place, field: 'value', old: measure.value, value: length },
    { ...place, field: 'typed', old: measure.typed, value: typed },
  ];
  return accept({ label: { command: 'change-measure', leg: found.tag, turn: null }, ops });
}
