import { accept, refuse, type Result } from '#core/outcome';
import type { NewJobInput, WireRefusal } from '#core/formats';
import { getOpeningChoices } from '#core/house-rules';
import type { Job } from '#core/jobs';
import type { Actor } from '../actor.ts';
import type { Database } from '../db/database.ts';
import { getShopRules } from '../repositories/crews.ts';
import { findJob, insertJob } from '../repositories/jobs.ts';
import { setJobPeople } from '../repositories/people.ts';

/** Opens a job with a copy of the shop's rules. Sent twice it is opened once; another job's id is refused. */
export async function openJob(
  db: Database,
  { crew }: Actor,
  input: NewJobInput,
): Promise<Result<Job, WireRefusal>> {
  return db.transaction(async (tx) => {
    const rules = {
      ...getOpeningChoices(input.units, input.jurisdiction),
      ...(await getShopRules(tx, crew)),
    };
    const isNew = await insertJob(tx, crew, input.id, input, rules);
    if (isNew) await setJobPeople(tx, crew, input.id, input.people);
    const job = await findJob(tx, crew, input.id);
    if (!job) throw new Error(`job ${input.id} was neither added nor found`);
    return isNew || job.name === input.name ? accept(job) : refuse({ code: 'id-taken', id: input.id });
  });
}
