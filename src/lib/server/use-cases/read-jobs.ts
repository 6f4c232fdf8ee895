import { accept, refuse, type Result } from '#core/outcome';
import { LIMITS } from '#core/shapes';
import type { JobsPage, RunsPage, WireRefusal } from '#core/formats';
import type { Job } from '#core/jobs';
import type { Actor } from '../actor.ts';
import type { Database } from '../db/database.ts';
import { findJob, findJobRow, listJobs } from '../repositories/jobs.ts';
import { findRunHead, listHeadingsAfter } from '../repositories/runs.ts';

/** Jobs on a page of the list. */
const PAGE = 30;

/** A page of the crew's jobs, the newest first: from the newest on, or those after one of them. */
export const readJobs = (
  db: Database,
  { crew }: Actor,
  after: string | null = null,
): Promise<Result<JobsPage, WireRefusal>> =>
  db.transaction(async (tx) => {
    if (after !== null && !(await findJobRow(tx, crew, after)))
      return refuse({ code: 'job-unknown', job: after });
    const jobs = await listJobs(tx, crew, PAGE + 1, after);
    const page = jobs.slice(0, PAGE);
    return accept({ jobs: page, next: jobs.length > PAGE ? page.at(-1)!.id : null });
  }, 'snapshot');

/** A page of the runs of a job: those after one of them. */
export const readRuns = (
  db: Database,
  { crew }: Actor,
  job: string,
  after: string,
): Promise<Result<RunsPage, WireRefusal>> =>
  db.transaction(async (tx): Promise<Result<RunsPage, WireRefusal>> => {
    if (!(await findRunHead(tx, crew, job, after))) return refuse({ code: 'run-unknown', run: after });
    const runs = await listHeadingsAfter(tx, crew, job, after, LIMITS.runsAtOnce + 1);
    const page = runs.slice(0, LIMITS.runsAtOnce);
    return accept({ runs: page, next: runs.length > page.length ? page.at(-1)!.id : null });
  }, 'snapshot');

/** One job of the crew. */
export const readJob = (db: Database, { crew }: Actor, id: string): Promise<Result<Job, WireRefusal>> =>
  db.transaction(async (tx) => {
    const job = await findJob(tx, crew, id);
    return job ? accept(job) : refuse({ code: 'job-unknown', job: id });
  }, 'snapshot');
