import { COLLECTIONS, type RunDoc } from '#core/runs/document';
import type { Op, PlannedChange } from '#core/runs/changes';
import type { Json } from '#core/outcome';

/**
 * Plans everything one document has into another that is empty but for its house rules: a whole run as one change.
 * Ids are kept, so that what was recorded of a piece can still be found by it.
 */
export function planCopyRun(from: RunDoc, into: RunDoc): PlannedChange {
  const ops = COLLECTIONS.flatMap((collection): Op[] => {
    const there = into[collection] as unknown as Record<string, Json>;
    return Object.entries(from[collection] as unknown as Record<string, Json>).map(([id, value]): Op => {
      const place = { in: collection, id } as const;
      const old = Object.hasOwn(there, id) ? there[id] : undefined;
      return old === undefined ? { op: 'insert', ...place, value } : { op: 'replace', ...place, old, value };
    });
  });
  return { label: { command: 'copy-run', leg: null, turn: null }, ops };
}
