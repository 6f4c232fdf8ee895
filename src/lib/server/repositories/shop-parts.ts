import { and, asc, eq, inArray, sql } from 'drizzle-orm';
import type { ShopPart } from '#core/catalogue';
import type { Queryable } from '../db/database.ts';
import { shopParts } from '../db/schema/schema.ts';

/** The shop's own parts, in the order in which they were added; so many, after the one that is named. */
export async function listShopParts(
  db: Queryable,
  crew: string,
  after: string | null,
  most: number,
): Promise<ShopPart[]> {
  const beyond =
    after === null
      ? undefined
      : sql`(${shopParts.addedAt}, ${shopParts.id}) > (select added_at, id from shop_parts where crew = ${crew} and id = ${after})`;
  const rows = await db
    .select({ part: shopParts.part })
    .from(shopParts)
    .where(and(eq(shopParts.crew, crew), beyond))
    .orderBy(asc(shopParts.addedAt), asc(shopParts.id))
    .limit(most);
  return rows.map(({ part }) => part);
}

/** Some of the shop's own parts. */
export async function findShopParts(
  db: Queryable,
  crew: string,
  ids: readonly string[],
): Promise<ShopPart[]> {
  if (ids.length === 0) return [];
  const rows = await db
    .select({ part: shopParts.part })
    .from(shopParts)
    .where(and(eq(shopParts.crew, crew), inArray(shopParts.id, [...ids])));
  return rows.map(({ part }) => part);
}

/** What all parts of the shop are called, and whether they are bought: what a new name is looked up among. */
export async function listShopPartNames(
  db: Queryable,
  crew: string,
): Promise<Pick<ShopPart, 'id' | 'name' | 'retired'>[]> {
  return db
    .select({
      id: shopParts.id,
      name: sql<string>`${shopParts.part}->>'name'`,
      retired: sql<boolean>`(${shopParts.part}->>'retired')::boolean`,
    })
    .from(shopParts)
    .where(eq(shopParts.crew, crew));
}

/** Keeps parts: new ones are added, those that are there are written over. */
export async function putShopParts(db: Queryable, crew: string, parts: readonly ShopPart[]): Promise<void> {
  const unique = new Map(parts.map((part) => [part.id, part]));
  if (unique.size === 0) return;
  await db
    .insert(shopParts)
    .values([...unique.values()].map((part) => ({ crew, id: part.id, part })))
    .onConflictDoUpdate({ target: [shopParts.crew, shopParts.id], set: { part: sql`excluded.part` } });
}
