import { CATALOGUE_VERSION } from '#core/catalogue/standard-catalogue.ts';
import { APP_VERSION } from '#core/formats/app-version.ts';
import type { MilestoneInput } from '#core/formats/milestone.schema.ts';
import type { WireRefusal } from '#core/formats/wire.ts';
import { RULE_PACK_VERSION } from '#core/house-rules/house-rules.ts';
import { accept, refuse, type Result } from '#core/outcome/result.ts';
import { findFinish, type Job, type Versions } from '#core/runs/job.ts';
import type { Actor } from '../actor.ts';
import type { Database } from '../db/database.ts';
import { findJob, lockJob } from '../repositories/jobs.ts';
import { findMilestone, insertMilestone } from '../repositories/milestones.ts';

/** What this server works with. */
const VERSIONS: Versions = { app: APP_VERSION, catalogue: CATALOGUE_VERSION, rulePack: RULE_PACK_VERSION };

/**
 * Finishes a job, or opens it again. A finished job keeps its rules, runs and records as they are and the versions they were
 * made under. Sent twice it is done once; finishing what is finished, or opening what is open, is refused.
 */
export async function passMilestone(
  db: Database,
  { crew }: Actor,
  job: string,
  input: MilestoneInput,
): Promise<Result<Job, WireRefusal>> {
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
    const isNew = await insertMilestone(tx, crew, job, { ...input, written: VERSIONS });
    if (!isNew) return refuse({ code: 'id-taken', id: input.id });
    return accept((await findJob(tx, crew, job))!);
  });
}
