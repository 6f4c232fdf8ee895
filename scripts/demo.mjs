/** `npm run demo`: installs what is missing, starts the database, migrates, loads demo data, builds, serves. */
import { rmSync } from 'node:fs';
import { join } from 'node:path';
import { ensureBuild } from './system/build.mjs';
import { startCluster } from './system/cluster.mjs';
import { isPortFree } from './system/free-port.mjs';
import { ensureNodeModules } from './system/installed.mjs';
import { runCommand } from './system/run-command.mjs';
import { Obstacle, runMain, say } from './system/say.mjs';
import { startServer, stopServer } from './system/server.mjs';

const home = join(process.env.PORTHOLE_DATA ?? '.porthole', 'demo');
const port = Number(process.env.PORT ?? 7606);
const databasePort = 7607;

await runMain(async () => {
  const unknown = process.argv.slice(2).filter((arg) => arg !== '--reset');
  if (unknown.length > 0) throw new Obstacle(`Not known: ${unknown.join(' ')}. The only option is --reset.`);
  if (!Number.isInteger(port) || port < 1 || port > 65535) {
    throw new Obstacle(`PORT is “${process.env.PORT}”, which is no port. Use a number from 1 to 65535.`);
  }
  if (!(await isPortFree(port))) {
    throw new Obstacle(
      `Port ${port} is taken, perhaps by a demo that is still running. Stop it, or choose another: PORT=7616 npm run demo`,
    );
  }
  await ensureNodeModules();
  say('database: starting');
  let cluster = await startCluster(home, databasePort);
  if (process.argv.includes('--reset')) {
    say('database: starting over');
    await cluster.stop();
    rmSync(home, { recursive: true, force: true });
    cluster = await startCluster(home, databasePort);
  }
  /** @type {import('node:child_process').ChildProcess | null} */
  let server = null;
  let stopping = false;
  const stop = async () => {
    if (stopping) return;
    stopping = true;
    say('stopping');
    if (server) await stopServer(server);
    await cluster.stop();
    say('stopped; your data is kept');
  };
  for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) {
    process.on(signal, () => void stop().then(() => process.exit(0)));
  }
  try {
    await ensureBuild('build');
    const env = { ...process.env, DATABASE_URL: cluster.url('porthole') };
    say('demo data: loading');
    const seeded = await runCommand(process.execPath, ['--import', 'tsx/esm', 'scripts/load-demo.ts'], {
      env,
    });
    if (seeded.code !== 0)
      throw new Obstacle(`The demo data could not be loaded:\n${seeded.output.slice(-2000)}`);
    server = await startServer({
      build: 'build',
      port,
      url: cluster.url('porthole'),
      level: 'warn',
      logTo: 'inherit',
    });
  } catch (error) {
    await stop();
    throw error;
  }
  console.log(
    `\nPorthole is open at http://localhost:${port}\nCtrl-C stops it; npm run demo -- --reset starts over.\n`,
  );
  server.on('exit', (code) => {
    if (stopping) return;
    console.error(`The server stopped by itself (code ${code}).`);
    void stop().then(() => process.exit(1));
  });
});
