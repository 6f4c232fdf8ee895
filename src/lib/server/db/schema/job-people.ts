import { foreignKey, pgTable, primaryKey, text } from 'drizzle-orm/pg-core';
import { jobs } from './jobs.ts';
import { people } from './people.ts';

/** Who of the crew may be at the bench on a job. */
export const jobPeople = pgTable(
  'job_people',
  { crew: text('crew').notNull(), job: text('job').notNull(), person: text('person').notNull() },
  (table) => [
    primaryKey({ columns: [table.crew, table.job, table.person] }),
    foreignKey({ columns: [table.crew, table.job], foreignColumns: [jobs.crew, jobs.id] }),
    foreignKey({ columns: [table.crew, table.person], foreignColumns: [people.crew, people.id] }),
  ],
);
