import { COLLECTIONS, type RunDoc } from '#core/runs/document';
import type { Op, PlannedChange } from '#core/runs/changes';
import { isSameJson, type Json } from '#core/outcome';

/** Plans what makes one document into another of the same run: a whole run said anew, as one change. */
export function planWriteRun(from: RunDoc, to: RunDoc): PlannedChange {
  return { label: { command: 'write-run', leg: null, turn: null }, ops: findOps(from, to) };
}

/** Plans the way back to an earlier state of the run, as a new change. */
export function planGoBack(from: RunDoc, to: RunDoc): PlannedChange {
  return { label: { command: 'go-back', leg: null, turn: null }, ops: findOps(from, to) };
}

function findOps(from: RunDoc, to: RunDoc): Op[] {
  return COLLECTIONS.flatMap((collection): Op[] => {
    const before = from[collection] as unknown as Readonly<Record<string, Json>>;
    const after = to[collection] as unknown as Readonly<Record<string, Json>>;
    const removed = Object.entries(before)
      .filter(([id]) => !Object.hasOwn(after, id))
      .map(([id, old]): Op => ({ op: 'remove', in: collection, id, old }));
    const put = Object.entries(after).flatMap(([id, value]): Op[] => {
      if (!Object.hasOwn(before, id)) return [{ op: 'insert', in: collection, id, value }];
      const old = before[id]!;
      return isSameJson(old, value) ? [] : [{ op: 'replace', in: collection, id, old, value }];
    });
    return [...removed, ...put];
  });
}
