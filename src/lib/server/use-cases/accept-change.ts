import { accept, refuse, type Result } from '#core/outcome';
import type { ChangeAnswer, WireRefusal } from '#core/formats';
import type { Actor } from '../actor.ts';
import type { Database, Queryable } from '../db/database.ts';
import { findChange, insertChange, listChangesSince } from '../repositories/changes.ts';
import { findRun, findRunHead, updateRun, type RunHead } from '../repositories/runs.ts';
import { applyChange } from '../work/apply-change.ts';
import type { ChangeText } from '../work/read-change.ts';
import { requireOpenJob } from './require-open-job.ts';

/** Changes that are told of those that came in between; how many there were is told by the revisions. */
const SINCE = 20;

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
  change: ChangeText,
): Promise<Result<ChangeAnswer, WireRefusal>> {
  return db.transaction(async (tx) => {
    const open = await requireOpenJob(tx, crew, job);
    const head = await findRunHead(tx, crew, job, run, 'for change');
    if (!head) return refuse({ code: 'run-unknown', run });
    const kept = await findChange(tx, crew, change);
    if (kept) {
      if (kept.run !== run || !kept.isSame) return refuse({ code: 'change-id-reused', id: change.id });
      return accept({ revision: kept.revision, atServer: kept.atServer.toISOString() });
    }
    return open.ok ? keep(tx, crew, head, change) : open;
  });
}

async function keep(
  tx: Queryable,
  crew: string,
  { id, job, revision: before }: RunHead,
  change: ChangeText,
): Promise<Result<ChangeAnswer, WireRefusal>> {
  const { base } = change;
  if (base !== before) {
    const since = await listChangesSince(tx, crew, id, Math.min(base, before), SINCE);
    return refuse({ code: 'change-stale', base, revision: before, since });
  }
  const { doc } = (await findRun(tx, crew, job, id))!;
  const after = applyChange(doc, change.ops);
  if (!after.ok) return after;
  const revision = before + 1;
  await updateRun(tx, crew, id, after.value, revision);
  const atServer = await insertChange(tx, crew, id, revision, change);
  return accept({ revision, atServer: atServer.toISOString() });
}
