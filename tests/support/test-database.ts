import pg from 'pg';

/** The throw-away cluster that the test command starts, and the migrated template in it. */
const CLUSTER = process.env['PORTHOLE_TEST_CLUSTER'];
const TEMPLATE = 'template_porthole';
let made = 0;

export interface TestDatabase {
  readonly url: string;
  /** Asks a question as the owner of the database, on a connection of its own; gives the rows. */
  readonly ask: (text: string, values?: readonly unknown[]) => Promise<Record<string, unknown>[]>;
  readonly drop: () => Promise<void>;
}

/** A database of its own, copied from the template; `drop` does away with it. */
export async function makeTestDatabase(): Promise<TestDatabase> {
  if (!CLUSTER) throw new Error('no test cluster: run npm test, or npm run test:integration');
  const name = `test_${process.pid}_${Date.now().toString(36)}_${made++}`;
  const url = new URL(CLUSTER);
  const admin = new URL(CLUSTER);
  admin.pathname = '/postgres';
  url.pathname = `/${name}`;
  await ask(admin.href, `create database "${name}" template "${TEMPLATE}"`);
  return {
    url: url.href,
    ask: (text, values) => ask(url.href, text, values),
    drop: async () => void (await ask(admin.href, `drop database if exists "${name}" with (force)`)),
  };
}

/** A database without anything in it. */
export async function makeEmptyDatabase(): Promise<TestDatabase> {
  const copy = await makeTestDatabase();
  await copy.ask('drop schema public cascade');
  await copy.ask('drop schema if exists drizzle cascade');
  await copy.ask('create schema public');
  return copy;
}

/** Asks one question of a database, on a connection of its own. */
export async function ask(
  url: string,
  text: string,
  values: readonly unknown[] = [],
): Promise<Record<string, unknown>[]> {
  const client = new pg.Client({ connectionString: url });
  client.on('error', () => undefined);
  await client.connect();
  try {
    return (await client.query(text, [...values])).rows as Record<string, unknown>[];
  } finally {
    await client.end();
  }
}
