import { threads } from '../catalogue.ts';
import { getSpecimenEnd } from '#core/joints';
import { CATALOGUE_VERSION } from '#core/catalogue';
import { LIMITS } from '#core/shapes';
import type { NewRunInput, WireRefusal } from '#core/formats';
import { accept, refuse, type Result } from '#core/outcome';
import { newRun, newRunFromSpecimen, type RunDoc } from '#core/runs/document';
import type { Actor } from '../actor.ts';
import type { Database, Queryable } from '../db/database.ts';
import { newId } from '../new-id.ts';
import { findJobRow } from '../repositories/jobs.ts';
import { countRuns, findRunHead, insertRun, type RunHead } from '../repositories/runs.ts';
import { findSpecimen } from '../repositories/specimens.ts';
import { requireOpenJob } from './require-open-job.ts';

/** Begins a run in a job, empty or at a specimen found in place, with a copy of the job's rules. Sent twice it is begun once. */
export async function beginRun(
  db: Database,
  { crew }: Actor,
  job: string,
  input: NewRunInput,
): Promise<Result<{ id: string; name: string; revision: number }, WireRefusal>> {
  return db.transaction(async (tx) => {
    const open = await requireOpenJob(tx, crew, job);
    if (!open.ok && open.refusal.code === 'job-unknown') return open;
    const kept = await findRunHead(tx, crew, job, input.id);
    if (kept) return answerKept(kept, input);
    if (!open.ok) return open;
    if ((await countRuns(tx, crew, job)) >= LIMITS.runsInJob)
      return refuse({ code: 'job-full', most: LIMITS.runsInJob });
    const { ruleChoices } = (await findJobRow(tx, crew, job))!;
    const begun = await beginDoc(tx, crew, job, input, newRun(input.id, CATALOGUE_VERSION, ruleChoices));
    if (!begun.ok) return begun;
    await insertRun(tx, crew, job, input.name, begun.value);
    return answerKept(await findRunHead(tx, crew, job, input.id), input);
  });
}

/** The run as it is kept, were it the first or the second time that it was sent. */
function answerKept(
  run: RunHead | null,
  { id, name }: NewRunInput,
): Result<{ id: string; name: string; revision: number }, WireRefusal> {
  if (run?.name !== name) return refuse({ code: 'id-taken', id });
  return accept({ id, name, revision: run.revision });
}

async function beginDoc(
  tx: Queryable,
  crew: string,
  job: string,
  { specimen }: NewRunInput,
  empty: RunDoc,
): Promise<Result<RunDoc, WireRefusal>> {
  if (specimen === undefined) return accept(empty);
  const found = await findSpecimen(tx, crew, specimen);
  if (found?.job !== job) return refuse({ code: 'specimen-unknown', specimen });
  const { end, name } = found.specimen;
  if (!end) return refuse({ code: 'specimen-has-no-end', name });
  return accept(
    newRunFromSpecimen(empty, specimen, getSpecimenEnd(found.specimen, threads), {
      node: newId(),
      anchor: newId(),
    }),
  );
}
