import { and, asc, eq, inArray } from 'drizzle-orm';
import type { Person } from '#core/jobs';
import type { Queryable } from '../db/database.ts';
import { jobPeople, people } from '../db/schema/schema.ts';
import { newId } from '../new-id.ts';
import { groupByJob } from './group-by-job.ts';

/**
 * Says who may be at the bench on a job: names new to the crew are added to it, others are left in the crew. In the order of the
 * names, so that two jobs that bring in the same ones do not wait for each other.
 */
export async function setJobPeople(
  db: Queryable,
  crew: string,
  job: string,
  given: readonly string[],
): Promise<void> {
  const names = given.toSorted();
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

/** Job id → those who may be at the bench on it, by name, of these jobs. */
export async function getPeopleByJob(
  db: Queryable,
  crew: string,
  ids: readonly string[],
): Promise<Map<string, Person[]>> {
  const rows = await db
    .select({ job: jobPeople.job, id: people.id, name: people.name })
    .from(jobPeople)
    .innerJoin(people, and(eq(people.crew, jobPeople.crew), eq(people.id, jobPeople.person)))
    .where(and(eq(jobPeople.crew, crew), inArray(jobPeople.job, [...ids])))
    .orderBy(asc(people.name));
  return groupByJob(rows, ({ id, name }) => ({ id, name }));
}
