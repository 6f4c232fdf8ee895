import { applyOps, invertOps, type Change, type Op } from '#core/runs/changes';
import { type RunDoc, RECORD_NAMES, getRecordKind } from '#core/runs/document';
import { carryUpOps } from './carry-up.ts';

/** The history does not lead to the run: the revision at which it breaks off. */
export interface BrokenHistory {
  readonly revision: number;
}

/**
 * Holds a run against the history that came with it: every revision is there once and follows the one before, and taken back
 * one after another its changes lead from the run to its beginning: nothing in it but what a run begins with.
 * Null when they do.
 */
export function checkHistory(
  doc: RunDoc,
  revision: number,
  changes: readonly (Pick<Change, 'base' | 'ops'> & { readonly revision: number })[],
): BrokenHistory | null {
  const inOrder = changes.toSorted((a, b) => a.revision - b.revision);
  for (const [i, change] of inOrder.entries()) {
    if (change.revision !== i + 1 || change.base !== i) return { revision: i + 1 };
  }
  if (inOrder.length !== revision) return { revision: inOrder.length + 1 };
  // As one list of operations, so that every collection is copied once and not once a change.
  const back: Op[] = [];
  const from: number[] = [];
  for (const change of inOrder.toReversed()) {
    const inverse = invertOps(carryUpOps(change.ops));
    back.push(...inverse);
    from.push(...inverse.map(() => change.revision));
  }
  const begun = applyOps(doc, back);
  if (!begun.ok) return { revision: from[begun.refusal.op] ?? 1 };
  // A run is begun with the house rules of its job, and with no more records than its kinds may begin with.
  const isBegun = RECORD_NAMES.every(
    (name) => Object.keys(begun.value[name]).length <= getRecordKind(name).beginsWith,
  );
  return isBegun ? null : { revision: 0 };
}
