import pg from 'pg';
import { withClient } from '#server/db/migrate.ts';

/** Makes the database a URL names, in a cluster that does not have it yet. */
export async function ensureDatabase(url: string): Promise<void> {
  const name = new URL(url).pathname.slice(1);
  const admin = new URL(url);
  admin.pathname = '/postgres';
  await withClient(admin.href, async (client) => {
    const { rowCount } = await client.query('select 1 from pg_database where datname = $1', [name]);
    if (rowCount === 0) await client.query(`create database ${pg.escapeIdentifier(name)}`);
  });
}
