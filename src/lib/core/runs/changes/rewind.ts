import { accept, type Result } from '#core/outcome';
import { applyOps, invertOps, type Change, type ChangeRefusal } from './change.ts';
import type { RunDoc } from '#core/runs/document';

/**
 * The document as it was before the newest of some changes were made: each is taken back in turn, the newest first. Refuses
 * where one does not fit: what lies before it was written in a form of its own and cannot be reached.
 */
export function rewind(
  doc: RunDoc,
  newestFirst: readonly Pick<Change, 'ops'>[],
): Result<RunDoc, ChangeRefusal> {
  let at = doc;
  for (const { ops } of newestFirst) {
    const before = applyOps(at, invertOps(ops));
    if (!before.ok) return before;
    at = before.value;
  }
  return accept(at);
}
