import {
  carryUpJobFile,
  type ImportOutcome,
  type JobFile,
  giveNewIds,
  readJobsInTurn,
  type WireRefusal,
} from '#core/formats';
import { createHash } from 'node:crypto';
import { sql } from 'drizzle-orm';
import { accept, refuse, type Result, isSameJson, type Json } from '#core/outcome';
import type { Actor } from '../actor.ts';
import { withSavepoint, type Database, type Queryable } from '../db/database.ts';
import { isIdTaken } from '../db/is-id-taken.ts';
import { insertChangesFromFile } from '../repositories/changes.ts';
import { insertEventsFromFile } from '../repositories/events.ts';
import { findJobRow, insertJobFromFile } from '../repositories/jobs.ts';
import { insertMilestoneFromFile } from '../repositories/milestones.ts';
import { setJobPeople } from '../repositories/people.ts';
import { insertRunFromFile } from '../repositories/runs.ts';
import { insertSpecimenFromFile } from '../repositories/specimens.ts';
import { writeJobFile } from './export-jobs.ts';

/** Any number, the same in every process: files come in one after another. */
const LOCK = 7_060_127;

/**
 * Brings the jobs of a file in; those that are damaged are named, and a file of one that is damaged is refused. A job that is here already and the same changes nothing; one whose ids are
 * taken by something else comes in beside it, under ids made from what it holds: nothing that is here is ever written over, and
 * the same file brought in again, or several times at once, is brought in once. Tells `onprogress` after each job.
 */
export async function importJobs(
  db: Database,
  { crew }: Actor,
  text: string,
  onprogress: (done: number, of: number) => void = () => undefined,
): Promise<Result<ImportOutcome[], WireRefusal>> {
  return db.transaction(async (tx): Promise<Result<ImportOutcome[], WireRefusal>> => {
    const read = readJobsInTurn(text);
    if (!read.ok) return read;
    const { count, jobs } = read.value;
    await tx.execute(sql`select pg_advisory_xact_lock(${LOCK})`);
    const outcomes: ImportOutcome[] = [];
    // The newest stands first in a file; kept in that order by their moments, whatever the order they come in.
    for (const file of jobs) {
      if (!file.ok && count === 1) return refuse(file.refusal);
      outcomes.push(
        file.ok
          ? await bringIn(tx, crew, file.value)
          : { outcome: 'refused', name: file.name, refusal: file.refusal },
      );
      onprogress(outcomes.length, count);
    }
    return accept(outcomes);
  });
}

async function bringIn(tx: Queryable, crew: string, file: JobFile): Promise<ImportOutcome> {
  const { id, name } = file.job;
  const here = await findJobRow(tx, crew, id);
  if (here) {
    const there = await writeJobFile(tx, crew, here);
    // What a file holds was carried up when it was read; what is here may be as it was once written.
    if (there.ok && isSame(carryUpJobFile(there.value.read()), file))
      return { id, name, outcome: 'already-here' };
  } else if (await tryToInsert(tx, crew, file)) return { id, name, outcome: 'imported' };
  const copy = giveNewIds(file, makeIdsFrom(file));
  if (await findJobRow(tx, crew, copy.job.id)) return { id: copy.job.id, name, outcome: 'already-here' };
  await insert(tx, crew, copy);
  return { id: copy.job.id, name, outcome: 'copied' };
}

/** What it was written with may differ. */
const isSame = (a: JobFile, b: JobFile): boolean =>
  isSameJson({ ...a, written: null } as unknown as Json, { ...b, written: null } as unknown as Json);

/** The same content gives the same new id for an old one, whenever and wherever it is asked. */
function makeIdsFrom(file: JobFile): (old: string) => string {
  const content = createHash('sha256')
    .update(JSON.stringify(inOrder({ ...file, written: null })))
    .digest();
  return (old) => `f${createHash('sha256').update(content).update(old).digest('hex').slice(0, 24)}`;
}

/** Keys in order: how a file was written down does not make it another one. */
function inOrder(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(inOrder);
  if (typeof value !== 'object' || value === null) return value;
  const entries = Object.entries(value).sort(([a], [b]) => (a < b ? -1 : 1));
  return Object.fromEntries(entries.map(([key, each]) => [key, inOrder(each)]));
}

/** False when one of its ids stands for something else already; then nothing of it was put in. */
async function tryToInsert(tx: Queryable, crew: string, file: JobFile): Promise<boolean> {
  try {
    await withSavepoint(tx, () => insert(tx, crew, file));
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
    await insertChangesFromFile(tx, crew, run.id, run.changes);
    await insertEventsFromFile(tx, crew, run.id, run.events);
  }
  for (const milestone of milestones) await insertMilestoneFromFile(tx, crew, job.id, milestone);
}
