import { and, asc, desc, eq, gt, gte, lt, sql, type SQL } from 'drizzle-orm';
import type { ChangeInFile, KeptChange } from '#core/formats';
import type { Queryable } from '../db/database.ts';
import { changes } from '../db/schema/schema.ts';
import { JsonText } from '../work/json-text.ts';
import type { ChangeText } from '../work/read-change.ts';

/** A change that is kept, as far as it must be known when it is sent once more. */
export interface KeptHead {
  readonly run: string;
  readonly revision: number;
  readonly atServer: Date;
  /** Whether the operations kept are the ones that were asked about. */
  readonly isSame: boolean;
}

/** The change with this id, of whichever run of the crew, held against these operations; null when there is none. */
export async function findChange(
  db: Queryable,
  crew: string,
  { id, ops }: Pick<ChangeText, 'id' | 'ops'>,
): Promise<KeptHead | null> {
  const [row] = await db
    .select({
      run: changes.run,
      revision: changes.revision,
      atServer: changes.atServer,
      isSame: sql<boolean>`${changes.ops} = ${ops}::text::jsonb`,
    })
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
  change: ChangeText,
): Promise<Date> {
  const { id, base, by, label, ops, at } = change;
  const [row] = await db
    .insert(changes)
    .values({ crew, id, run, revision, base, by, label, ops: sql`${ops}::text::jsonb`, at: new Date(at) })
    .returning({ atServer: changes.atServer });
  return row!.atServer;
}

/** The newest of what happened to a run since a revision, so many at most, oldest first. */
export async function listChangesSince(
  db: Queryable,
  crew: string,
  run: string,
  revision: number,
  most: number,
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
    .orderBy(desc(changes.revision))
    .limit(most);
  return rows
    .reverse()
    .map((row) => ({ ...row, at: row.at.toISOString(), atServer: row.atServer.toISOString() }));
}

/** Whether any change of the run ever put in a leg, or a point, of this id. */
export async function hasEverHad(
  db: Queryable,
  crew: string,
  run: string,
  where: 'legs' | 'nodes',
  id: string,
): Promise<boolean> {
  const inserted = JSON.stringify([{ op: 'insert', in: where, id }]);
  const [row] = await db
    .select({ id: changes.id })
    .from(changes)
    .where(and(eq(changes.crew, crew), eq(changes.run, run), sql`${changes.ops} @> ${inserted}::text::jsonb`))
    .limit(1);
  return row !== undefined;
}

const { id, revision, base, by, label, at, atServer } = changes;
const withOps = { id, revision, base, by, label, at, atServer, ops: sql<string>`${changes.ops}::text` };
const isOf = (crew: string, run: string): SQL | undefined =>
  and(eq(changes.crew, crew), eq(changes.run, run));
const toText = (rows: readonly { readonly ops: string }[]): JsonText =>
  JsonText.list(rows.map((row) => JsonText.object({ ...row, ops: new JsonText(row.ops) })));

/** Every change of a run with its operations, the oldest first: the text of a list of `ChangeInFile`. */
export const listChangesWithOps = async (db: Queryable, crew: string, run: string): Promise<JsonText> =>
  toText(await db.select(withOps).from(changes).where(isOf(crew, run)).orderBy(asc(changes.revision)));

/**
 * The newest changes of a run before a revision with their operations, the oldest of them first: as many as `most` says, or fewer where
 * they would take more than so many bytes as they are kept; one at least.
 */
export async function listChangesBefore(
  db: Queryable,
  crew: string,
  run: string,
  before: number,
  most: { readonly changes: number; readonly bytes: number },
): Promise<JsonText> {
  const sizes = await db
    .select({ revision: changes.revision, size: sql<number>`pg_column_size(${changes.ops})` })
    .from(changes)
    .where(and(isOf(crew, run), lt(changes.revision, before)))
    .orderBy(desc(changes.revision))
    .limit(most.changes);
  let bytes = 0;
  const fitting = sizes.filter(({ size }, i) => (bytes += size) <= most.bytes || i === 0);
  const first = fitting.at(-1)?.revision ?? before;
  const rows = await db
    .select(withOps)
    .from(changes)
    .where(and(isOf(crew, run), lt(changes.revision, before), gte(changes.revision, first)))
    .orderBy(asc(changes.revision));
  return toText(rows);
}

/** Rows of one statement: some PostgreSQL take no more than 65,535 values. */
const ROWS = 500;

/** Adds the changes of a run as a file tells of them, with their moments. */
export async function insertChangesFromFile(
  db: Queryable,
  crew: string,
  run: string,
  all: readonly ChangeInFile[],
): Promise<void> {
  for (let from = 0; from < all.length; from += ROWS) {
    await db.insert(changes).values(
      all.slice(from, from + ROWS).map(({ at, atServer, ...change }) => ({
        crew,
        run,
        ...change,
        at: new Date(at),
        atServer: new Date(atServer),
      })),
    );
  }
}
