import { chmodSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { startCluster } from './cluster.mjs';
import { runCommand } from './run-command.mjs';
import { Obstacle } from './say.mjs';

/**
 * Runs something with a PostgreSQL of its own that is gone afterwards, with a migrated template database in it.
 * @param {(env: NodeJS.ProcessEnv) => Promise<void>} use gets the environment the tests' support reads
 */
export async function withThrowAwayCluster(use) {
  const home = mkdtempSync(join(tmpdir(), 'porthole-cluster-'));
  chmodSync(home, 0o711);
  const cluster = await startCluster(home, 0);
  const stop = () => void cluster.stop().finally(() => process.exit(130));
  process.once('SIGINT', stop).once('SIGTERM', stop);
  try {
    const env = {
      ...process.env,
      PORTHOLE_TEST_CLUSTER: cluster.url(''),
      DATABASE_URL: cluster.url('template_porthole'),
    };
    const args = ['--import', 'tsx/esm', 'scripts/prepare-database.ts'];
    const prepared = await runCommand(process.execPath, args, { env });
    if (prepared.code !== 0)
      throw new Obstacle(`The test database could not be prepared:\n${prepared.output}`);
    await use(env);
  } finally {
    process.off('SIGINT', stop).off('SIGTERM', stop);
    await cluster.stop();
    rmSync(home, { recursive: true, force: true });
  }
}
