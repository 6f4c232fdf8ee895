import { jsonb, pgTable, text, timestamp } from 'drizzle-orm/pg-core';
import type { RuleChoices } from '#core/house-rules';

/** A crew (a shop). Every other table's keys begin with it. `rule_choices` are the shop's own house rules. */
export const crews = pgTable('crews', {
  id: text('id').primaryKey(),
  name: text('name').notNull(),
  ruleChoices: jsonb('rule_choices').$type<RuleChoices>().notNull(),
  createdAt: timestamp('created_at', { withTimezone: true }).notNull().defaultNow(),
});
