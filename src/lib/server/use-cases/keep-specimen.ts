import { standardThreads } from '#core/catalogue/standard-threads.ts';
import type { WireRefusal } from '#core/formats/wire.ts';
import { makeSpecimen, type Specimen, type SpecimenInput } from '#core/identify/specimen.ts';
import { accept, refuse, type Result } from '#core/outcome/result.ts';
import type { Actor } from '../actor.ts';
import type { Database } from '../db/database.ts';
import { findJob } from '../repositories/jobs.ts';
import { findSpecimen, insertSpecimen } from '../repositories/specimens.ts';

/** Keeps a specimen of a job, its verdict made here from its readings. Sent twice it is kept once. */
export async function keepSpecimen(
  db: Database,
  { crew }: Actor,
  job: string,
  input: SpecimenInput,
): Promise<Result<Specimen, WireRefusal>> {
  return db.transaction(async (tx) => {
    if (!(await findJob(tx, crew, job))) return refuse({ code: 'job-unknown', job });
    const specimen = makeSpecimen(standardThreads, input);
    if (await insertSpecimen(tx, crew, job, specimen)) return accept(specimen);
    const kept = await findSpecimen(tx, crew, input.id);
    const isSame = kept?.job === job && kept.specimen.name === input.name && kept.specimen.at === input.at;
    return isSame ? accept(kept.specimen) : refuse({ code: 'id-taken', id: input.id });
  });
}
