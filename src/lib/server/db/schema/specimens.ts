import { foreignKey, index, jsonb, pgTable, primaryKey, text, timestamp } from 'drizzle-orm/pg-core';
import type { Specimen } from '#core/identify';
import { jobs } from './jobs.ts';

/** What was identified on a job: readings and verdict. Append-only: a trigger refuses to rewrite it. */
export const specimens = pgTable(
  'specimens',
  {
    crew: text('crew').notNull(),
    id: text('id').notNull(),
    job: text('job').notNull(),
    specimen: jsonb('specimen').$type<Specimen>().notNull(),
    atServer: timestamp('at_server', { withTimezone: true }).notNull().defaultNow(),
  },
  (table) => [
    primaryKey({ columns: [table.crew, table.id] }),
    foreignKey({ columns: [table.crew, table.job], foreignColumns: [jobs.crew, jobs.id] }),
    index().on(table.crew, table.job, table.atServer),
  ],
);
