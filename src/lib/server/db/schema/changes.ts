import {
  foreignKey,
  integer,
  jsonb,
  pgTable,
  primaryKey,
  text,
  timestamp,
  unique,
} from 'drizzle-orm/pg-core';
import type { ChangeLabel, Op } from '#core/runs/changes';
import { runs } from './runs.ts';

/** Every change of every run, in order: one revision each, never rewritten. */
export const changes = pgTable(
  'changes',
  {
    crew: text('crew').notNull(),
    id: text('id').notNull(),
    run: text('run').notNull(),
    revision: integer('revision').notNull(),
    base: integer('base').notNull(),
    by: text('by').notNull(),
    label: jsonb('label').$type<ChangeLabel>().notNull(),
    ops: jsonb('ops').$type<readonly Op[]>().notNull(),
    at: timestamp('at_device', { withTimezone: true }).notNull(),
    atServer: timestamp('at_server', { withTimezone: true }).notNull().defaultNow(),
  },
  (table) => [
    primaryKey({ columns: [table.crew, table.id] }),
    unique().on(table.crew, table.run, table.revision),
    foreignKey({ columns: [table.crew, table.run], foreignColumns: [runs.crew, runs.id] }),
  ],
);
