import { and, asc, eq } from 'drizzle-orm';
import type { RunInFile } from '#core/formats/job-file.ts';
import type { RunHeading } from '#core/runs/job.ts';
import type { RunDoc } from '#core/runs/run.ts';
import type { Queryable } from '../db/database.ts';
import { runs } from '../db/schema/schema.ts';

export type RunRow = typeof runs.$inferSelect;

/** Adds a run at revision 0; tells whether it was new. */
export async function insertRun(
  db: Queryable,
  crew: string,
  job: string,
  name: string,
  doc: RunDoc,
): Promise<boolean> {
  const row = { crew, id: doc.id, job, name, doc, revision: 0 };
  const inserted = await db.insert(runs).values(row).onConflictDoNothing().returning({ id: runs.id });
  return inserted.length === 1;
}

/** A run of a job; locked until the transaction ends when it is about to be changed. Null when there is none. */
export async function findRun(
  db: Queryable,
  crew: string,
  job: string,
  id: string,
  lock: 'for update' | 'no lock' = 'no lock',
): Promise<RunRow | null> {
  const query = db
    .select()
    .from(runs)
    .where(and(eq(runs.crew, crew), eq(runs.id, id), eq(runs.job, job)));
  const [row] = lock === 'for update' ? await query.for('update') : await query;
  return row ?? null;
}

/** Puts a new snapshot in the place of the old. */
export async function updateRun(
  db: Queryable,
  crew: string,
  id: string,
  doc: RunDoc,
  revision: number,
): Promise<void> {
  await db
    .update(runs)
    .set({ doc, revision, changedAt: new Date() })
    .where(and(eq(runs.crew, crew), eq(runs.id, id)));
}

/** Job id → its runs as a list shows them, the oldest first. */
export async function getHeadingsByJob(db: Queryable, crew: string): Promise<Map<string, RunHeading[]>> {
  const rows = await db
    .select({
      job: runs.job,
      id: runs.id,
      name: runs.name,
      revision: runs.revision,
      changedAt: runs.changedAt,
    })
    .from(runs)
    .where(eq(runs.crew, crew))
    .orderBy(asc(runs.createdAt), runs.id);
  const byJob = new Map<string, RunHeading[]>();
  for (const { job, changedAt, ...heading } of rows) {
    const run = { ...heading, changedAt: changedAt.toISOString() };
    byJob.set(job, [...(byJob.get(job) ?? []), run]);
  }
  return byJob;
}

/** The runs of a job, the oldest first. */
export const listRuns = (db: Queryable, crew: string, job: string): Promise<RunRow[]> =>
  db
    .select()
    .from(runs)
    .where(and(eq(runs.crew, crew), eq(runs.job, job)))
    .orderBy(asc(runs.createdAt), runs.id);

/** Adds a run as a file tells of it, at its revision. */
export async function insertRunFromFile(
  db: Queryable,
  crew: string,
  job: string,
  { id, name, doc, revision, createdAt, changedAt }: RunInFile,
): Promise<void> {
  const times = { createdAt: new Date(createdAt), changedAt: new Date(changedAt) };
  await db.insert(runs).values({ crew, id, job, name, doc, revision, ...times });
}
