/** Backends ended, queries cut off, the database restarted and killed, all under writes: the server lives, and nothing is lost. */
import { chmodSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import pg from 'pg';
import { standardCatalogue } from '#core/catalogue';
import { planCopyRun } from '#core/runs/commands';
import { newRun } from '#core/runs/document';
import { startCluster } from '../scripts/system/cluster.mjs';
import { findFreePort } from '../scripts/system/free-port.mjs';
import { startServer, stopServer } from '../scripts/system/server.mjs';
import { DisturbedWriters, type Tally } from '#support/disturbed-writers.ts';
import { makeRandom, makeRandomRun } from '#support/random-run.ts';
import { ensureDatabase } from '../scripts/ensure-database.ts';
import { makeHttpServer, sleep } from './http-server.ts';

const SEED = 20_270;
const COUNTS = { backends: 300, queries: 100, restarts: 500, kills: 20 };
const random = makeRandom(SEED);
const RUNS = ['probedrun01', 'probedrun02', 'probedrun03', 'probedrun04'];

const home = mkdtempSync(join(tmpdir(), 'porthole-probe-'));
chmodSync(home, 0o711);
const cluster = await startCluster(home, 0);
const url = cluster.url('porthole');
await ensureDatabase(url);
const port = await findFreePort();
const build = process.env['PORTHOLE_BUILD'] ?? '.porthole/test-build';
const server = await startServer({ build, port, url, level: 'fatal' });
let exit: number | null = null;
server.on('exit', (code) => (exit = code ?? -1));
const http = makeHttpServer(() => `http://127.0.0.1:${port}`, 'probedjob01', false);
for (const run of RUNS) await http.make(run);
let failed = false;

const outcome = (what: string, done: number, tally: Tally): void => {
  const isGood = exit === null && tally.faults.length === 0 && tally.longestGap < 5000;
  if (!isGood) failed = true;
  console.log(
    `database: ${done} ${what} (seed ${SEED}): ${tally.kept} changes kept, ${tally.reads} reads, ${tally.away} told to try again, work went on after ${Math.round(tally.longestGap)} ms at most, ${tally.faults.length} faults (0 wanted)${exit === null ? '' : `, the server ended with ${exit}`}`,
  );
  for (const fault of tally.faults.slice(0, 5)) console.log(`  ${fault}`);
};

/** Does something to the database so many times while four runs are written and read. */
async function disturb(
  what: string,
  times: number,
  how: () => Promise<number>,
  pause: number,
): Promise<void> {
  // Each round has runs of its own: what a writer knows begins with an empty run.
  const runs = RUNS.map((_, i) => `${what.slice(0, 4)}run${String(i).padStart(4, '0')}`);
  for (const run of runs) await http.make(run);
  const writers = new DisturbedWriters(http, runs);
  const work = writers.start();
  let done = 0;
  const until = Date.now() + 600_000;
  while (done < times && exit === null && Date.now() < until) {
    await sleep(random() * pause);
    const struck = await how();
    if (struck > 0) writers.disturbed();
    done += struck;
  }
  outcome(what, done, await work.stop());
}

const strike = async (call: string, state: string): Promise<number> => {
  const admin = new pg.Client({ connectionString: url });
  admin.on('error', () => undefined);
  try {
    await admin.connect();
    const { rowCount } = await admin.query(
      `select ${call}(pid) from pg_stat_activity where datname = current_database() and application_name = 'porthole' and ${state} order by random() limit 1`,
    );
    return rowCount ?? 0;
  } catch {
    return 0;
  } finally {
    await admin.end().catch(() => undefined);
  }
};

try {
  await disturb(
    'backends ended',
    COUNTS.backends,
    () => strike('pg_terminate_backend', `state <> 'idle'`),
    25,
  );
  // Cut off in the middle of a result too: a long run is read all the while.
  const long = makeRandomRun(6000, SEED);
  await http.make('probedlong1');
  const { ops, label } = planCopyRun(long, newRun('probedlong1', standardCatalogue.version, {}));
  const whole = { id: 'probedwhole', base: 0, by: 'A', at: '2026-01-01T08:00:00.000Z', label, ops };
  await http.send('probedlong1', whole as never);
  const nodes = Object.keys(long.nodes).length;
  let [isOver, longReads]: [boolean, number] = [false, 0];
  const wrong: string[] = [];
  const reading = (async () => {
    while (!isOver) {
      const answer = await http.read('probedlong1').catch((error: unknown) => String(error));
      if (answer === 'away') continue;
      longReads++;
      if (typeof answer === 'string' || answer.nodes !== nodes || answer.revision !== 1)
        wrong.push(JSON.stringify(answer));
    }
  })();
  await disturb('queries cut off', COUNTS.queries, () => strike('pg_cancel_backend', `state = 'active'`), 25);
  isOver = true;
  await reading;
  if (wrong.length > 0) failed = true;
  console.log(
    `database: meanwhile a run of 6,000 legs was read ${longReads} times, ${wrong.length} wrong (0 wanted)`,
  );
  for (const each of wrong.slice(0, 5)) console.log(`  ${each}`);
  await disturb(
    'restarts',
    COUNTS.restarts,
    async () => {
      await cluster.restart();
      await sleep(300);
      return 1;
    },
    300,
  );
  await disturb(
    'kills of the database',
    COUNTS.kills,
    async () => {
      await cluster.kill();
      await cluster.restart();
      await sleep(500);
      return 1;
    },
    300,
  );
  await sleep(1000);
  const { connections, database, writes } = await http.health();
  const isQuiet = connections.idle === connections.total && connections.waiting === 0;
  if (!isQuiet || database !== 'up' || writes !== 'up') failed = true;
  console.log(
    `database: afterwards ${connections.total} connections, ${connections.idle} idle, ${connections.waiting} waiting; database ${database}, writes ${writes}`,
  );
} finally {
  await stopServer(server);
  await cluster.stop();
  rmSync(home, { recursive: true, force: true });
}
if (failed) process.exitCode = 1;
