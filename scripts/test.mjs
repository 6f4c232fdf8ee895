/** `npm test`: lint, types, unit, integration (real PostgreSQL), end-to-end (built app, real Chromium). */
import { mkdirSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { ensureBrowser } from './system/browser.mjs';
import { ensureBuild } from './system/build.mjs';
import { ensureNodeModules } from './system/installed.mjs';
import { runCommand } from './system/run-command.mjs';
import { Obstacle, runMain, say } from './system/say.mjs';
import { withThrowAwayCluster } from './system/throw-away-cluster.mjs';
import { readMochaReport, readPlaywrightReport } from './system/test-counts.mjs';

const BUILD = '.porthole/test-build';
const SUITES = ['lint', 'types', 'unit', 'integration', 'e2e'];
const at = process.argv.indexOf('--only');
const only = at < 0 ? SUITES : (process.argv[at + 1] ?? '').split(',');
const rest = process.argv.includes('--') ? process.argv.slice(process.argv.indexOf('--') + 1) : [];
const totals = { passed: 0, failed: 0 };
const wanted = (/** @type {string} */ suite) => only.includes(suite);

/** @param {string} suite @param {import('./system/test-counts.mjs').Counts} counts @param {number} began */
function report(suite, { passed, failed, problems }, began) {
  totals.passed += passed;
  totals.failed += failed;
  for (const problem of problems) console.error(`\n✗ ${problem}`);
  say(`${suite}: ${passed} passed, ${failed} failed (${Math.round((Date.now() - began) / 1000)} s)`);
}

/** A tool that checks rather than counts: silent when all is well, one failure when not. @param {string} suite @param {string[]} script */
async function runCheck(suite, script) {
  if (!wanted(suite)) return;
  const began = Date.now();
  const { code, output } = await runCommand('npm', ['run', '--silent', ...script]);
  report(suite, { passed: 0, failed: code === 0 ? 0 : 1, problems: code === 0 ? [] : [output] }, began);
}

/** @param {string} suite @param {string[]} args @param {NodeJS.ProcessEnv} env @param {string} folder */
async function runMocha(suite, args, env, folder) {
  const began = Date.now();
  const file = join(folder, `${suite}.json`);
  const options = ['--reporter', 'json', '--reporter-option', `output=${file}`];
  const { output, code } = await runCommand('npx', ['mocha', ...args, ...options, ...rest], { env });
  const counts = readMochaReport(file);
  if (code !== 0 && counts.failed === 0) {
    report(suite, { ...counts, failed: 1, problems: [output.slice(-4000)] }, began);
  } else report(suite, counts, began);
}

/** @param {NodeJS.ProcessEnv} env @param {string} folder */
async function runPlaywright(env, folder) {
  const began = Date.now();
  const file = join(folder, 'e2e.json');
  await runCommand('npx', ['playwright', 'test', ...rest], {
    env: { ...env, PORTHOLE_BUILD: BUILD, PLAYWRIGHT_JSON_OUTPUT_NAME: file },
    show: true,
  });
  report('e2e', readPlaywrightReport(file), began);
}

await runMain(async () => {
  const unknown = only.filter((suite) => !SUITES.includes(suite));
  if (unknown.length > 0)
    throw new Obstacle(`No suite ${unknown.join(', ')}: there are ${SUITES.join(', ')}.`);
  await ensureNodeModules();
  if (wanted('e2e')) await ensureBrowser();
  await runCommand('npx', ['svelte-kit', 'sync']);
  // Who wants to see what took how long keeps the reports: PORTHOLE_REPORTS=/tmp/reports npm test
  const kept = process.env.PORTHOLE_REPORTS;
  const folder = kept ?? mkdtempSync(join(tmpdir(), 'porthole-test-'));
  if (kept) mkdirSync(kept, { recursive: true });
  try {
    // Two cores, three lanes: what counts, what only checks, and what waits for the database. Browsers have the machine to themselves.
    const checks = runCheck('lint', ['lint']).then(() => runCheck('types', ['check']));
    const units = wanted('unit') ? runMocha('unit', [], process.env, folder) : Promise.resolve();
    if (wanted('integration') || wanted('e2e')) {
      await withThrowAwayCluster(async (env) => {
        if (wanted('integration'))
          await runMocha('integration', ['--config', '.mocharc.integration.json'], env, folder);
        if (wanted('e2e')) await ensureBuild(BUILD, { VITE_WAIT_SHARE: '0.2' });
        await Promise.all([units, checks]);
        if (wanted('e2e')) await runPlaywright(env, folder);
      });
    }
    await units;
    await checks;
  } finally {
    if (!kept) rmSync(folder, { recursive: true, force: true });
  }
});

// A run that broke off on an obstacle has failed, whatever had passed before.
if (process.exitCode && totals.failed === 0) totals.failed = 1;
console.log(`${totals.passed} passed, ${totals.failed} failed`);
if (totals.failed > 0 || totals.passed === 0) process.exitCode = 1;
