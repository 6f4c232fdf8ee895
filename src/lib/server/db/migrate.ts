import { drizzle } from 'drizzle-orm/postgres-js';
import { migrate } from 'drizzle-orm/postgres-js/migrator';
import postgres from 'postgres';

/** Any number, the same in every process: several servers may start at once on one database. */
const LOCK = 7_060_126;

/** Brings a database up to the newest schema, one process at a time. */
export async function migrateDatabase(url: string, folder: string): Promise<void> {
  const sql = postgres(url, { max: 1, connect_timeout: 4, onnotice: () => {} });
  try {
    await sql`select pg_advisory_lock(${LOCK})`;
    await migrate(drizzle(sql), { migrationsFolder: folder });
    await sql`select pg_advisory_unlock(${LOCK})`;
  } finally {
    await sql.end({ timeout: 2 });
  }
}
