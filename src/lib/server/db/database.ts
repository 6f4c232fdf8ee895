import { drizzle, type NodePgDatabase } from 'drizzle-orm/node-postgres';
import { sql } from 'drizzle-orm';
import pg from 'pg';
import { DatabaseSilent, isCollision, isDatabaseAway } from './database-away.ts';
import * as schema from './schema/schema.ts';

export type Tables = typeof schema;
/** One connection to ask on, within a transaction or without: repositories take it. */
export type Queryable = NodePgDatabase<Tables>;
/** `write`: read committed; `snapshot`: read only, all of it as one moment of the database shows it. */
export type Manner = 'write' | 'snapshot';

/** What the use cases know of the database: connections are lent for a piece of work and taken back whatever comes of it. */
export interface Database {
  /** Work that is kept whole or not at all. Done again, a few times at most, where it collided with other work. */
  transaction<Value>(work: (tx: Queryable) => Promise<Value>, manner?: Manner): Promise<Value>;
  /** Work of single questions, each answered by itself. */
  use<Value>(work: (on: Queryable) => Promise<Value>): Promise<Value>;
}

export interface Connection {
  readonly db: Database;
  readonly pool: pg.Pool;
  readonly close: () => Promise<void>;
}

export interface Patience {
  /** Milliseconds a connection, or one statement, may take. */
  readonly statement: number;
  /** Milliseconds to wait for what another transaction holds. */
  readonly lock: number;
  /** Milliseconds a whole piece of work may take, so that a database that went silent is noticed; none for long work. */
  readonly work: number | null;
}

/** What a request has: less than the client waits for its answer. */
const OF_A_REQUEST: Patience = { statement: 4000, lock: 2500, work: 6500 };
/** What work that moves whole files has. */
export const OF_LONG_WORK: Patience = { statement: 60_000, lock: 60_000, work: null };
/** Times that work is tried that collides with other work. */
const TRIES = 6;

const BEGIN: Readonly<Record<Manner, string>> = {
  write: 'begin',
  snapshot: 'begin isolation level repeatable read read only',
};

/** Connections that died, whoever had them then. */
const dead = new WeakSet<pg.ClientBase>();

/**
 * A connection that is listened to from the moment it is made: the database may end it in the very bytes in which it says that it is ready,
 * before anybody has it. What was asked on it fails, and that is where it is told.
 */
class HeardClient extends pg.Client {
  constructor(config?: string | pg.ClientConfig) {
    super(config);
    this.on('error', () => dead.add(this));
  }
}

/** Connects lazily to a PostgreSQL; a lost server is looked for again at the next piece of work. */
export function connect(url: string, most = 10, patience: Patience = OF_A_REQUEST): Connection {
  const pool = new pg.Pool({
    connectionString: url,
    Client: HeardClient as unknown as new () => pg.ClientBase,
    max: most,
    // One stays, so that whoever restores a backup sees that a server is at work.
    min: 1,
    application_name: 'porthole',
    connectionTimeoutMillis: Math.min(patience.statement, 10_000),
    idleTimeoutMillis: 60_000,
    keepAlive: true,
    statement_timeout: patience.statement,
    lock_timeout: patience.lock,
    idle_in_transaction_session_timeout: 20_000,
  });
  // A connection that dies while nobody uses it: the pool has dropped it, there is nothing to mend.
  pool.on('error', () => undefined);
  keepOne(pool);
  return { db: new PooledDatabase(pool, patience), pool, close: () => endPool(pool) };
}

/** Milliseconds after which a pool that lost its last connection looks for the database again. */
const LOOK_AGAIN = 1000;

/** One connection stays though nobody asks anything: when the last one dies, with the database or by itself, another is made. */
function keepOne(pool: pg.Pool): void {
  let isLooking = false;
  const look = (): void => {
    if (isLooking) return;
    isLooking = true;
    setTimeout(() => {
      isLooking = false;
      if (pool.ending || pool.ended || pool.totalCount > 0) return;
      pool.connect().then((client) => client.release(), look);
    }, LOOK_AGAIN).unref();
  };
  pool.on('remove', look);
}

