import type { WireRefusal } from '#core/formats';
import { accept, refuse, type Result } from '#core/outcome';
import { findFinish } from '#core/jobs';
import type { Queryable } from '../db/database.ts';
import { lockJob } from '../repositories/jobs.ts';
import { listMilestones } from '../repositories/milestones.ts';

/**
 * What every change of a job or of anything in it begins with: the job is there and not finished, and stays so until the
 * transaction ends. `alone` for who changes the job itself: locks are taken once, at the strength they are needed at, the job's
 * before any of its runs'.
 */
export async function requireOpenJob(
  tx: Queryable,
  crew: string,
  job: string,
  how: 'with others' | 'alone' = 'with others',
): Promise<Result<void, WireRefusal>> {
  const isThere = await lockJob(tx, crew, job, how === 'alone' ? 'no key update' : 'share');
  if (!isThere) return refuse({ code: 'job-unknown', job });
  const milestones = (await listMilestones(tx, crew, job)).map(({ milestone }) => milestone);
  const finish = findFinish({ milestones });
  return finish ? refuse({ code: 'job-finished', by: finish.by, at: finish.at }) : accept(undefined);
}
