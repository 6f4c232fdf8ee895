import { accept, refuse, type Result } from '#core/outcome/result.ts';
import { readRunDoc } from '#core/formats/read-run-doc.ts';
import type { ChangeAnswer, WireRefusal } from '#core/formats/wire.ts';
import { applyOps, isSameJson, type Change, type Json } from '#core/runs/change.ts';
import type { Actor } from '../actor.ts';
import type { Database, Queryable } from '../db/database.ts';
import { findChange, insertChange, listChangesSince } from '../repositories/changes.ts';
import { findRun, updateRun, type RunRow } from '../repositories/runs.ts';
import { requireOpenJob } from './require-open-job.ts';

/**
 * Keeps a change: one transaction writes it and the new snapshot, with the run locked. The same change again
 * changes nothing; a stale base is refused with what happened since; what does not fit, or would leave a document
 * that is not one, is refused whole.
 */
export async function acceptChange(
  db: Database,
  { crew }: Actor,
  job: string,
  run: string,
  change: Change,
): Promise<Result<ChangeAnswer, WireRefusal>> {
  return db.transaction(async (tx) => {
    const row = await findRun(tx, crew, job, run, 'for update');
    if (!row) return refuse({ code: 'run-unknown', run });
    const kept = await findChange(tx, crew, change.id);
    if (kept) {
      const same = kept.run === run && isSameJson(kept.ops as unknown as Json, change.ops as unknown as Json);
      if (!same) return refuse({ code: 'change-id-reused', id: change.id });
      return accept({ revision: kept.revision, atServer: kept.atServer.toISOString() });
    }
    const open = await requireOpenJob(tx, crew, job);
    return open.ok ? keep(tx, crew, row, change) : open;
  });
}

async function keep(
  tx: Queryable,
  crew: string,
  row: RunRow,
  change: Change,
): Promise<Result<ChangeAnswer, WireRefusal>> {
  const { base } = change;
  if (base !== row.revision) {
    const since = await listChangesSince(tx, crew, row.id, Math.min(base, row.revision));
    return refuse({ code: 'change-stale', base, revision: row.revision, since });
  }
  const stored = readRunDoc(row.doc);
  if (!stored.ok) return stored;
  const applied = applyOps(stored.value, change.ops);
  if (!applied.ok) return applied;
  const doc = readRunDoc(applied.value);
  if (!doc.ok) return doc;
  const revision = row.revision + 1;
  await updateRun(tx, crew, row.id, doc.value, revision);
  const atServer = await insertChange(tx, crew, row.id, revision, change);
  return accept({ revision, atServer: atServer.toISOString() });
}
