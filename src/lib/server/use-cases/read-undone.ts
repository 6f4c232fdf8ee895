import { findUndone, getStanding } from '#core/checks';
import type { UndoneAnswer, WireRefusal } from '#core/formats';
import { accept, refuse, type Result } from '#core/outcome';
import type { Undone } from '#core/jobs';
import type { Actor } from '../actor.ts';
import type { Database } from '../db/database.ts';
import { findJob } from '../repositories/jobs.ts';
import { listRunHeads, readMoment } from '../repositories/runs.ts';
import { layOutKeptRun } from './lay-out-kept-run.ts';

/** What is not done in a job, and at which moment of its runs and records it was so. */
export interface UndoneLook extends UndoneAnswer {
  readonly moment: string;
}

/** Looks through every run of a job for what is not done. For a job with long runs this is work for a thread. */
export async function readUndone(
  db: Database,
  actor: Actor,
  job: string,
): Promise<Result<UndoneLook, WireRefusal>> {
  const { crew } = actor;
  const begin = await db.transaction(async (tx) => {
    if (!(await findJob(tx, crew, job))) return null;
    return { moment: await readMoment(tx, crew, job), heads: await listRunHeads(tx, crew, job) };
  }, 'snapshot');
  if (!begin) return refuse({ code: 'job-unknown', job });
  const undone: Undone[] = [];
  let isEmpty = true;
  for (const { id, name } of begin.heads) {
    const laid = await layOutKeptRun(db, actor, job, id);
    if (!laid.ok) return laid;
    const standing = getStanding(laid.value.layout, laid.value.findings);
    if (standing.legs > 0) isEmpty = false;
    const left = findUndone({ run: id, name }, standing);
    if (left) undone.push(left);
  }
  return accept({ undone, isEmpty, moment: begin.moment });
}
