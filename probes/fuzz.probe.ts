/** A hundred thousand requests with something wrong in them: none breaks the server, every one is answered. */
import { findFreePort } from '../scripts/system/free-port.mjs';
import { startServer, stopServer } from '../scripts/system/server.mjs';
import { fuzzHttp, HttpFuzz } from '../tests/support/fuzz-http.ts';
import { makeRandom } from '../tests/support/random-run.ts';
import { makeTestDatabase } from '../tests/support/test-database.ts';
import { makeHttpServer } from './http-server.ts';

const SEED = 20_272;
const COUNT = Number(process.env['PORTHOLE_FUZZ'] ?? 100_000);
const database = await makeTestDatabase();
const port = await findFreePort();
const build = process.env['PORTHOLE_BUILD'] ?? '.porthole/test-build';
const server = await startServer({ build, port, url: database.url, level: 'fatal' });
const [job, run] = ['fuzzedjob01', 'fuzzedrun01'];
await makeHttpServer(() => `http://localhost:${port}`, job, false).make(run);
const began = performance.now();
const tally = await fuzzHttp(port, new HttpFuzz(makeRandom(SEED), job, run), COUNT, 12, 5000);
const alive = server.exitCode === null;
console.log(
  `fuzz: ${tally.sent} requests (seed ${SEED}) in ${Math.round((performance.now() - began) / 1000)} s: ${JSON.stringify(tally.statuses)}, slowest ${Math.round(tally.slowest)} ms, ${tally.faults.length} × 500, unanswered or over 5 s (0 wanted), server ${alive ? 'alive' : 'ended'}`,
);
for (const fault of tally.faults.slice(0, 10)) console.log(`  ${fault}`);
await stopServer(server);
await database.drop();
if (tally.faults.length > 0 || !alive) process.exitCode = 1;
