import { spawn, type ChildProcess } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { connect, type Socket } from 'node:net';
import { join } from 'node:path';
import { findFreePort } from '../../scripts/system/free-port.mjs';
import { expect, test } from '#support/e2e.ts';
import { makeTestDatabase } from '#support/test-database.ts';

const build = process.env['PORTHOLE_BUILD'] ?? '.porthole/test-build';

/** The built server by itself, without any of what the start commands set. */
async function serve(): Promise<{
  server: ChildProcess;
  port: number;
  exited: Promise<number>;
  drop: () => Promise<void>;
}> {
  const database = await makeTestDatabase();
  const port = await findFreePort();
  const env: NodeJS.ProcessEnv = {
    ...process.env,
    PORT: String(port),
    PORTHOLE_LOG: 'fatal',
    DATABASE_URL: database.url,
  };
  delete env['HOST'];
  const server = spawn(process.execPath, [join(build, 'index.js')], { env, stdio: 'ignore' });
  const exited = new Promise<number>((done) => server.on('exit', (code) => done(code ?? -1)));
  await expect
    .poll(
      () =>
        fetch(`http://127.0.0.1:${port}/healthz`).then(
          ({ status }) => status,
          () => 0,
        ),
      { timeout: 15_000 },
    )
    .toBeGreaterThan(0);
  return { server, port, exited, drop: () => database.drop() };
}

/** Addresses a port is listened to on, as the kernel has them. */
const listAddresses = (port: number): string[] =>
  ['/proc/net/tcp', '/proc/net/tcp6'].flatMap((file) =>
    readFileSync(file, 'utf8')
      .split('\n')
      .map((line) => line.trim().split(/\s+/))
      .filter(
        ([, local, , state]) => state === '0A' && Number.parseInt(local?.split(':')[1] ?? '', 16) === port,
      )
      .map(([, local]) => local!.split(':')[0]!),
  );

test('started without a host it listens on this machine alone', async () => {
  const { server, port, exited, drop } = await serve();
  expect(listAddresses(port)).toEqual(['0100007F']);
  server.kill('SIGKILL');
  await exited;
  await drop();
});

test('told to end it ends within five seconds, with connections that ask nothing, one that asks by halves, and asked while it ends', async () => {
  test.setTimeout(120_000);
  for (let round = 0; round < 4; round++) {
    const { server, port, exited, drop } = await serve();
    const open = (text: string): Promise<Socket> =>
      new Promise((done, fail) => {
        const socket = connect(port, '127.0.0.1', () => {
          socket.write(text);
          done(socket);
        });
        socket.on('error', fail);
      });
    const sockets = [
      await open(''),
      await open('GET /healthz HTTP/1.1\r\nHost: localhost\r\n\r\n'),
      await open('POST /api/jobs HTTP/1.1\r\nHost: localhost\r\nContent-Length: 90\r\n\r\n{'),
    ];
    for (const socket of sockets) socket.on('error', () => socket.destroy());
    const began = Date.now();
    server.kill('SIGTERM');
    // Work that comes while it ends makes no new connections to the database.
    const asking = setInterval(
      () => void fetch(`http://127.0.0.1:${port}/api/jobs`).catch(() => undefined),
      20,
    );
    await exited;
    clearInterval(asking);
    expect(Date.now() - began).toBeLessThan(5000);
    for (const socket of sockets) socket.destroy();
    await drop();
  }
});
