import { chmodSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { ensureDatabase } from '../../scripts/ensure-database.ts';
import { startCluster } from '../../scripts/system/cluster.mjs';
import { findFreePort } from '../../scripts/system/free-port.mjs';
import { startServer, stopServer } from '../../scripts/system/server.mjs';
import { addLegByKeys, expect, makeJob, onServer, openRun, readLegs, test } from '#support/e2e.ts';

test('the database is restarted, and killed, while a run is laid out: the server lives, and nothing is lost', async ({
  page,
  request,
  problems,
}) => {
  test.setTimeout(120_000);
  expect(problems).toEqual([]);
  const home = mkdtempSync(join(tmpdir(), 'porthole-restart-'));
  chmodSync(home, 0o711);
  const cluster = await startCluster(home, 0);
  const url = cluster.url('porthole');
  await ensureDatabase(url);
  const port = await findFreePort();
  const build = process.env['PORTHOLE_BUILD'] ?? '.porthole/test-build';
  const server = await startServer({ build, port, url, level: 'fatal' });
  try {
    const run = await makeJob(request, `http://localhost:${port}`);
    await openRun(page, run.layOut);
    await addLegByKeys(page, 'r', '40');
    const restarted = cluster.restart();
    await addLegByKeys(page, 'u', '30');
    await restarted;
    await addLegByKeys(page, 'r', '20');
    await cluster.kill();
    await addLegByKeys(page, 'u', '25');
    await cluster.restart();
    await expect(onServer(page)).toBeVisible({ timeout: 30_000 });
    await expect.poll(() => readLegs(page)).toHaveLength(4);
    expect(server.exitCode).toBe(null);
    const health = await request.get(`http://localhost:${port}/healthz`);
    expect(await health.json()).toMatchObject({ database: 'up', writes: 'up', connections: { waiting: 0 } });
    await page.reload();
    await expect.poll(() => readLegs(page)).toHaveLength(4);
  } finally {
    await stopServer(server);
    await cluster.stop();
    rmSync(home, { recursive: true, force: true });
  }
});
