import { and, asc, eq, gt, sql } from 'drizzle-orm';
import type { Change } from '#core/runs/change.ts';
import type { ChangeInFile } from '#core/formats/job-file.ts';
import type { KeptChange } from '#core/formats/wire.ts';
import type { Queryable } from '../db/database.ts';
import { changes } from '../db/schema/schema.ts';

export type ChangeRow = typeof changes.$inferSelect;

/** The change with this id, of whichever run of the crew; null when there is none. */
export async function findChange(db: Queryable, crew: string, id: string): Promise<ChangeRow | null> {
  const [row] = await db
    .select()
    .from(changes)
    .where(and(eq(changes.crew, crew), eq(changes.id, id)));
  return row ?? null;
}

/** Adds a change as a revision of its run; gives the moment it was kept. */
export async function insertChange(
  db: Queryable,
  crew: string,
  run: string,
  revision: number,
  change: Change,
): Promise<Date> {
  const { id, base, by, label, ops, at } = change;
  const [row] = await db
    .insert(changes)
    .values({ crew, id, run, revision, base, by, label, ops, at: new Date(at) })
    .returning({ atServer: changes.atServer });
  return row!.atServer;
}

/** What happened to a run since a revision, oldest first. */
export async function listChangesSince(
  db: Queryable,
  crew: string,
  run: string,
  revision: number,
): Promise<KeptChange[]> {
  const rows = await db
    .select({
      id: changes.id,
      revision: changes.revision,
      base: changes.base,
      by: changes.by,
      label: changes.label,
      at: changes.at,
      atServer: changes.atServer,
    })
    .from(changes)
    .where(and(eq(changes.crew, crew), eq(changes.run, run), gt(changes.revision, revision)))
    .orderBy(asc(changes.revision));
  return rows.map((row) => ({ ...row, at: row.at.toISOString(), atServer: row.atServer.toISOString() }));
}

/** Whether any change of the run ever put in a leg of this id. */
export async function hasEverHadLeg(db: Queryable, crew: string, run: string, leg: string): Promise<boolean> {
  const inserted = JSON.stringify([{ op: 'insert', in: 'legs', id: leg }]);
  const [row] = await db
    .select({ id: changes.id })
    .from(changes)
    .where(and(eq(changes.crew, crew), eq(changes.run, run), sql`${changes.ops} @> ${inserted}::text::jsonb`))
    .limit(1);
  return row !== undefined;
}

/** Every change of a run with its operations, the oldest first. */
export async function listChangesWithOps(db: Queryable, crew: string, run: string): Promise<ChangeInFile[]> {
  const rows = await db
    .select()
    .from(changes)
    .where(and(eq(changes.crew, crew), eq(changes.run, run)))
    .orderBy(asc(changes.revision));
  return rows.map(({ id, revision, base, by, label, ops, at, atServer }) => ({
    id,
    revision,
    base,
    by,
    label,
    ops,
    at: at.toISOString(),
    atServer: atServer.toISOString(),
  }));
}

/** Adds a change as a file tells of it, with its moments. */
export async function insertChangeFromFile(
  db: Queryable,
  crew: string,
  run: string,
  { at, atServer, ...change }: ChangeInFile,
): Promise<void> {
  await db.insert(changes).values({ crew, run, ...change, at: new Date(at), atServer: new Date(atServer) });
}
