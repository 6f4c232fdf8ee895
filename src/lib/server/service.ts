import { connect, type Connection, type Database } from './db/database.ts';
import { DatabaseSilent, isDatabaseAway } from './db/database-away.ts';
import { DatabaseTooNew, migrateDatabase } from './db/migrate.ts';
import { FIRST_CREW } from './actor.ts';
import { log } from './log.ts';
import { describeError } from './log-error.ts';
import { ensureCrew } from './repositories/crews.ts';
import { dismissWorkForce } from './work/work-force.ts';

let connection: Connection | null = null;
let stopped = false;

/** The address of the database. */
export function getDatabaseUrl(): string {
  const url = process.env['DATABASE_URL'];
  if (!url) throw new Error('DATABASE_URL is not set: say which PostgreSQL to use');
  return url;
}

/** The connections to its database of the process itself; a thread has its own. */
export function getDatabase(): Database {
  // What comes after the end would hold it up for ever: it is told that the database is away, and asks again elsewhere.
  if (stopped) throw new DatabaseSilent('the server is ending');
  connection ??= connect(getDatabaseUrl());
  return connection.db;
}

/** How the connections stand: after everything is answered all are idle and nobody waits. */
export const countConnections = (): { total: number; idle: number; waiting: number } => ({
  total: connection?.pool.totalCount ?? 0,
  idle: connection?.pool.idleCount ?? 0,
  waiting: connection?.pool.waitingCount ?? 0,
});

/** Brings the database up to date and makes sure of the first crew. */
export async function prepareDatabase(url: string, folder: string): Promise<void> {
  await migrateDatabase(url, folder);
  const { db, close } = connect(url, 1);
  await db.transaction((tx) => ensureCrew(tx, FIRST_CREW, 'The shop')).finally(close);
}

/**
 * Prepares the database now, or, while it is away, as soon as it answers: until then requests are told so. A database that is
 * ahead of this version is left alone, and the process ends with the sentence that says so.
 */
export async function startService(folder: string): Promise<void> {
  const url = getDatabaseUrl();
  try {
    await prepareDatabase(url, folder);
    // One connection from the first: whoever restores a backup sees that a server is at work.
    await getDatabase().use(() => Promise.resolve());
    log.info('database ready');
  } catch (error) {
    if (error instanceof DatabaseTooNew) {
      console.error(`\n${error.message}\n`);
      process.exit(1);
    }
    if (!isDatabaseAway(error)) throw error;
    log.warn('database away, trying again');
    setTimeout(() => {
      if (stopped) return;
      startService(folder).catch((later: unknown) =>
        log.error({ error: describeError(later) }, 'database not prepared'),
      );
    }, 1500).unref();
  }
}

/** How long the end may take, ms, whatever is still open. */
const LONGEST_END = 4500;
/** Seconds that connections of browsers are kept that ask nothing. */
const BROWSERS_WAIT = 3;

/**
 * Makes sure of the end: connections of browsers that ask nothing are given up after three seconds (they hold the server open otherwise), and
 * whatever holds it longer ends with the process.
 */
export function endInTime(): void {
  process.env['SHUTDOWN_TIMEOUT'] ??= String(BROWSERS_WAIT);
  for (const signal of ['SIGTERM', 'SIGINT'] as const)
    process.once(signal, () => {
      // What is being answered has until then; after it nothing new is begun.
      setTimeout(() => void stopService(), BROWSERS_WAIT * 1000).unref();
      setTimeout(() => process.exit(0), LONGEST_END).unref();
    });
}

/** Ends threads and connections; no query is cut off that ends within two seconds. */
export async function stopService(): Promise<void> {
  stopped = true;
  const open = connection;
  connection = null;
  await Promise.all([dismissWorkForce(), open?.close()]);
}
