import type { ChangeInFile } from '#core/formats/job-file.ts';
import type { WireRefusal } from '#core/formats/wire.ts';
import { accept, refuse, type Result } from '#core/outcome/result.ts';
import type { Actor } from '../actor.ts';
import type { Database } from '../db/database.ts';
import { listChangesWithOps } from '../repositories/changes.ts';
import { findRun } from '../repositories/runs.ts';

/** Every change of a run with its operations, the oldest first. */
export async function readHistory(
  db: Database,
  { crew }: Actor,
  job: string,
  run: string,
): Promise<Result<ChangeInFile[], WireRefusal>> {
  const row = await findRun(db, crew, job, run);
  return row ? accept(await listChangesWithOps(db, crew, run)) : refuse({ code: 'run-unknown', run });
}
