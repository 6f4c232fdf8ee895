import type { WireRefusal } from '#core/formats/wire.ts';
import type { Specimen } from '#core/identify/specimen.ts';
import { accept, refuse, type Result } from '#core/outcome/result.ts';
import type { Actor } from '../actor.ts';
import type { Database } from '../db/database.ts';
import { findJob } from '../repositories/jobs.ts';
import { listSpecimens } from '../repositories/specimens.ts';

/** The specimens of a job, the oldest first. */
export async function readSpecimens(
  db: Database,
  { crew }: Actor,
  job: string,
): Promise<Result<Specimen[], WireRefusal>> {
  if (!(await findJob(db, crew, job))) return refuse({ code: 'job-unknown', job });
  return accept(await listSpecimens(db, crew, job));
}
