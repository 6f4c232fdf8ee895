/** `npm run screenshots`: one current picture of each main view, from the demo data, into docs/screenshots/. */
import { ensureBrowser } from './system/browser.mjs';
import { ensureBuild } from './system/build.mjs';
import { ensureNodeModules } from './system/installed.mjs';
import { runCommand } from './system/run-command.mjs';
import { Obstacle, runMain } from './system/say.mjs';
import { withThrowAwayCluster } from './system/throw-away-cluster.mjs';

const BUILD = '.porthole/test-build';

await runMain(async () => {
  await ensureNodeModules();
  await ensureBrowser();
  await ensureBuild(BUILD);
  await withThrowAwayCluster(async (env) => {
    const run = (/** @type {string} */ script) =>
      runCommand(process.execPath, ['--import', 'tsx/esm', script], {
        env: { ...env, PORTHOLE_BUILD: BUILD },
        show: true,
      });
    const loaded = await run('scripts/load-demo.ts');
    const taken = loaded.code === 0 ? await run('scripts/take-screenshots.ts') : loaded;
    if (taken.code !== 0) throw new Obstacle('The pictures could not be taken: see above.');
  });
});
