import { and, asc, eq, inArray, sql } from 'drizzle-orm';
import type { MakerSheet } from '#core/catalogue';
import type { Queryable } from '../db/database.ts';
import { makerSheets } from '../db/schema/schema.ts';

/** What tells one sheet from another. */
export type SheetName = Pick<MakerSheet, 'id' | 'maker' | 'join' | 'source'>;

/** The shop’s sheets, in the order in which they were added; so many, after the one that is named. */
export async function listMakerSheets(
  db: Queryable,
  crew: string,
  after: string | null,
  most: number,
): Promise<MakerSheet[]> {
  const beyond =
    after === null
      ? undefined
      : sql`(${makerSheets.addedAt}, ${makerSheets.id}) > (select added_at, id from maker_sheets where crew = ${crew} and id = ${after})`;
  const rows = await db
    .select({ sheet: makerSheets.sheet })
    .from(makerSheets)
    .where(and(eq(makerSheets.crew, crew), beyond))
    .orderBy(asc(makerSheets.addedAt), asc(makerSheets.id))
    .limit(most);
  return rows.map(({ sheet }) => sheet);
}

/** Some of the shop’s sheets. */
export async function findMakerSheets(
  db: Queryable,
  crew: string,
  ids: readonly string[],
): Promise<MakerSheet[]> {
  if (ids.length === 0) return [];
  const rows = await db
    .select({ sheet: makerSheets.sheet })
    .from(makerSheets)
    .where(and(eq(makerSheets.crew, crew), inArray(makerSheets.id, [...ids])));
  return rows.map(({ sheet }) => sheet);
}

/** What all sheets of the shop are called. */
export async function listSheetNames(db: Queryable, crew: string): Promise<SheetName[]> {
  const read = (field: 'maker' | 'join' | 'source') =>
    sql<string>`${makerSheets.sheet}->>${sql.raw(`'${field}'`)}`;
  const rows = await db
    .select({ id: makerSheets.id, maker: read('maker'), join: read('join'), source: read('source') })
    .from(makerSheets)
    .where(eq(makerSheets.crew, crew));
  return rows as SheetName[];
}

/** Keeps sheets: new ones are added, those that are there are written over. */
export async function putMakerSheets(
  db: Queryable,
  crew: string,
  sheets: readonly MakerSheet[],
): Promise<void> {
  if (sheets.length === 0) return;
  await db
    .insert(makerSheets)
    .values(sheets.map((sheet) => ({ crew, id: sheet.id, sheet })))
    .onConflictDoUpdate({
      target: [makerSheets.crew, makerSheets.id],
      set: { sheet: sql`excluded.sheet` },
    });
}

/** Takes sheets away. */
export async function removeMakerSheets(db: Queryable, crew: string, ids: readonly string[]): Promise<void> {
  if (ids.length > 0)
    await db.delete(makerSheets).where(and(eq(makerSheets.crew, crew), inArray(makerSheets.id, [...ids])));
}
