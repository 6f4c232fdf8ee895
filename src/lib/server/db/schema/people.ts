import { pgTable, primaryKey, text, unique } from 'drizzle-orm/pg-core';
import { crews } from './crews.ts';

/** Those of a crew who may be at the bench. */
export const people = pgTable(
  'people',
  {
    crew: text('crew')
      .notNull()
      .references(() => crews.id),
    id: text('id').notNull(),
    name: text('name').notNull(),
  },
  (table) => [primaryKey({ columns: [table.crew, table.id] }), unique().on(table.crew, table.name)],
);
