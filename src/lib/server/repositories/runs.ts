import { and, asc, count, eq, getTableColumns, inArray, lte, sql, type SQL } from 'drizzle-orm';
import type { RunInFile } from '#core/formats';
import type { RunHeading } from '#core/jobs';
import type { RunDoc } from '#core/runs/document';
import type { Queryable } from '../db/database.ts';
import { events, runs } from '../db/schema/schema.ts';
import { groupByJob } from './group-by-job.ts';

/** A run as it is kept. Its document is the text of it: most who ask for it only pass it on. */
export type RunRow = Omit<typeof runs.$inferSelect, 'doc'> & { readonly doc: string };

const { doc: document, ...heading } = getTableColumns(runs);
const columns = { ...heading, doc: sql<string>`${document}::text` };
/** Without its document, which may be large. */
export type RunHead = Omit<RunRow, 'doc'>;

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

/** A run of a job; null when there is none. */
export async function findRun(db: Queryable, crew: string, job: string, id: string): Promise<RunRow | null> {
  const [row] = await db
    .select(columns)
    .from(runs)
    .where(isRun(crew, job, id));
  return row ?? null;
}

/** How many bytes its document takes as it is kept, packed; null when there is no such run. The document is not unpacked for it. */
export async function findRunSize(
  db: Queryable,
  crew: string,
  job: string,
  id: string,
): Promise<number | null> {
  const [row] = await db
    .select({ size: sql<number>`pg_column_size(${document})` })
    .from(runs)
    .where(isRun(crew, job, id));
  return row?.size ?? null;
}

/** How many runs a job has. */
export const countRuns = (db: Queryable, crew: string, job: string): Promise<number> =>
  db.$count(runs, and(eq(runs.crew, crew), eq(runs.job, job)));

/** The same without its document; locked until the transaction ends when it is about to be changed. Its job is locked first. */
export async function findRunHead(
  db: Queryable,
  crew: string,
  job: string,
  id: string,
  lock: 'for change' | 'no lock' = 'no lock',
): Promise<RunHead | null> {
  const query = db
    .select(heading)
    .from(runs)
    .where(isRun(crew, job, id));
  const [row] = lock === 'for change' ? await query.for('no key update') : await query;
  return row ?? null;
}

const isRun = (crew: string, job: string, id: string): SQL | undefined =>
  and(eq(runs.crew, crew), eq(runs.id, id), eq(runs.job, job));

/** Puts a new snapshot (the text of a document) in the place of the old. */
export async function updateRun(
  db: Queryable,
  crew: string,
  id: string,
  doc: string,
  revision: number,
): Promise<void> {
  await db
    .update(runs)
    .set({ doc: sql`${doc}::text::jsonb`, revision, changedAt: new Date() })
    .where(and(eq(runs.crew, crew), eq(runs.id, id)));
}

const headingColumns = {
  job: runs.job,
  id: runs.id,
  name: runs.name,
  revision: runs.revision,
  changedAt: runs.changedAt,
};
const toHeading = ({
  id,
  name,
  revision,
  changedAt,
}: Omit<RunHeading, 'changedAt'> & { changedAt: Date }): RunHeading => ({
  id,
  name,
  revision,
  changedAt: changedAt.toISOString(),
});

/** Job id → its runs as a list shows them, the oldest first and so many at most, of these jobs. */
export async function getHeadingsByJob(
  db: Queryable,
  crew: string,
  ids: readonly string[],
  most: number,
): Promise<Map<string, RunHeading[]>> {
  const place = sql<number>`row_number() over (partition by ${runs.job} order by ${runs.createdAt}, ${runs.id})`;
  const numbered = db
    .select({ ...headingColumns, place: place.as('place') })
    .from(runs)
    .where(and(eq(runs.crew, crew), inArray(runs.job, [...ids])))
    .as('numbered');
  const rows = await db
    .select()
    .from(numbered)
    .where(lte(numbered.place, most))
    .orderBy(numbered.job, numbered.place);
  return groupByJob(rows, toHeading);
}

/** Job id → how many runs it has, of these jobs; none stands for none. */
export async function countRunsByJob(
  db: Queryable,
  crew: string,
  ids: readonly string[],
): Promise<ReadonlyMap<string, number>> {
  const rows = await db
    .select({ job: runs.job, many: count() })
    .from(runs)
    .where(and(eq(runs.crew, crew), inArray(runs.job, [...ids])))
    .groupBy(runs.job);
  return new Map(rows.map(({ job, many }) => [job, many]));
}

/** So many runs of a job as a list shows them, the oldest first, those after one of them. */
export async function listHeadingsAfter(
  db: Queryable,
  crew: string,
  job: string,
  after: string,
  most: number,
): Promise<RunHeading[]> {
  const isAfter = sql`(${runs.createdAt}, ${runs.id}) > (select ${runs.createdAt}, ${runs.id} from ${runs} where ${isRun(crew, job, after)})`;
  const rows = await db
    .select(headingColumns)
    .from(runs)
    .where(and(eq(runs.crew, crew), eq(runs.job, job), isAfter))
    .orderBy(asc(runs.createdAt), runs.id)
    .limit(most);
  return rows.map(toHeading);
}

/** The runs of a job without their documents, the oldest first. */
export const listRunHeads = (db: Queryable, crew: string, job: string): Promise<RunHead[]> =>
  db
    .select(heading)
    .from(runs)
    .where(and(eq(runs.crew, crew), eq(runs.job, job)))
    .orderBy(asc(runs.createdAt), runs.id);

/** A moment of everything that is kept of the runs of a job: as long as it is the same, nothing of them was changed or recorded. */
export async function readMoment(db: Queryable, crew: string, job: string): Promise<string> {
  const isOfJob = and(eq(runs.crew, crew), eq(runs.job, job));
  const [changed] = await db
    .select({ count: count(), sum: sql<string>`coalesce(sum(${runs.revision}), 0)` })
    .from(runs)
    .where(isOfJob);
  const ids = db.select({ id: runs.id }).from(runs).where(isOfJob);
  const recorded = await db.$count(events, and(eq(events.crew, crew), inArray(events.run, ids)));
  return `${changed?.count ?? 0} ${changed?.sum ?? 0} ${recorded}`;
}

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
