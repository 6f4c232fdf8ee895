import { accept, type Result } from '#core/outcome/result.ts';
import type { JobInput } from '#core/formats/job.schema.ts';
import type { WireRefusal } from '#core/formats/wire.ts';
import type { Job } from '#core/runs/job.ts';
import type { Actor } from '../actor.ts';
import type { Database } from '../db/database.ts';
import { findJob, updateJob } from '../repositories/jobs.ts';
import { setJobPeople } from '../repositories/people.ts';
import { requireOpenJob } from './require-open-job.ts';

/** Changes what is said of a job. Its rules and runs stay. */
export async function editJob(
  db: Database,
  { crew }: Actor,
  id: string,
  input: JobInput,
): Promise<Result<Job, WireRefusal>> {
  return db.transaction(async (tx) => {
    const open = await requireOpenJob(tx, crew, id, 'alone');
    if (!open.ok) return open;
    await updateJob(tx, crew, id, input);
    await setJobPeople(tx, crew, id, input.people);
    return accept((await findJob(tx, crew, id))!);
  });
}
