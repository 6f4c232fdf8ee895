/** Hostile files brought in over HTTP: each is refused with a sentence, quickly, and the server goes on. */
import { findFreePort } from '../scripts/system/free-port.mjs';
import { startServer, stopServer } from '../scripts/system/server.mjs';
import { damage } from '#support/damage.ts';
import { makeRandomJobFile } from '#support/make-job-file.ts';
import { makeRandom } from '#support/random-run.ts';
import { makeTestDatabase } from '#support/test-database.ts';

const SEED = 20_273;
const COUNT = 400;
const MB = 1024 * 1024;
const random = makeRandom(SEED);
const database = await makeTestDatabase();
const port = await findFreePort();
const build = process.env['PORTHOLE_BUILD'] ?? '.porthole/test-build';
const server = await startServer({ build, port, url: database.url, level: 'fatal' });
const url = `http://localhost:${port}`;
const faults: string[] = [];

async function bringIn(what: string, body: string): Promise<string> {
  const began = performance.now();
  try {
    const response = await fetch(`${url}/api/file`, {
      method: 'POST',
      headers: { origin: url, 'content-type': 'application/json' },
      body,
    });
    const answer = (await response.json()) as { refusal?: { code: string } };
    if (response.status === 500) faults.push(`${what}: 500`);
    return `${response.status} ${answer.refusal?.code ?? 'taken'} in ${Math.round(performance.now() - began)} ms`;
  } catch (error) {
    faults.push(`${what}: ${String((error as Error).cause ?? error)}`);
    return 'no answer';
  }
}

const sound = JSON.stringify(makeRandomJobFile(SEED));
const HOSTILE: readonly [string, string][] = [
  ['32 MB of open brackets', '['.repeat(32 * MB)],
  ['20,000 objects in one another', '{"a":'.repeat(20_000)],
  ['32 MB of empty lists', `[${'[],'.repeat(10_600_000)}[]]`],
  ['32 MB of one text', `"${'x'.repeat(32 * MB - 2)}"`],
  ['33 MB', ' '.repeat(33 * MB)],
  ['a text with a null sign', sound.replace('"name":"Random"', '"name":"Ran\\u0000dom"')],
  ['half a character in a change', sound.replace('"by":"Ada"', '"by":"\\ud800"')],
  ['a moment that does not exist', sound.replace('2026-01-02T03:04:05.678Z', '2026-99-99T03:04:05.678Z')],
  ['a revision beyond any', sound.replace(/"revision":\d+/, '"revision":4294967296')],
  ['a history that leads elsewhere', sound.replace(/"tag":1,/, '"tag":77,')],
];
for (const [what, body] of HOSTILE) console.log(`files: ${what}: ${await bringIn(what, body)}`);
const outcomes: Record<string, number> = {};
for (let i = 0; i < COUNT; i++) {
  const outcome = (await bringIn(`damaged ${i}`, damage(sound, random))).replace(/ in \d+ ms/, '');
  outcomes[outcome] = (outcomes[outcome] ?? 0) + 1;
}
console.log(
  `files: ${COUNT} damaged files (seed ${SEED}): ${JSON.stringify(outcomes)}; ${faults.length} faults (0 wanted), server ${server.exitCode === null ? 'alive' : 'ended'}`,
);
for (const fault of faults.slice(0, 5)) console.log(`  ${fault}`);
await stopServer(server);
await database.drop();
if (faults.length > 0 || server.exitCode !== null) process.exitCode = 1;
