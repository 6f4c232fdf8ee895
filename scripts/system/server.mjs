import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { BODY_LIMIT } from './body-limit.mjs';
import { Obstacle } from './say.mjs';

/**
 * Starts the built app and waits until it answers.
 * @param {{ build: string, port: number, host?: string, url: string, logTo?: 'inherit' | 'ignore', level?: string }} options
 * @returns {Promise<import('node:child_process').ChildProcess>}
 */
export async function startServer({
  build,
  port,
  host = '127.0.0.1',
  url,
  logTo = 'ignore',
  level = 'info',
}) {
  const env = {
    ...process.env,
    HOST: host,
    PORT: String(port),
    DATABASE_URL: url,
    PORTHOLE_LOG: level,
    BODY_SIZE_LIMIT: BODY_LIMIT,
    NODE_ENV: 'production',
  };
  const child = spawn(process.execPath, [join(build, 'index.js')], {
    env,
    stdio: ['ignore', logTo, logTo === 'ignore' ? 'ignore' : 'inherit'],
  });
  for (let tries = 0; tries < 150; tries++) {
    if (child.exitCode !== null) throw new Obstacle(`The server stopped at once (code ${child.exitCode}).`);
    const answer = await fetch(`http://127.0.0.1:${port}/healthz`).catch(() => null);
    if (answer) return child;
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
  child.kill('SIGKILL');
  throw new Obstacle('The server did not answer within 15 seconds.');
}

/**
 * Stops a server and waits until it is gone.
 * @param {import('node:child_process').ChildProcess} child
 * @param {NodeJS.Signals} [signal]
 */
export async function stopServer(child, signal = 'SIGTERM') {
  if (child.exitCode !== null || child.signalCode !== null) return;
  const gone = new Promise((resolve) => child.once('exit', resolve));
  child.kill(signal);
  const last = setTimeout(() => child.kill('SIGKILL'), 8000);
  await gone;
  clearTimeout(last);
}
