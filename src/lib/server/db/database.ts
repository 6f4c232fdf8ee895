import { drizzle, type PostgresJsDatabase } from 'drizzle-orm/postgres-js';
import postgres from 'postgres';
import * as schema from './schema/schema.ts';

export type Tables = typeof schema;
export type Database = PostgresJsDatabase<Tables>;
/** A database or a transaction on it: repositories take either. */
export type Queryable = Database | Parameters<Parameters<Database['transaction']>[0]>[0];

export interface Connection {
  readonly db: Database;
  readonly close: () => Promise<void>;
}

/** Seconds after which a database that does not answer is taken to be away. */
const PATIENCE = 4;

/** Connects lazily to a PostgreSQL; a lost server is looked for again at the next query. */
export function connect(url: string, pool = 10): Connection {
  const sql = postgres(url, {
    max: pool,
    connect_timeout: PATIENCE,
    idle_timeout: 60,
    backoff: () => 0.2,
    onnotice: () => {},
    connection: { application_name: 'porthole', statement_timeout: PATIENCE * 1000 },
  });
  return { db: drizzle(sql, { schema }), close: () => sql.end({ timeout: 2 }) };
}
