import { foreignKey, index, integer, jsonb, pgTable, primaryKey, text, timestamp } from 'drizzle-orm/pg-core';
import type { RunDoc } from '#core/runs/document';
import { jobs } from './jobs.ts';

/** A run: the snapshot of its document at its newest revision. How it came about is in `changes`. */
export const runs = pgTable(
  'runs',
  {
    crew: text('crew').notNull(),
    id: text('id').notNull(),
    job: text('job').notNull(),
    name: text('name').notNull(),
    doc: jsonb('doc').$type<RunDoc>().notNull(),
    revision: integer('revision').notNull(),
    createdAt: timestamp('created_at', { withTimezone: true }).notNull().defaultNow(),
    changedAt: timestamp('changed_at', { withTimezone: true }).notNull().defaultNow(),
  },
  (table) => [
    primaryKey({ columns: [table.crew, table.id] }),
    foreignKey({ columns: [table.crew, table.job], foreignColumns: [jobs.crew, jobs.id] }),
    index().on(table.crew, table.job),
  ],
);
