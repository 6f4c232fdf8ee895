import {
  bigserial,
  foreignKey,
  index,
  jsonb,
  pgTable,
  primaryKey,
  text,
  timestamp,
} from 'drizzle-orm/pg-core';
import type { JobMilestone } from '#core/jobs';
import { jobs } from './jobs.ts';

/** When a job was finished and when it was opened again, in order. Append-only: a trigger refuses to rewrite it. */
export const milestones = pgTable(
  'milestones',
  {
    crew: text('crew').notNull(),
    id: text('id').notNull(),
    job: text('job').notNull(),
    place: bigserial('place', { mode: 'number' }).notNull(),
    milestone: jsonb('milestone').$type<JobMilestone>().notNull(),
    atServer: timestamp('at_server', { withTimezone: true }).notNull().defaultNow(),
  },
  (table) => [
    primaryKey({ columns: [table.crew, table.id] }),
    foreignKey({ columns: [table.crew, table.job], foreignColumns: [jobs.crew, jobs.id] }),
    index().on(table.crew, table.job, table.place),
  ],
);
