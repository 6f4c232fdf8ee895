import { foreignKey, index, jsonb, pgTable, primaryKey, text, timestamp } from 'drizzle-orm/pg-core';
import type { RuleChoices, Gas, Jurisdiction } from '#core/house-rules';
import type { LengthUnit } from '#core/units';
import { crews } from './crews.ts';

/** A job: what is said once and holds for all its runs, with its copy of the shop's house rules. */
export const jobs = pgTable(
  'jobs',
  {
    crew: text('crew').notNull(),
    id: text('id').notNull(),
    name: text('name').notNull(),
    place: text('place').notNull(),
    units: text('units').$type<LengthUnit>().notNull(),
    gas: text('gas').$type<Gas>().notNull(),
    jurisdiction: text('jurisdiction').$type<Jurisdiction>().notNull(),
    edition: text('edition').notNull(),
    ruleChoices: jsonb('rule_choices').$type<RuleChoices>().notNull(),
    createdAt: timestamp('created_at', { withTimezone: true }).notNull().defaultNow(),
  },
  (table) => [
    primaryKey({ columns: [table.crew, table.id] }),
    foreignKey({ columns: [table.crew], foreignColumns: [crews.id] }),
    /** The list, the newest first, page by page. */
    index().on(table.crew, table.createdAt, table.id),
  ],
);
