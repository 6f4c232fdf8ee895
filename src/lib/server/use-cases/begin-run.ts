import { CATALOGUE_VERSION } from '#core/catalogue/standard-catalogue.ts';
import { accept, refuse, type Result } from '#core/outcome/result.ts';
import type { NewRunInput } from '#core/formats/job.schema.ts';
import type { WireRefusal } from '#core/formats/wire.ts';
import { newRun } from '#core/runs/run.ts';
import type { Actor } from '../actor.ts';
import type { Database } from '../db/database.ts';
import { findJob } from '../repositories/jobs.ts';
import { findRun, insertRun } from '../repositories/runs.ts';

/** Begins an empty run in a job, with a copy of the job's rules. Sent twice it is begun once. */
export async function beginRun(
  db: Database,
  { crew }: Actor,
  job: string,
  input: NewRunInput,
): Promise<Result<{ id: string; name: string; revision: number }, WireRefusal>> {
  return db.transaction(async (tx) => {
    const found = await findJob(tx, crew, job);
    if (!found) return refuse({ code: 'job-unknown', job });
    const doc = newRun(input.id, CATALOGUE_VERSION, found.ruleChoices);
    const isNew = await insertRun(tx, crew, job, input.name, doc);
    const run = await findRun(tx, crew, job, input.id);
    if (!run || (!isNew && run.name !== input.name)) return refuse({ code: 'id-taken', id: input.id });
    return accept({ id: run.id, name: run.name, revision: run.revision });
  });
}
