import { jsonb, pgTable, primaryKey, text, timestamp } from 'drizzle-orm/pg-core';
import type { MakerSheet } from '#core/catalogue';

/** Makers’ sheets that the shop keeps. A run has its own copy of one that it goes by: here it may be taken away. */
export const makerSheets = pgTable(
  'maker_sheets',
  {
    crew: text('crew').notNull(),
    id: text('id').notNull(),
    sheet: jsonb('sheet').$type<MakerSheet>().notNull(),
    addedAt: timestamp('added_at', { withTimezone: true }).notNull().defaultNow(),
  },
  (table) => [primaryKey({ columns: [table.crew, table.id] })],
);
