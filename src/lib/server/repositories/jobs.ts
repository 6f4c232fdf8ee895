import { and, desc, eq } from 'drizzle-orm';
import type { JobFile } from '#core/formats/job-file.ts';
import type { RuleChoices } from '#core/house-rules/house-rules.ts';
import type { Job, JobDetails } from '#core/runs/job.ts';
import type { Queryable } from '../db/database.ts';
import { jobs } from '../db/schema/schema.ts';
import { getMilestonesByJob } from './milestones.ts';
import { getPeopleByJob } from './people.ts';
import { getHeadingsByJob } from './runs.ts';

type JobRow = typeof jobs.$inferSelect;

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
  await db
    .update(jobs)
    .set({ ruleChoices })
    .where(and(eq(jobs.crew, crew), eq(jobs.id, id)));
}

/** Changes what is said of a job; tells whether there is such a job. */
export async function updateJob(
  db: Queryable,
  crew: string,
  id: string,
  details: JobDetails,
): Promise<boolean> {
  const updated = await db
    .update(jobs)
    .set(pickDetails(details))
    .where(and(eq(jobs.crew, crew), eq(jobs.id, id)))
    .returning({ id: jobs.id });
  return updated.length === 1;
}

/** One job with its people and runs; null when the crew has none of that id. */
export async function findJob(db: Queryable, crew: string, id: string): Promise<Job | null> {
  const [row] = await db
    .select()
    .from(jobs)
    .where(and(eq(jobs.crew, crew), eq(jobs.id, id)));
  if (!row) return null;
  const [job] = await makeJobs(db, crew, [row]);
  return job!;
}

/** All jobs of a crew, the newest first. */
export async function listJobs(db: Queryable, crew: string): Promise<Job[]> {
  const rows = await db.select().from(jobs).where(eq(jobs.crew, crew)).orderBy(desc(jobs.createdAt), jobs.id);
  return makeJobs(db, crew, rows);
}

/** Holds a job's row until the transaction ends: shared by those who change something in it, alone by who finishes it. */
export async function lockJob(
  db: Queryable,
  crew: string,
  id: string,
  strength: 'share' | 'update',
): Promise<boolean> {
  const rows = await db
    .select({ id: jobs.id })
    .from(jobs)
    .where(and(eq(jobs.crew, crew), eq(jobs.id, id)))
    .for(strength);
  return rows.length === 1;
}

const pickDetails = ({ name, place, units, gas, jurisdiction, edition }: JobDetails): JobDetails => ({
  name,
  place,
  units,
  gas,
  jurisdiction,
  edition,
});

async function makeJobs(db: Queryable, crew: string, rows: readonly JobRow[]): Promise<Job[]> {
  const people = await getPeopleByJob(db, crew);
  const headings = await getHeadingsByJob(db, crew);
  const milestones = await getMilestonesByJob(db, crew);
  return rows.map((row) => ({
    id: row.id,
    ...pickDetails(row),
    ruleChoices: row.ruleChoices,
    people: people.get(row.id) ?? [],
    runs: headings.get(row.id) ?? [],
    milestones: milestones.get(row.id) ?? [],
  }));
}

/** When a job was opened; null when there is none. */
export async function findJobTimes(db: Queryable, crew: string, id: string): Promise<Date | null> {
  const [row] = await db
    .select({ createdAt: jobs.createdAt })
    .from(jobs)
    .where(and(eq(jobs.crew, crew), eq(jobs.id, id)));
  return row?.createdAt ?? null;
}

/** Adds a job as a file tells of it. */
export async function insertJobFromFile(db: Queryable, crew: string, job: JobFile['job']): Promise<void> {
  const { id, ruleChoices, createdAt } = job;
  await db
    .insert(jobs)
    .values({ crew, id, ...pickDetails(job), ruleChoices, createdAt: new Date(createdAt) });
}
