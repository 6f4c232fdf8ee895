import { jsonb, pgTable, primaryKey, text, timestamp } from 'drizzle-orm/pg-core';
import type { ShopPart } from '#core/catalogue';

/** Parts of the shop's own. Edited and retired, never taken away: runs that hold one have it as it was. */
export const shopParts = pgTable(
  'shop_parts',
  {
    crew: text('crew').notNull(),
    id: text('id').notNull(),
    part: jsonb('part').$type<ShopPart>().notNull(),
    addedAt: timestamp('added_at', { withTimezone: true }).notNull().defaultNow(),
  },
  (table) => [primaryKey({ columns: [table.crew, table.id] })],
);
