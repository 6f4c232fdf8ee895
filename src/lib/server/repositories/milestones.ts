import { and, asc, eq, inArray } from 'drizzle-orm';
import type { MilestoneInFile } from '#core/formats';
import type { JobMilestone } from '#core/jobs';
import type { Queryable } from '../db/database.ts';
import { groupByJob } from './group-by-job.ts';
import { milestones } from '../db/schema/schema.ts';

/** One as it is read: those of before nobody was asked how a job was closed say nothing of it. */
const bringUpToDate = (milestone: JobMilestone): JobMilestone => ({
  ...milestone,
  closed: (milestone as Partial<JobMilestone>).closed ?? null,
});

/** Adds a milestone; tells whether it was new. */
export async function insertMilestone(
  db: Queryable,
  crew: string,
  job: string,
  milestone: JobMilestone,
): Promise<boolean> {
  const inserted = await db
    .insert(milestones)
    .values({ crew, id: milestone.id, job, milestone })
    .onConflictDoNothing()
    .returning({ id: milestones.id });
  return inserted.length === 1;
}

/** A milestone with its job; null when the crew has none of that id. */
export async function findMilestone(
  db: Queryable,
  crew: string,
  id: string,
): Promise<{ job: string; milestone: JobMilestone } | null> {
  const [row] = await db
    .select({ job: milestones.job, milestone: milestones.milestone })
    .from(milestones)
    .where(and(eq(milestones.crew, crew), eq(milestones.id, id)));
  return row ? { ...row, milestone: bringUpToDate(row.milestone) } : null;
}

/** Job id → its milestones, the oldest first, of these jobs. */
export async function getMilestonesByJob(
  db: Queryable,
  crew: string,
  ids: readonly string[],
): Promise<Map<string, JobMilestone[]>> {
  const rows = await db
    .select({ job: milestones.job, milestone: milestones.milestone })
    .from(milestones)
    .where(and(eq(milestones.crew, crew), inArray(milestones.job, [...ids])))
    .orderBy(asc(milestones.place));
  return groupByJob(rows, ({ milestone }) => bringUpToDate(milestone));
}

/** The milestones of a job with the moments they arrived, the oldest first. */
export async function listMilestones(db: Queryable, crew: string, job: string): Promise<MilestoneInFile[]> {
  const rows = await db
    .select({ milestone: milestones.milestone, atServer: milestones.atServer })
    .from(milestones)
    .where(and(eq(milestones.crew, crew), eq(milestones.job, job)))
    .orderBy(asc(milestones.place));
  return rows.map(({ milestone, atServer }) => ({
    milestone: bringUpToDate(milestone),
    atServer: atServer.toISOString(),
  }));
}

/** Adds a milestone as a file tells of it. */
export async function insertMilestoneFromFile(
  db: Queryable,
  crew: string,
  job: string,
  { milestone, atServer }: MilestoneInFile,
): Promise<void> {
  await db
    .insert(milestones)
    .values({ crew, id: milestone.id, job, milestone, atServer: new Date(atServer) });
}
