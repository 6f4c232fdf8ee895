/** A hundred thousand requests with something wrong in them: none breaks the server, every one is answered. */
import { findFreePort } from '../scripts/system/free-port.mjs';
import { startServer, stopServer } from '../scripts/system/server.mjs';
import { fuzzHttp, HttpFuzz } from '#support/fuzz-http.ts';
import { readBack } from '#support/read-back.ts';
import { makeRandom } from '#support/random-run.ts';
import { makeTestDatabase } from '#support/test-database.ts';
import { makeHttpServer } from './http-server.ts';

const SEED = 20_272;
const COUNT = Number(process.env['PORTHOLE_FUZZ'] ?? 100_000);
/** So many go to one job. What it is given stays in it, and a job that holds all of it would only measure its own size. */
const TO_ONE_JOB = 2000;
const database = await makeTestDatabase();
const port = await findFreePort();
const build = process.env['PORTHOLE_BUILD'] ?? '.porthole/test-build';
const server = await startServer({ build, port, url: database.url, level: 'fatal' });
const fuzz = new HttpFuzz(makeRandom(SEED));
const statuses: Record<string, number> = {};
const faults: string[] = [];
let [sent, slowest] = [0, 0];
const began = performance.now();
const tell = (): string =>
  `${sent} requests (seed ${SEED}) in ${Math.round((performance.now() - began) / 1000)} s: ${JSON.stringify(statuses)}, slowest ${Math.round(slowest)} ms, ${faults.length} × 500, unanswered or over 5 s (0 wanted)`;
for (let round = 0; sent < COUNT && server.exitCode === null; round++) {
  const [job, run] = [`fuzzedjob${round}`, `fuzzedrun${round}`];
  await makeHttpServer(() => `http://localhost:${port}`, job, false).make(run);
  const count = Math.min(TO_ONE_JOB, COUNT - sent);
  fuzz.aimAt(job, run);
  const tally = await fuzzHttp(port, fuzz, count, 12, 5000);
  for (const [status, many] of Object.entries(tally.statuses))
    statuses[status] = (statuses[status] ?? 0) + many;
  for (const fault of tally.faults.slice(0, 3)) console.log(`  ${fault}`);
  faults.push(...tally.faults);
  sent += tally.sent;
  slowest = Math.max(slowest, tally.slowest);
  if (round % 5 === 4) console.log(`  … ${tell()}`);
}
const alive = server.exitCode === null;
console.log(`fuzz: ${tell()}, server ${alive ? 'alive' : 'ended'}`);
for (const fault of faults.slice(0, 10)) console.log(`  ${fault}`);
await stopServer(server);
const back = await readBack(database.url);
console.log(
  `fuzz: of ${back.runs} runs that were kept, ${back.faults.length} are not read, laid out, sent out and taken back (0 wanted)`,
);
for (const fault of back.faults.slice(0, 10)) console.log(`  ${fault}`);
await database.drop();
if (faults.length > 0 || back.faults.length > 0 || !alive) process.exitCode = 1;
