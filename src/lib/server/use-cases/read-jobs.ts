import { accept, refuse, type Result } from '#core/outcome/result.ts';
import type { WireRefusal } from '#core/formats/wire.ts';
import type { Job } from '#core/runs/job.ts';
import type { Actor } from '../actor.ts';
import type { Database } from '../db/database.ts';
import { findJob, listJobs } from '../repositories/jobs.ts';

/** All jobs of the crew, the newest first. */
export const readJobs = async (db: Database, { crew }: Actor): Promise<Result<Job[], WireRefusal>> =>
  accept(await listJobs(db, crew));

/** One job of the crew. */
export async function readJob(db: Database, { crew }: Actor, id: string): Promise<Result<Job, WireRefusal>> {
  const job = await findJob(db, crew, id);
  return job ? accept(job) : refuse({ code: 'job-unknown', job: id });
}
