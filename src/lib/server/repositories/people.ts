import { and, asc, eq, inArray } from 'drizzle-orm';
import type { Person } from '#core/runs/job.ts';
import type { Queryable } from '../db/database.ts';
import { jobPeople, people } from '../db/schema/schema.ts';
import { newId } from '../new-id.ts';

/** Says who may be at the bench on a job: names new to the crew are added to it, others are left in the crew. */
export async function setJobPeople(
  db: Queryable,
  crew: string,
  job: string,
  names: readonly string[],
): Promise<void> {
  await db.delete(jobPeople).where(and(eq(jobPeople.crew, crew), eq(jobPeople.job, job)));
  if (names.length === 0) return;
  await db
    .insert(people)
    .values(names.map((name) => ({ crew, id: newId(), name })))
    .onConflictDoNothing();
  const known = await db
    .select({ id: people.id })
    .from(people)
    .where(and(eq(people.crew, crew), inArray(people.name, [...names])));
  await db.insert(jobPeople).values(known.map(({ id }) => ({ crew, job, person: id })));
}

/** Job id → those who may be at the bench on it, by name. */
export async function getPeopleByJob(db: Queryable, crew: string): Promise<Map<string, Person[]>> {
  const rows = await db
    .select({ job: jobPeople.job, id: people.id, name: people.name })
    .from(jobPeople)
    .innerJoin(people, and(eq(people.crew, jobPeople.crew), eq(people.id, jobPeople.person)))
    .where(eq(jobPeople.crew, crew))
    .orderBy(asc(people.name));
  const byJob = new Map<string, Person[]>();
  for (const { job, id, name } of rows) byJob.set(job, [...(byJob.get(job) ?? []), { id, name }]);
  return byJob;
}
