import { connect, type Connection, type Database } from './db/database.ts';
import { isDatabaseAway } from './db/database-away.ts';
import { migrateDatabase } from './db/migrate.ts';
import { FIRST_CREW } from './actor.ts';
import { log } from './log.ts';
import { ensureCrew } from './repositories/crews.ts';

let connection: Connection | null = null;
let stopped = false;

function getUrl(): string {
  const url = process.env['DATABASE_URL'];
  if (!url) throw new Error('DATABASE_URL is not set: say which PostgreSQL to use');
  return url;
}

/** The process's connection to its database. */
export function getDatabase(): Database {
  connection ??= connect(getUrl());
  return connection.db;
}

/** Brings the database up to date and makes sure of the first crew. */
export async function prepareDatabase(url: string, folder: string): Promise<void> {
  await migrateDatabase(url, folder);
  const { db, close } = connect(url, 1);
  await ensureCrew(db, FIRST_CREW, 'The shop').finally(close);
}

/** Prepares the database now, or, while it is away, as soon as it answers: until then requests are told so. */
export async function startService(folder: string): Promise<void> {
  const url = getUrl();
  try {
    await prepareDatabase(url, folder);
    log.info('database ready');
  } catch (error) {
    if (!isDatabaseAway(error)) throw error;
    log.warn('database away, trying again');
    setTimeout(() => {
      if (!stopped)
        startService(folder).catch((later: unknown) => log.error({ err: later }, 'database not prepared'));
    }, 1500).unref();
  }
}

/** Closes the connections; no query is cut off that ends within two seconds. */
export async function stopService(): Promise<void> {
  stopped = true;
  await connection?.close();
  connection = null;
}
