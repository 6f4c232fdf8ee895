import type { SQL } from 'drizzle-orm';
import {
  type FilePart,
  JOB_FILE_VERSION,
  type JobFile,
  type JobsFile,
  type RunAnswer,
  type WireRefusal,
} from '#core/formats';
import type { Result } from '#core/outcome';
import type { Change } from '#core/runs/changes';
import type { RunDoc } from '#core/runs/document';
import type { Actor } from '#server/actor.ts';
import type { Database } from '#server/db/database.ts';
import { ensureCrew } from '#server/repositories/crews.ts';
import { acceptChange } from '#server/use-cases/accept-change.ts';
import { exportJob, exportJobs, type JobRange } from '#server/use-cases/export-jobs.ts';
import { listFileParts } from '#server/use-cases/list-file-parts.ts';
import { readRun } from '#server/use-cases/read-run.ts';
import { toChangeText } from '#server/work/read-change.ts';

/** The use cases as their answers are read: documents and files built from their texts. */

export const makeCrew = (db: Database, crew: string): Promise<void> =>
  db.transaction((tx) => ensureCrew(tx, crew, 'Crew'));

/** Asks the database itself. */
export const execute = async (db: Database, statement: SQL): Promise<Record<string, unknown>[]> =>
  db.use(async (on) => (await on.execute(statement)).rows);

export const sendChange = (db: Database, actor: Actor, job: string, run: string, change: Change) =>
  acceptChange(db, actor, job, run, toChangeText(change));

export async function openRunAnswer(
  db: Database,
  actor: Actor,
  job: string,
  run: string,
): Promise<Result<RunAnswer, WireRefusal>> {
  const read = await readRun(db, actor, job, run);
  return read.ok ? { ok: true, value: { ...read.value, doc: JSON.parse(read.value.doc) as RunDoc } } : read;
}

export async function exportOne(
  db: Database,
  actor: Actor,
  job: string,
): Promise<Result<JobFile, WireRefusal>> {
  let text = '';
  const done = await exportJob(db, actor, job, (piece) => {
    text += piece;
    return Promise.resolve();
  });
  return done.ok ? { ok: true, value: JSON.parse(text) as JobFile } : done;
}

/** Every job of the crew, by the parts that are listed. */
export async function exportAll(db: Database, actor: Actor): Promise<JobsFile> {
  const parts = (await listFileParts(db, actor)) as { value: FilePart[] };
  const files: JobsFile[] = [];
  for (const part of parts.value) files.unshift(await exportPart(db, actor, part));
  return { porthole: 'jobs', version: JOB_FILE_VERSION, jobs: files.flatMap(({ jobs }) => jobs) };
}

export async function exportPart(db: Database, actor: Actor, range: JobRange): Promise<JobsFile> {
  let text = '';
  const done = await exportJobs(db, actor, range, (piece) => {
    text += piece;
    return Promise.resolve();
  });
  if (!done.ok) throw new Error(`refused: ${done.refusal.code}`);
  return JSON.parse(text) as JobsFile;
}
