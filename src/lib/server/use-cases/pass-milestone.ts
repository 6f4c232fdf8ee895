import { CATALOGUE_VERSION } from '#core/catalogue';
import { APP_VERSION, type MilestoneInput, type WireRefusal } from '#core/formats';
import { RULE_PACK_VERSION } from '#core/house-rules';
import { isSameJson, type Json, accept, refuse, type Result } from '#core/outcome';
import { findFinish, type Job, type Versions } from '#core/jobs';
import type { Actor } from '../actor.ts';
import type { Database } from '../db/database.ts';
import { findJob, lockJob } from '../repositories/jobs.ts';
import { findMilestone, insertMilestone } from '../repositories/milestones.ts';
import { readMoment } from '../repositories/runs.ts';
import { readUndone, type UndoneLook } from './read-undone.ts';

/** What this server works with. */
const VERSIONS: Versions = { app: APP_VERSION, catalogue: CATALOGUE_VERSION, rulePack: RULE_PACK_VERSION };

/** Where the job stands, looked at before it is finished. */
type Look = () => Promise<Result<UndoneLook, WireRefusal>>;

/**
 * Whether a job may be finished with this answer: it tells of exactly what is not done by now. Where nothing was laid out there is
 * nothing to answer. What is refused says what is not done.
 */
function checkAnswer({ closed }: MilestoneInput, { undone, isEmpty }: UndoneLook): Result<void, WireRefusal> {
  if (closed === null ? isEmpty : isSameJson(closed.undone as unknown as Json, undone as unknown as Json))
    return accept(undefined);
  return refuse({ code: 'job-undone', undone });
}

/**
 * Finishes a job, or opens it again. Finished, it keeps what was not done in it and how it was left. A finished job keeps its rules, runs and records as they are and the versions they were
 * made under. Sent twice it is done once; finishing what is finished, or opening what is open, is refused.
 */
export async function passMilestone(
  db: Database,
  { crew }: Actor,
  job: string,
  input: MilestoneInput,
  look: Look = () => readUndone(db, { crew }, job),
): Promise<Result<Job, WireRefusal>> {
  const looked = input.kind === 'finished' ? await look() : null;
  if (looked && !looked.ok) return looked;
  return db.transaction(async (tx) => {
    if (!(await lockJob(tx, crew, job, 'no key update'))) return refuse({ code: 'job-unknown', job });
    const kept = await findMilestone(tx, crew, input.id);
    if (kept && (kept.job !== job || kept.milestone.kind !== input.kind))
      return refuse({ code: 'id-taken', id: input.id });
    const found = (await findJob(tx, crew, job))!;
    if (kept) return accept(found);
    const finish = findFinish(found);
    if (finish && input.kind === 'finished')
      return refuse({ code: 'job-finished', by: finish.by, at: finish.at });
    if (!finish && input.kind === 'reopened') return refuse({ code: 'job-not-finished', name: found.name });
    if (looked) {
      const answered = checkAnswer(input, looked.value);
      if (!answered.ok) return answered;
      if ((await readMoment(tx, crew, job)) !== looked.value.moment) return refuse({ code: 'job-moving' });
    }
    const isNew = await insertMilestone(tx, crew, job, { ...input, written: VERSIONS });
    if (!isNew) return refuse({ code: 'id-taken', id: input.id });
    return accept((await findJob(tx, crew, job))!);
  });
}
