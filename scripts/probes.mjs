/** `npm run probes`: long looks from outside at what is promised; exits 1 when a promise is broken. A short form of each is in `npm test`. */
import { ensureBrowser } from './system/browser.mjs';
import { ensureBuild } from './system/build.mjs';
import { ensureNodeModules } from './system/installed.mjs';
import { runCommand } from './system/run-command.mjs';
import { Obstacle, runMain } from './system/say.mjs';
import { withThrowAwayCluster } from './system/throw-away-cluster.mjs';

const BUILD = '.porthole/test-build';
const PROBES = ['database', 'server', 'fuzz', 'files', 'pressure', 'device', 'backup', 'load'];
const at = process.argv.indexOf('--only');
const only = at < 0 ? PROBES : (process.argv[at + 1] ?? '').split(',');

await runMain(async () => {
  const unknown = only.filter((probe) => !PROBES.includes(probe));
  if (unknown.length > 0)
    throw new Obstacle(`No probe ${unknown.join(', ')}: there are ${PROBES.join(', ')}.`);
  await ensureNodeModules();
  await ensureBrowser();
  await ensureBuild(BUILD);
  await withThrowAwayCluster(async (env) => {
    const given = { ...env, PORTHOLE_BUILD: BUILD };
    /** @param {string[]} args @param {NodeJS.ProcessEnv} [more] */
    const run = async (args, more = {}) => {
      const { code } = await runCommand(process.execPath, args, { env: { ...given, ...more }, show: true });
      if (code !== 0) process.exitCode = 1;
    };
    const probe = (/** @type {string} */ name) => run(['--import', 'tsx/esm', `probes/${name}.probe.ts`]);
    const mocha = (/** @type {string[]} */ args, /** @type {NodeJS.ProcessEnv} */ more) =>
      run(['node_modules/mocha/bin/mocha.js', '--reporter', 'dot', ...args], more);
    for (const name of ['database', 'server', 'fuzz', 'files', 'pressure'])
      if (only.includes(name)) await probe(name);
    // The same tests as in `npm test`, with many more seeds.
    if (only.includes('device')) await mocha(['-g', 'a run on a device'], { PORTHOLE_SEEDS: '600' });
    if (only.includes('backup'))
      await mocha(['--config', '.mocharc.integration.json', '-g', 'backup and restore'], {});
    if (only.includes('load')) await run(['--expose-gc', '--import', 'tsx/esm', 'bench/scale.bench.ts']);
  });
});
