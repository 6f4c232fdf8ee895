import { expect } from 'chai';
import pg from 'pg';
import { isDatabaseAway } from '#server/db/database-away.ts';
import { connect, withSavepoint, type Connection } from '#server/db/database.ts';
import { beginRun } from '#server/use-cases/begin-run.ts';
import { editJob } from '#server/use-cases/edit-job.ts';
import { keepJobRules } from '#server/use-cases/keep-rules.ts';
import { openJob } from '#server/use-cases/open-job.ts';
import { readJob } from '#server/use-cases/read-jobs.ts';
import type { Result } from '#core/outcome';
import { DisturbedWriters, type ServerUnderTest } from '#support/disturbed-writers.ts';
import { makeEndingProxy } from '#support/database-proxy.ts';
import { makeRandom } from '#support/random-run.ts';
import { execute, makeCrew, openRunAnswer, sendChange } from '#support/use-cases.ts';
import work from '#server/work/worker.ts';
import { makeTestDatabase, type TestDatabase } from '#support/test-database.ts';
import { sql } from 'drizzle-orm';

const SEED = 20_267;
const ACTOR = { crew: 'crewfirst' };
const JOB = {
  id: 'disturbedjob',
  name: 'Job',
  place: '',
  units: 'in',
  gas: 'natural',
  jurisdiction: 'us-model',
  edition: '',
  people: [] as string[],
} as const;
const RUNS = ['runstirred1', 'runstirred2', 'runstirred3'];

