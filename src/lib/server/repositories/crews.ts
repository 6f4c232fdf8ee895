import { eq } from 'drizzle-orm';
import type { RuleChoices } from '#core/house-rules';
import type { Queryable } from '../db/database.ts';
import { crews } from '../db/schema/schema.ts';

/** Makes sure that the crew exists; one that does is left as it is. */
export async function ensureCrew(db: Queryable, crew: string, name: string): Promise<void> {
  await db.insert(crews).values({ id: crew, name, ruleChoices: {} }).onConflictDoNothing();
}

/** The shop's own house rules. */
export async function getShopRules(db: Queryable, crew: string): Promise<RuleChoices> {
  const [row] = await db.select({ ruleChoices: crews.ruleChoices }).from(crews).where(eq(crews.id, crew));
  return row?.ruleChoices ?? {};
}

/** Sets the shop's own house rules: jobs opened from now on take a copy of them. */
export async function setShopRules(db: Queryable, crew: string, ruleChoices: RuleChoices): Promise<void> {
  await db.update(crews).set({ ruleChoices }).where(eq(crews.id, crew));
}

/** Holds what is the shop's own until the end of the transaction: its parts and its rules are compared and kept by one at a time. */
export async function holdCrew(db: Queryable, crew: string): Promise<void> {
  await db.select({ id: crews.id }).from(crews).where(eq(crews.id, crew)).for('update');
}
