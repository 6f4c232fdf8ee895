/** The server killed (−9) at any moment under writes: nothing acknowledged is lost, doubled or altered. */
import { findFreePort } from '../scripts/system/free-port.mjs';
import { startServer, stopServer } from '../scripts/system/server.mjs';
import { DisturbedWriters } from '#support/disturbed-writers.ts';
import { makeRandom } from '#support/random-run.ts';
import { makeTestDatabase } from '#support/test-database.ts';
import { makeHttpServer, sleep } from './http-server.ts';

const SEED = 20_271;
const KILLS = 30;
const random = makeRandom(SEED);
const database = await makeTestDatabase();
const port = await findFreePort();
const build = process.env['PORTHOLE_BUILD'] ?? '.porthole/test-build';
const start = () => startServer({ build, port, url: database.url, level: 'fatal' });
let server = await start();
const http = makeHttpServer(() => `http://127.0.0.1:${port}`, 'killedjob01', true);
const RUNS = ['killedrun01', 'killedrun02', 'killedrun03'];
for (const run of RUNS) await http.make(run);
const writers = new DisturbedWriters(http, RUNS);
const work = writers.start();
for (let i = 0; i < KILLS; i++) {
  await sleep(200 + random() * 800);
  writers.disturbed();
  await stopServer(server, 'SIGKILL');
  server = await start();
}
await sleep(500);
const tally = await work.stop();
console.log(
  `server: ${KILLS} kills (seed ${SEED}): ${tally.kept} changes kept, ${tally.reads} reads, ${tally.faults.length} faults (0 wanted); work went on ${Math.round(tally.longestGap)} ms after a kill at most, the start of the server included`,
);
for (const fault of tally.faults.slice(0, 5)) console.log(`  ${fault}`);
await stopServer(server);
await database.drop();
if (tally.faults.length > 0) process.exitCode = 1;
