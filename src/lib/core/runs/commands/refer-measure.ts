import { accept, refuse, type Result } from '#core/outcome';
import type { Op, PlannedChange } from '#core/runs/changes';
import { type Measure, type Ref, type RunDoc, findStraightLine, getLegsByNode } from '#core/runs/document';
import { insertOp, removeOp, setOp } from './make-op.ts';

export type MeasureRefusal =
  | { readonly code: 'measure-unknown'; readonly measure: string }
  /** From and to are the same place. */
  | { readonly code: 'measure-of-nothing' }
  /** Its ends lie on no straight line of pipe, and no square way was said. */
  | { readonly code: 'measure-not-in-line' };

/** Can a measure be taken between these? */
function checkRefs(
  doc: RunDoc,
  { from, to, along }: Pick<Measure, 'from' | 'to' | 'along'>,
): MeasureRefusal | null {
  if (from.kind === to.kind && from.id === to.id) return { code: 'measure-of-nothing' };
  const isInLine = along !== null || findStraightLine(doc, getLegsByNode(doc), from, to) !== null;
  return isInLine ? null : { code: 'measure-not-in-line' };
}

const isSameRef = (a: Ref, b: Ref): boolean =>
  a.kind === b.kind && a.id === b.id && a.at === b.at && a.gap === b.gap;

/** Plans other references, another value (nm) or another way for a measure. Refuses what cannot be measured. */
export function planReferMeasure(
  doc: RunDoc,
  measure: string,
  said: Partial<Pick<Measure, 'from' | 'to' | 'along' | 'value' | 'typed'>>,
): Result<PlannedChange, MeasureRefusal> {
  const found = Object.hasOwn(doc.measures, measure) ? doc.measures[measure]! : null;
  if (!found) return refuse({ code: 'measure-unknown', measure });
  const next = { ...found, ...said };
  const refusal = checkRefs(doc, next);
  if (refusal) return refuse(refusal);
  const ops: Op[] = [];
  if (!isSameRef(found.from, next.from)) ops.push(setOp('measures', found, 'from', next.from));
  if (!isSameRef(found.to, next.to)) ops.push(setOp('measures', found, 'to', next.to));
  for (const field of ['along', 'value', 'typed'] as const) {
    if (found[field] !== next[field]) ops.push(setOp('measures', found, field, next[field]));
  }
  return accept({ label: { command: 'refer-measure', leg: null, turn: null }, ops });
}

/** Plans another measure between any two references of the run. Refuses what cannot be measured. */
export function planAddMeasure(doc: RunDoc, measure: Measure): Result<PlannedChange, MeasureRefusal> {
  const refusal = checkRefs(doc, measure);
  if (refusal) return refuse(refusal);
  return accept({
    label: { command: 'add-measure', leg: null, turn: null },
    ops: [insertOp('measures', measure)],
  });
}

/** Plans to strike a measure out. */
export function planRemoveMeasure(doc: RunDoc, measure: string): Result<PlannedChange, MeasureRefusal> {
  const found = Object.hasOwn(doc.measures, measure) ? doc.measures[measure]! : null;
  if (!found) return refuse({ code: 'measure-unknown', measure });
  return accept({
    label: { command: 'remove-measure', leg: null, turn: null },
    ops: [removeOp('measures', found)],
  });
}
