/** `npm run bench`: measures speed and weight; exits 1 when a figure misses what is wanted. */
import { build } from 'esbuild';
import { ensureBrowser } from './system/browser.mjs';
import { ensureBuild } from './system/build.mjs';
import { ensureNodeModules } from './system/installed.mjs';
import { runCommand } from './system/run-command.mjs';
import { runMain } from './system/say.mjs';
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
    await build({ entryPoints: [`bench/${file}`], outfile: bundled, bundle: true, platform: 'node', format: 'esm', packages: 'external', logLevel: 'error' }); // prettier-ignore
  const args = ['--expose-gc', ...(isOfCore ? [bundled] : ['--import', 'tsx/esm', `bench/${file}`])];
  const { code } = await runCommand(process.execPath, args, { env: env ?? process.env, show: true });
  if (code !== 0) process.exitCode = 1;
}

/** Only when asked for: it takes a quarter of an hour and says nothing about speed. */
async function runMutations() {
  if (only !== 'mutation') return;
  const args = ['node_modules/@stryker-mutator/core/bin/stryker.js', 'run', 'bench/mutation.config.json'];
  const { code } = await runCommand(process.execPath, args, { env: process.env, show: true });
  if (code !== 0) process.exitCode = 1;
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
  if (only === 'mutation') return;
  await runProperties();
  if (only === 'properties') return;
  await run('layout.bench.ts');
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
