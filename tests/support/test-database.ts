import postgres from 'postgres';

/** The throw-away cluster that the test command starts, and the migrated template in it. */
const CLUSTER = process.env['PORTHOLE_TEST_CLUSTER'];
const TEMPLATE = 'template_porthole';
let made = 0;

/** A database of its own, copied from the template; `drop` does away with it. */
export async function makeTestDatabase(): Promise<{ url: string; drop: () => Promise<void> }> {
  if (!CLUSTER) throw new Error('no test cluster: run npm test, or npm run test:integration');
  const name = `test_${process.pid}_${Date.now().toString(36)}_${made++}`;
  const url = new URL(CLUSTER);
  const admin = new URL(CLUSTER);
  admin.pathname = '/postgres';
  url.pathname = `/${name}`;
  await run(admin.href, (sql) => sql`create database ${sql(name)} template ${sql(TEMPLATE)}`);
  const drop = () => run(admin.href, (sql) => sql`drop database if exists ${sql(name)} with (force)`);
  return { url: url.href, drop };
}

/** A database without anything in it. */
export async function makeEmptyDatabase(): Promise<{ url: string; drop: () => Promise<void> }> {
  const copy = await makeTestDatabase();
  await run(copy.url, (sql) => sql`drop schema public cascade`);
  await run(copy.url, (sql) => sql`drop schema if exists drizzle cascade`);
  await run(copy.url, (sql) => sql`create schema public`);
  return copy;
}

async function run(url: string, query: (sql: postgres.Sql) => Promise<unknown>): Promise<void> {
  const sql = postgres(url, { max: 1, onnotice: () => {} });
  try {
    await query(sql);
  } finally {
    await sql.end();
  }
}
