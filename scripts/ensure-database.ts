import postgres from 'postgres';

/** Makes the database a URL names, in a cluster that does not have it yet. */
export async function ensureDatabase(url: string): Promise<void> {
  const name = new URL(url).pathname.slice(1);
  const admin = new URL(url);
  admin.pathname = '/postgres';
  const sql = postgres(admin.href, { max: 1, onnotice: () => {} });
  try {
    const [there] = await sql`select 1 from pg_database where datname = ${name}`;
    if (!there) await sql`create database ${sql(name)}`;
  } finally {
    await sql.end();
  }
}
