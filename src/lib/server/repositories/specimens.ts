import { and, asc, eq } from 'drizzle-orm';
import type { SpecimenInFile } from '#core/formats';
import type { Specimen } from '#core/identify';
import type { Queryable } from '../db/database.ts';
import { specimens } from '../db/schema/schema.ts';

/** Adds a specimen; tells whether it was new. */
export async function insertSpecimen(
  db: Queryable,
  crew: string,
  job: string,
  specimen: Specimen,
): Promise<boolean> {
  const row = { crew, id: specimen.id, job, specimen };
  const inserted = await db
    .insert(specimens)
    .values(row)
    .onConflictDoNothing()
    .returning({ id: specimens.id });
  return inserted.length === 1;
}

/** A specimen with the job it belongs to; null when the crew has none of that id. */
export async function findSpecimen(
  db: Queryable,
  crew: string,
  id: string,
): Promise<{ job: string; specimen: Specimen } | null> {
  const [row] = await db
    .select({ job: specimens.job, specimen: specimens.specimen })
    .from(specimens)
    .where(and(eq(specimens.crew, crew), eq(specimens.id, id)));
  return row ?? null;
}

/** The specimens of a job, the oldest first. */
export async function listSpecimens(db: Queryable, crew: string, job: string): Promise<Specimen[]> {
  const rows = await db
    .select({ specimen: specimens.specimen })
    .from(specimens)
    .where(and(eq(specimens.crew, crew), eq(specimens.job, job)))
    .orderBy(asc(specimens.atServer), asc(specimens.id));
  return rows.map(({ specimen }) => specimen);
}

/** The specimens of a job with the moments they arrived, the oldest first. */
export async function listSpecimensWithTimes(
  db: Queryable,
  crew: string,
  job: string,
): Promise<SpecimenInFile[]> {
  const rows = await db
    .select({ specimen: specimens.specimen, atServer: specimens.atServer })
    .from(specimens)
    .where(and(eq(specimens.crew, crew), eq(specimens.job, job)))
    .orderBy(asc(specimens.atServer), asc(specimens.id));
  return rows.map(({ specimen, atServer }) => ({ specimen, atServer: atServer.toISOString() }));
}

/** Adds a specimen as a file tells of it. */
export async function insertSpecimenFromFile(
  db: Queryable,
  crew: string,
  job: string,
  { specimen, atServer }: SpecimenInFile,
): Promise<void> {
  await db.insert(specimens).values({ crew, id: specimen.id, job, specimen, atServer: new Date(atServer) });
}
