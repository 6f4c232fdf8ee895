import { mergeEdit, mergeSet, accept, refuse, type Result } from '#core/outcome';
import type { JobEdit, WireRefusal } from '#core/formats';
import { pickDetails, type Job } from '#core/jobs';
import type { Actor } from '../actor.ts';
import type { Database } from '../db/database.ts';
import { findJob, updateJob } from '../repositories/jobs.ts';
import { setJobPeople } from '../repositories/people.ts';
import { requireOpenJob } from './require-open-job.ts';

/**
 * Changes what is said of a job, in the fields that the edit is about, and adds and takes out people. Refused where one of the fields was changed
 * meanwhile. Its rules and runs stay.
 */
export async function editJob(
  db: Database,
  { crew }: Actor,
  id: string,
  { was, wanted }: JobEdit,
): Promise<Result<Job, WireRefusal>> {
  return db.transaction(async (tx) => {
    const open = await requireOpenJob(tx, crew, id, 'alone');
    if (!open.ok) return open;
    const job = (await findJob(tx, crew, id))!;
    const names = job.people.map(({ name }) => name);
    const merged = mergeEdit(pickDetails(job), pickDetails(was), pickDetails(wanted));
    if (!merged.ok)
      return refuse({ code: 'changed-elsewhere', of: 'job', name: job.name, fields: merged.refusal.fields });
    await updateJob(tx, crew, id, merged.value);
    await setJobPeople(tx, crew, id, mergeSet(names, was.people, wanted.people));
    return accept((await findJob(tx, crew, id))!);
  });
}
