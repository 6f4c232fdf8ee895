import { asc, eq, sql } from 'drizzle-orm';
import type { ShopPart } from '#core/catalogue/shop-part.ts';
import type { Queryable } from '../db/database.ts';
import { crews, shopParts } from '../db/schema/schema.ts';

/** The shop's own parts, in the order in which they were added. */
export async function listShopParts(db: Queryable, crew: string): Promise<ShopPart[]> {
  const rows = await db
    .select({ part: shopParts.part })
    .from(shopParts)
    .where(eq(shopParts.crew, crew))
    .orderBy(asc(shopParts.addedAt), asc(shopParts.id));
  return rows.map(({ part }) => part);
}

/** Holds the parts of a crew until the end of the transaction: names are compared and kept by one at a time. */
export async function holdShopParts(db: Queryable, crew: string): Promise<void> {
  await db.select({ id: crews.id }).from(crews).where(eq(crews.id, crew)).for('update');
}

/** Keeps parts: new ones are added, those that are there are written over. */
export async function putShopParts(db: Queryable, crew: string, parts: readonly ShopPart[]): Promise<void> {
  if (parts.length === 0) return;
  await db
    .insert(shopParts)
    .values(parts.map((part) => ({ crew, id: part.id, part })))
    .onConflictDoUpdate({ target: [shopParts.crew, shopParts.id], set: { part: sql`excluded.part` } });
}