/** Ends a pool; what is still at work after two seconds is left to end with the process. */
async function endPool(pool: pg.Pool): Promise<void> {
  if (pool.ended || pool.ending) return;
  let timer: ReturnType<typeof setTimeout> | undefined;
  const last = new Promise<void>((done) => (timer = setTimeout(done, 2000)));
  await Promise.race([pool.end(), last]);
  clearTimeout(timer);
}

class PooledDatabase implements Database {
  readonly #pool: pg.Pool;
  readonly #patience: Patience;
  readonly #faces = new WeakMap<pg.PoolClient, Queryable>();

  constructor(pool: pg.Pool, patience: Patience) {
    this.#pool = pool;
    this.#patience = patience;
  }

  async transaction<Value>(
    work: (tx: Queryable) => Promise<Value>,
    manner: Manner = 'write',
  ): Promise<Value> {
    for (let tried = 1; ; tried++) {
      try {
        return await this.#lend((client, on) => inTransaction(client, on, work, BEGIN[manner]));
      } catch (error) {
        if (tried === TRIES || !isCollision(error)) throw error;
        await new Promise((done) => setTimeout(done, Math.random() * 30 * 2 ** tried));
      }
    }
  }

  use<Value>(work: (on: Queryable) => Promise<Value>): Promise<Value> {
    return this.#lend((_, on) => work(on));
  }

  /**
   * Lends a connection for a piece of work. One that broke, or that is not known to be sound after an error, is thrown away: no
   * later work ever reads what was left on it.
   */
  async #lend<Value>(work: (client: pg.PoolClient, on: Queryable) => Promise<Value>): Promise<Value> {
    const client = await this.#pool.connect();
    let broken: Error | null = null;
    let isLent = true;
    const giveBack = (error?: Error): void => {
      if (!isLent) return;
      isLent = false;
      client.release(error);
      client.off('error', onError);
    };
    const onError = (error: Error): void => void (broken ??= error);
    client.on('error', onError);
    if (dead.has(client)) onError(new DatabaseSilent('the connection ended as it was made'));
    const { work: longest } = this.#patience;
    const timer =
      longest === null
        ? undefined
        : setTimeout(() => giveBack(new DatabaseSilent('no answer of the database')), longest);
    try {
      if (broken) throw broken as Error;
      return await work(client, this.#faceOf(client));
    } catch (error) {
      if (!isSound(client, error)) broken ??= asError(error);
      throw error;
    } finally {
      clearTimeout(timer);
      giveBack(broken ?? undefined);
    }
  }

  #faceOf(client: pg.PoolClient): Queryable {
    const known = this.#faces.get(client);
    if (known) return known;
    const face = drizzle(client, { schema });
    this.#faces.set(client, face);
    return face;
  }
}

/** Transactions that could not be taken back: their connection is thrown away. */
const unsound = new WeakSet<pg.PoolClient>();

const isSound = (client: pg.PoolClient, error: unknown): boolean =>
  !unsound.has(client) && !isDatabaseAway(error);

const asError = (error: unknown): Error => (error instanceof Error ? error : new Error(String(error)));

/** The first error is the one that is told, whatever becomes of taking back. */
async function inTransaction<Value>(
  client: pg.PoolClient,
  on: Queryable,
  work: (tx: Queryable) => Promise<Value>,
  begin: string,
): Promise<Value> {
  try {
    await client.query(begin);
    const value = await work(on);
    // PostgreSQL answers the end of a failed transaction with a quiet rollback: that is no success.
    const { command } = await client.query('commit');
    if (command !== 'COMMIT') throw new Error(`a transaction ended with ${command}`);
    return value;
  } catch (error) {
    await client.query('rollback').catch(() => unsound.add(client));
    throw error;
  }
}

/** Work within a transaction that can fail by itself: what it did is taken back and the transaction goes on. */
export async function withSavepoint<Value>(tx: Queryable, work: () => Promise<Value>): Promise<Value> {
  await tx.execute(sql`savepoint work`);
  try {
    const value = await work();
    await tx.execute(sql`release savepoint work`);
    return value;
  } catch (error) {
    // Where this fails too the transaction cannot go on: the first error says why.
    await tx.execute(sql`rollback to savepoint work`).catch(() => undefined);
    throw error;
  }
}
