/** `npm run bench`: measures speed and weight; exits 1 when a figure misses what is wanted. */
import { readFileSync } from 'node:fs';
import { build } from 'esbuild';
import { MUTATION_ROOMS } from '../bench/mutation-rooms.mjs';
import { ensureBrowser } from './system/browser.mjs';
import { ensureBuild } from './system/build.mjs';
import { ensureNodeModules } from './system/installed.mjs';
import { runCommand } from './system/run-command.mjs';
import { Obstacle, runMain } from './system/say.mjs';
import { withThrowAwayCluster } from './system/throw-away-cluster.mjs';

const BUILD = '.porthole/test-build';

const at = process.argv.indexOf('--only');
const only = at < 0 ? null : process.argv[at + 1];

/** @param {string} file @param {NodeJS.ProcessEnv} [env] */
async function run(file, env) {
  if (only && !file.startsWith(only)) return;
  // As it is shipped: what runs sources as they are names every inner function anew each time it is made, and that is what it times.
  const bundled = `.porthole/bench/${file.replace(/ts$/, 'mjs')}`;
  const isOfCore = env === undefined;
  if (isOfCore)
    await build({
      entryPoints: [`bench/${file}`],
      outfile: bundled,
      bundle: true,
      platform: 'node',
      format: 'esm',
      packages: 'external',
      logLevel: 'error',
    });
  const args = ['--expose-gc', ...(isOfCore ? [bundled] : ['--import', 'tsx/esm', `bench/${file}`])];
  const { code } = await runCommand(process.execPath, args, { env: env ?? process.env, show: true });
  if (code !== 0) process.exitCode = 1;
}

/** Only when asked for, all rooms or one (`mutation:bending`): it takes hours and says nothing about speed. */
async function runMutations() {
  const [what, wanted] = (only ?? '').split(':');
  if (what !== 'mutation') return;
  if (wanted && !MUTATION_ROOMS[wanted])
    throw new Obstacle(`No room ${wanted}: there are ${Object.keys(MUTATION_ROOMS).join(', ')}.`);
  const told = [];
  for (const room of wanted ? [wanted] : Object.keys(MUTATION_ROOMS)) {
    const args = ['node_modules/@stryker-mutator/core/bin/stryker.js', 'run', 'bench/mutation.config.mjs'];
    const { code } = await runCommand(process.execPath, args, {
      env: { ...process.env, PORTHOLE_ROOM: room },
      show: true,
    });
    if (code !== 0) process.exitCode = 1;
    else told.push(tellScore(room));
  }
  console.log(`\nroom          faults  noticed   share  wanted\n${told.join('\n')}`);
}

/** One line of the table: how many of the faults in a room the tests noticed. @param {string} room */
function tellScore(room) {
  const { files } = JSON.parse(readFileSync(`.porthole/mutation/${room}.json`, 'utf8'));
  /** @type {{ status: string }[]} */
  const mutants = Object.values(files).flatMap((file) => file.mutants);
  const count = (/** @type {string[]} */ ...of) => mutants.filter(({ status }) => of.includes(status)).length;
  const noticed = count('Killed', 'Timeout');
  const all = noticed + count('Survived', 'NoCoverage');
  const share = (100 * noticed) / all;
  const least = MUTATION_ROOMS[room]?.least ?? 100;
  if (share < least) process.exitCode = 1;
  return `${room.padEnd(12)} ${String(all).padStart(7)} ${String(noticed).padStart(8)} ${share.toFixed(1).padStart(6)} % ${least} %${share < least ? '  MISSED' : ''}`;
}

/** The long properties whole, of which `npm test` runs a seeded share. */
async function runProperties() {
  if (only && only !== 'properties') return;
  const env = { ...process.env, PORTHOLE_WHOLE: '1' };
  const { code } = await runCommand('npx', ['mocha', '--reporter', 'dot', '--timeout', '600000'], {
    env,
    show: true,
  });
  if (code !== 0) process.exitCode = 1;
}

await runMain(async () => {
  await ensureNodeModules();
  await runMutations();
  if (only?.startsWith('mutation')) return;
  await runProperties();
  if (only === 'properties') return;
  await run('layout.bench.ts');
  await run('edits.bench.ts');
  await run('identify.bench.ts');
  await run('transitions.bench.ts');
  await run('fuzz.bench.ts');
  await ensureBrowser();
  await ensureBuild(BUILD);
  await withThrowAwayCluster(async (env) => {
    await run('first-page.bench.ts', { ...env, PORTHOLE_BUILD: BUILD });
    await run('line.bench.ts', { ...env, PORTHOLE_BUILD: BUILD });
    await run('event-loop.bench.ts', { ...env, PORTHOLE_BUILD: BUILD });
    await run('scale.bench.ts', { ...env, PORTHOLE_BUILD: BUILD });
  });
});
