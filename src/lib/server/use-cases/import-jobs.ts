import type { ImportOutcome, JobFile } from '#core/formats/job-file.ts';
import { giveNewIds, readJobFile } from '#core/formats/read-job-file.ts';
import type { WireRefusal } from '#core/formats/wire.ts';
import { accept, type Result } from '#core/outcome/result.ts';
import { isSameJson, type Json } from '#core/runs/change.ts';
import type { Actor } from '../actor.ts';
import type { Database, Queryable } from '../db/database.ts';
import { isIdTaken } from '../db/is-id-taken.ts';
import { newId } from '../new-id.ts';
import { insertChangeFromFile } from '../repositories/changes.ts';
import { insertEventFromFile } from '../repositories/events.ts';
import { insertJobFromFile } from '../repositories/jobs.ts';
import { insertMilestoneFromFile } from '../repositories/milestones.ts';
import { setJobPeople } from '../repositories/people.ts';
import { insertRunFromFile } from '../repositories/runs.ts';
import { insertSpecimenFromFile } from '../repositories/specimens.ts';
import { makeJobFile } from './export-jobs.ts';

/**
 * Brings the jobs of a file in, all or none. A job that is here already and the same changes nothing; one whose ids are
 * taken by something else comes in beside it, under ids of its own: nothing that is here is ever written over.
 */
export async function importJobs(
  db: Database,
  { crew }: Actor,
  text: string,
): Promise<Result<ImportOutcome[], WireRefusal>> {
  const files = readJobFile(text);
  if (!files.ok) return files;
  return db.transaction(async (tx) => {
    const outcomes: ImportOutcome[] = [];
    // The newest stands first in a file; kept in that order by their moments, whatever the order they come in.
    for (const file of files.value) outcomes.push(await bringIn(tx, crew, file));
    return accept(outcomes);
  });
}

async function bringIn(tx: Queryable, crew: string, file: JobFile): Promise<ImportOutcome> {
  const { id, name } = file.job;
  const here = await makeJobFile(tx, crew, id);
  if (here.ok && isSame(here.value, file)) return { id, name, outcome: 'already-here' };
  if (!here.ok && (await tryToInsert(tx, crew, file))) return { id, name, outcome: 'imported' };
  const copy = giveNewIds(file, newId);
  await insert(tx, crew, copy);
  return { id: copy.job.id, name, outcome: 'copied' };
}

/** What it was written with may differ. */
const isSame = (a: JobFile, b: JobFile): boolean =>
  isSameJson({ ...a, written: null } as unknown as Json, { ...b, written: null } as unknown as Json);

/** False when one of its ids stands for something else already; then nothing of it was put in. */
async function tryToInsert(tx: Queryable, crew: string, file: JobFile): Promise<boolean> {
  try {
    await tx.transaction((inner) => insert(inner, crew, file));
    return true;
  } catch (error) {
    if (isIdTaken(error)) return false;
    throw error;
  }
}

async function insert(tx: Queryable, crew: string, file: JobFile): Promise<void> {
  const { job, runs, specimens, milestones } = file;
  await insertJobFromFile(tx, crew, job);
  await setJobPeople(tx, crew, job.id, job.people);
  for (const specimen of specimens) await insertSpecimenFromFile(tx, crew, job.id, specimen);
  for (const run of runs) {
    await insertRunFromFile(tx, crew, job.id, run);
    for (const change of run.changes) await insertChangeFromFile(tx, crew, run.id, change);
    for (const event of run.events) await insertEventFromFile(tx, crew, run.id, event);
  }
  for (const milestone of milestones) await insertMilestoneFromFile(tx, crew, job.id, milestone);
}
