import { drizzle } from 'drizzle-orm/node-postgres';
import { migrate } from 'drizzle-orm/node-postgres/migrator';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import pg from 'pg';

/** Any number, the same in every process: several servers may start at once on one database. */
const LOCK = 7_060_126;

/** The database has been through migrations that this version of Porthole does not know: it is left alone. */
export class DatabaseTooNew extends Error {
  constructor() {
    super(
      'The database was brought up to date by a newer Porthole. Start that version, or restore a backup of before; nothing was changed.',
    );
  }
}

/** Brings a database up to the newest schema, one process at a time. Throws `DatabaseTooNew` where it is ahead of this version. */
export async function migrateDatabase(url: string, folder: string): Promise<void> {
  await withClient(url, async (client) => {
    await client.query('select pg_advisory_lock($1)', [LOCK]);
    if ((await findNewest(client)) > findNewestKnown(folder)) throw new DatabaseTooNew();
    await migrate(drizzle(client), { migrationsFolder: folder });
    await client.query('select pg_advisory_unlock($1)', [LOCK]);
  });
}

/** A connection of its own, for a piece of work; whatever becomes of it, it is ended. */
export async function withClient<Value>(
  url: string,
  work: (client: pg.Client) => Promise<Value>,
): Promise<Value> {
  const client = new pg.Client({ connectionString: url, connectionTimeoutMillis: 4000 });
  // A connection that dies fails the question that is on its way, and that is where it is told.
  client.on('error', () => undefined);
  try {
    await client.connect();
    return await work(client);
  } finally {
    await client.end().catch(() => undefined);
  }
}

/** When the newest migration that the database has been through was written, in milliseconds; 0 for an empty database. */
async function findNewest(client: pg.Client): Promise<number> {
  const { rows: there } = await client.query<{ there: boolean }>(
    `select to_regclass('drizzle.__drizzle_migrations') is not null as there`,
  );
  if (!there[0]?.there) return 0;
  const { rows } = await client.query<{ newest: string | null }>(
    'select max(created_at)::text as newest from drizzle.__drizzle_migrations',
  );
  return Number(rows[0]?.newest ?? 0);
}

function findNewestKnown(folder: string): number {
  const journal = JSON.parse(readFileSync(join(folder, 'meta/_journal.json'), 'utf8')) as {
    entries: { when: number }[];
  };
  return Math.max(...journal.entries.map(({ when }) => when));
}
