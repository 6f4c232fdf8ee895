import { and, desc, eq, sql, type SQL } from 'drizzle-orm';
import type { JobFile } from '#core/formats';
import { LIMITS } from '#core/shapes';
import type { RuleChoices } from '#core/house-rules';
import { pickDetails, type Job, type JobDetails } from '#core/jobs';
import type { Queryable } from '../db/database.ts';
import { jobs } from '../db/schema/schema.ts';
import { getMilestonesByJob } from './milestones.ts';
import { getPeopleByJob } from './people.ts';
import { countRunsByJob, getHeadingsByJob } from './runs.ts';

export type JobRow = typeof jobs.$inferSelect;

const isJob = (crew: string, id: string): SQL | undefined => and(eq(jobs.crew, crew), eq(jobs.id, id));

/** Adds a job; tells whether it was new. */
export async function insertJob(
  db: Queryable,
  crew: string,
  id: string,
  details: JobDetails,
  ruleChoices: RuleChoices,
): Promise<boolean> {
  const row = { crew, id, ...pickDetails(details), ruleChoices };
  const inserted = await db.insert(jobs).values(row).onConflictDoNothing().returning({ id: jobs.id });
  return inserted.length === 1;
}

/** Sets a job's copy of the house rules. */
export async function setJobRules(
  db: Queryable,
  crew: string,
  id: string,
  ruleChoices: RuleChoices,
): Promise<void> {
  await db.update(jobs).set({ ruleChoices }).where(isJob(crew, id));
}

/** Changes what is said of a job. */
export async function updateJob(db: Queryable, crew: string, id: string, details: JobDetails): Promise<void> {
  await db.update(jobs).set(pickDetails(details)).where(isJob(crew, id));
}

/** One job with its people and runs; null when the crew has none of that id. */
export async function findJob(db: Queryable, crew: string, id: string): Promise<Job | null> {
  const row = await findJobRow(db, crew, id);
  if (!row) return null;
  const [job] = await makeJobs(db, crew, [row]);
  return job!;
}

/** What is kept of a job itself; null when the crew has none of that id. */
export async function findJobRow(db: Queryable, crew: string, id: string): Promise<JobRow | null> {
  const [row] = await db.select().from(jobs).where(isJob(crew, id));
  return row ?? null;
}

/** So many jobs of a crew, the newest first, those after one of them (by its id) or from the newest on. */
export const listJobs = async (
  db: Queryable,
  crew: string,
  most: number,
  after: string | null,
): Promise<Job[]> => makeJobs(db, crew, await listJobRows(db, crew, most, after));

/** The same, what is kept of the jobs themselves. */
export const listJobRows = (
  db: Queryable,
  crew: string,
  most: number,
  after: string | null,
): Promise<JobRow[]> =>
  db
    .select()
    .from(jobs)
    .where(and(eq(jobs.crew, crew), after === null ? undefined : isAfter(crew, after)))
    .orderBy(desc(jobs.createdAt), desc(jobs.id))
    .limit(most);

/** The key of the order is compared where it is kept, to the microsecond. */
const isAfter = (crew: string, id: string): SQL =>
  sql`(${jobs.createdAt}, ${jobs.id}) < (select ${jobs.createdAt}, ${jobs.id} from ${jobs} where ${isJob(crew, id)})`;

/**
 * Holds a job's row until the transaction ends: shared by those who change something in it, alone by who changes the job
 * itself. Whoever also locks a run locks its job first.
 */
export async function lockJob(
  db: Queryable,
  crew: string,
  id: string,
  strength: 'share' | 'no key update',
): Promise<boolean> {
  const rows = await db.select({ id: jobs.id }).from(jobs).where(isJob(crew, id)).for(strength);
  return rows.length === 1;
}

/** What belongs to these jobs, and to no other, is asked for. */
async function makeJobs(db: Queryable, crew: string, rows: readonly JobRow[]): Promise<Job[]> {
  if (rows.length === 0) return [];
  const ids = rows.map(({ id }) => id);
  const people = await getPeopleByJob(db, crew, ids);
  const headings = await getHeadingsByJob(db, crew, ids, LIMITS.runsAtOnce);
  const counts = await countRunsByJob(db, crew, ids);
  const milestones = await getMilestonesByJob(db, crew, ids);
  return rows.map((row) => ({
    id: row.id,
    ...pickDetails(row),
    createdAt: row.createdAt.toISOString(),
    ruleChoices: row.ruleChoices,
    people: people.get(row.id) ?? [],
    runs: headings.get(row.id) ?? [],
    runCount: counts.get(row.id) ?? 0,
    milestones: milestones.get(row.id) ?? [],
  }));
}

/** Adds a job as a file tells of it. */
export async function insertJobFromFile(db: Queryable, crew: string, job: JobFile['job']): Promise<void> {
  const { id, ruleChoices, createdAt } = job;
  await db
    .insert(jobs)
    .values({ crew, id, ...pickDetails(job), ruleChoices, createdAt: new Date(createdAt) });
}
