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
import type { RunEvent } from '#core/runs/changes';
import { runs } from './runs.ts';

/** What happened at the bench, in order of arrival. Append-only: a trigger refuses to rewrite it. */
export const events = pgTable(
  'events',
  {
    crew: text('crew').notNull(),
    id: text('id').notNull(),
    run: text('run').notNull(),
    place: bigserial('place', { mode: 'number' }).notNull(),
    subject: text('subject').notNull(),
    event: jsonb('event').$type<RunEvent>().notNull(),
    atServer: timestamp('at_server', { withTimezone: true }).notNull().defaultNow(),
  },
  (table) => [
    primaryKey({ columns: [table.crew, table.id] }),
    foreignKey({ columns: [table.crew, table.run], foreignColumns: [runs.crew, runs.id] }),
    index().on(table.crew, table.run, table.place),
  ],
);