describe(`a database that is disturbed under writes (seed ${SEED})`, () => {
  const random = makeRandom(SEED);
  let database: TestDatabase | null = null;
  let connection: Connection;
  let admin: pg.Client;
  const unhandled: unknown[] = [];
  const note = (error: unknown): void => void unhandled.push(error);

  const mustBe = <Value>(result: Result<Value, { code: string }>): Value => {
    if (!result.ok) throw new Error(`refused: ${result.refusal.code}`);
    return result.value;
  };

  before(async () => {
    process.on('uncaughtException', note).on('unhandledRejection', note);
    database = await makeTestDatabase();
    connection = connect(database.url, 6);
    await makeCrew(connection.db, ACTOR.crew);
    mustBe(await openJob(connection.db, ACTOR, JOB));
    for (const id of RUNS) mustBe(await beginRun(connection.db, ACTOR, JOB.id, { id, name: id }));
    admin = new pg.Client({ connectionString: database.url });
    await admin.connect();
  });
  after(async () => {
    process.off('uncaughtException', note).off('unhandledRejection', note);
    await admin.end();
    await connection.close();
    await database?.drop();
  });

  it('a connection that is ended in the moment it is made ends no process: the work is told, and the next goes through', async () => {
    const proxy = await makeEndingProxy(database!.url);
    const ended = connect(proxy.url, 4);
    const before = unhandled.length;
    try {
      const answers = await Promise.all(
        Array.from({ length: 12 }, () =>
          execute(ended.db, sql`select 1 as one`).then(
            () => 'answered',
            (error: unknown) => (isDatabaseAway(error) ? 'away' : String(error)),
          ),
        ),
      );
      expect(new Set(answers)).to.deep.equal(new Set(['away']));
      expect(proxy.ended()).to.be.greaterThan(3);
      await new Promise((done) => setTimeout(done, 50));
      expect(unhandled.slice(before)).to.deep.equal([]);
      proxy.relent();
      await execute(ended.db, sql`select 1 as one`);
    } finally {
      await ended.close();
      await proxy.close();
    }
  });

  const orAway = async <Value>(work: () => Promise<Value>): Promise<Value | 'away'> => {
    try {
      return await work();
    } catch (error) {
      if (isDatabaseAway(error)) return 'away';
      throw error;
    }
  };
  const server: ServerUnderTest = {
    send: (run, change) =>
      orAway(async () => mustBe(await sendChange(connection.db, ACTOR, JOB.id, run, change))),
    read: (run) =>
      orAway(async () => {
        const { run: head, doc } = mustBe(await openRunAnswer(connection.db, ACTOR, JOB.id, run));
        return { revision: head.revision, nodes: Object.keys(doc.nodes).length };
      }),
  };
  const others = `from pg_stat_activity where datname = current_database() and application_name = 'porthole'`;

  it('backends are ended and queries cut off at any moment: nothing acknowledged is lost, and nothing else is answered', async () => {
    const writers = new DisturbedWriters(server, RUNS);
    const work = writers.start();
    let disturbed = 0;
    // As long as it takes on this machine: a test of speed it is not.
    while (disturbed < 20 || writers.kept < 40) {
      await new Promise((resolve) => setTimeout(resolve, random() * 60));
      const how = random() < 0.5 ? 'pg_terminate_backend' : 'pg_cancel_backend';
      const { rowCount } = await admin.query(`select ${how}(pid) ${others} and state <> 'idle' limit 2`);
      disturbed += rowCount ?? 0;
      writers.disturbed();
    }
    const tally = await work.stop();
    expect(tally.faults).to.deep.equal([]);
    expect(tally.kept, 'changes kept').to.be.at.least(40);
    expect(unhandled).to.deep.equal([]);
    const { pool } = connection;
    expect([pool.waitingCount, pool.idleCount]).to.deep.equal([0, pool.totalCount]);
  }).timeout(60_000);

  it('a job and its rules changed eight times at once: all are kept, none waits for another for ever', async () => {
    const names = Array.from({ length: 8 }, (_, i) => `Name ${i}`);
    const [edited, ruled] = [
      names.map(() =>
        editJob(connection.db, ACTOR, JOB.id, {
          was: JOB,
          wanted: { ...JOB, place: 'Yard 1', people: [...names].reverse() },
        }),
      ),
      names.map(() =>
        keepJobRules(connection.db, ACTOR, JOB.id, { was: {}, wanted: { 'leak-fluid': { option: 'soap' } } }),
      ),
    ];
    const outcomes = await Promise.all([...edited, ...ruled]);
    expect(outcomes.map(({ ok }) => ok)).to.deep.equal(outcomes.map(() => true));
    const job = mustBe(await readJob(connection.db, ACTOR, JOB.id));
    expect(job.place).to.equal('Yard 1');
    expect(job.people).to.have.length(8);
  }).timeout(20_000);

  it('a transaction that met another is done again, a few times at most', async () => {
    let tried = 0;
    const value = await connection.db.transaction(async (tx) => {
      if (++tried < 3)
        await tx.execute(sql`do $$ begin raise exception 'met' using errcode = '40P01'; end $$`);
      return tried;
    });
    expect(value).to.equal(3);
    tried = 0;
    const failed = await connection.db
      .transaction(async (tx) => {
        tried++;
        await tx.execute(sql`do $$ begin raise exception 'met' using errcode = '40001'; end $$`);
      })
      .catch((error: unknown) => error);
    expect(isDatabaseAway(failed)).to.equal(true);
    expect(tried).to.be.within(2, 10);
  });

  it('the first error is the one that is told, an error that was passed over is no success, and the connection goes on', async () => {
    const first = await connection.db
      .transaction(async (tx) => {
        await tx.execute(sql`select pg_terminate_backend(pg_backend_pid())`).catch(() => undefined);
        throw new Error('the first');
      })
      .catch((error: unknown) => error);
    expect(String(first)).to.equal('Error: the first');
    const passedOver = await connection.db
      .transaction(async (tx) => {
        await tx.execute(sql`select nonsense from crews`).catch(() => undefined);
        return 'kept?';
      })
      .catch((error: unknown) => error);
    expect(String(passedOver)).to.match(/ended with ROLLBACK/);
    const saved = await connection.db.transaction(async (tx) => {
      await withSavepoint(tx, () => tx.execute(sql`select nonsense from crews`)).catch(() => undefined);
      return (await tx.execute(sql`select 1 as one`)).rows;
    });
    expect(saved).to.deep.equal([{ one: 1 }]);
    expect(await execute(connection.db, sql`select 1 as one`)).to.deep.equal([{ one: 1 }]);
    expect(unhandled).to.deep.equal([]);
  });

  it('a thread says that the database is away, as the server does: it is no failure', async () => {
    const away = {
      url: 'postgres://nobody@127.0.0.1:1/nothing',
      actor: ACTOR,
      job: JOB.id,
      run: 'nowhere001',
    };
    expect(await work({ name: 'readRun', input: away as never })).to.deep.equal({
      ok: false,
      refusal: { code: 'database-away' },
    });
    // And a query that is cut off: the jobs are locked, and what waits for them is ended.
    const admin = new pg.Client({ connectionString: database!.url });
    await admin.connect();
    await admin.query('begin');
    await admin.query('lock table jobs in access exclusive mode');
    const here = { url: database!.url, actor: ACTOR, job: JOB.id, run: 'nowhere001' };
    const reading = work({ name: 'readRun', input: here as never });
    const cancelled = `select pg_cancel_backend(pid) from pg_stat_activity where datname = current_database() and wait_event_type = 'Lock'`;
    for (let tries = 0; tries < 100; tries++) {
      if ((await admin.query(cancelled)).rowCount) break;
      await new Promise((resolve) => setTimeout(resolve, 50));
    }
    await admin.query('rollback');
    await admin.end();
    expect(await reading).to.deep.equal({ ok: false, refusal: { code: 'database-away' } });
  }).timeout(30_000);

  it('a database that falls silent is noticed', async () => {
    const hasty = connect(database!.url, 1, { statement: 10_000, lock: 10_000, work: 300 });
    const silent = await hasty.db
      .use((on) => on.execute(sql`select pg_sleep(5)`))
      .catch((error: unknown) => error);
    expect(isDatabaseAway(silent)).to.equal(true);
    expect(await execute(hasty.db, sql`select 1 as one`)).to.deep.equal([{ one: 1 }]);
    await hasty.close();
  });
});
