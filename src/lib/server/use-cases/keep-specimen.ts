import { threads } from '../catalogue.ts';
import type { WireRefusal } from '#core/formats';
import { makeSpecimen, type Specimen, type SpecimenInput } from '#core/identify';
import { accept, refuse, type Result } from '#core/outcome';
import type { Actor } from '../actor.ts';
import type { Database } from '../db/database.ts';
import { findSpecimen, insertSpecimen } from '../repositories/specimens.ts';
import { requireOpenJob } from './require-open-job.ts';

/** Keeps a specimen of a job, its verdict made here from its readings. Sent twice it is kept once. */
export async function keepSpecimen(
  db: Database,
  { crew }: Actor,
  job: string,
  input: SpecimenInput,
): Promise<Result<Specimen, WireRefusal>> {
  return db.transaction(async (tx) => {
    const open = await requireOpenJob(tx, crew, job);
    if (!open.ok && open.refusal.code === 'job-unknown') return open;
    const kept = await findSpecimen(tx, crew, input.id);
    if (kept) return answerKept(kept, job, input);
    if (!open.ok) return open;
    const specimen = makeSpecimen(threads, input);
    if (await insertSpecimen(tx, crew, job, specimen)) return accept(specimen);
    // Sent twice at once: the other was faster.
    return answerKept((await findSpecimen(tx, crew, input.id))!, job, input);
  });
}

function answerKept(
  kept: { job: string; specimen: Specimen },
  job: string,
  input: SpecimenInput,
): Result<Specimen, WireRefusal> {
  const isSame = kept.job === job && kept.specimen.name === input.name && kept.specimen.at === input.at;
  return isSame ? accept(kept.specimen) : refuse({ code: 'id-taken', id: input.id });
}
