/** Many who want much at once: whoever wants little is answered meanwhile, and the memory stays within its bound. */
import { readFileSync } from 'node:fs';
import { Agent, request as httpRequest, type ClientRequest } from 'node:http';
import { execFile, type ChildProcess } from 'node:child_process';
import { connect, type Socket } from 'node:net';
import { promisify } from 'node:util';
import { findFreePort } from '../scripts/system/free-port.mjs';
import { startServer, stopServer } from '../scripts/system/server.mjs';
import { makeJobsText } from '#support/make-jobs-text.ts';
import { makeTestDatabase } from '#support/test-database.ts';
import { makeHttpServer, sleep } from './http-server.ts';

const MB = 1024 * 1024;
const [JOB, RUN] = ['pressedjob1', 'pressedrun1'];
const database = await makeTestDatabase();
const port = await findFreePort();
const build = process.env['PORTHOLE_BUILD'] ?? '.porthole/test-build';
let server: ChildProcess;
const url = `http://localhost:${port}`;
const missed: string[] = [];

/** Says a figure, and whether it is what is wanted. */
function tell(what: string, isWanted: boolean): void {
  console.log(`pressure: ${what}${isWanted ? '' : '  MISSED'}`);
  if (!isWanted) missed.push(what);
}

const percentile = (values: readonly number[], part: number): number =>
  [...values].sort((a, b) => a - b)[Math.floor((values.length - 1) * part)] ?? NaN;

const of = (name: 'VmRSS' | 'VmHWM'): number =>
  Number(new RegExp(`${name}:\\s+(\\d+)`).exec(readFileSync(`/proc/${server.pid}/status`, 'utf8'))?.[1]) /
  1024;

/** How long others wait meanwhile: the list of jobs, asked again and again by a process of its own. */
async function watch(seconds: number): Promise<{ p99: number; longest: number; failed: number }> {
  const args = ['probes/watcher.mjs', `${url}/api/jobs`, String(seconds * 1000)];
  const { stdout } = await promisify(execFile)(process.execPath, args);
  const all = JSON.parse(stdout) as number[];
  const times = all.filter((time) => time >= 0);
  return { p99: percentile(times, 0.99), longest: Math.max(...times), failed: all.length - times.length };
}

const ms = (time: number): string => `${Math.round(time)} ms`;

/** A request over one kept connection; gives how it was answered. */
const ask = (agent: Agent, method: string, path: string, body: string | null): Promise<string> =>
  new Promise((done) => {
    const headers = {
      host: `localhost:${port}`,
      origin: url,
      'content-type': 'application/json',
      'content-length': Buffer.byteLength(body ?? ''),
    };
    const request = httpRequest({ agent, port, host: '127.0.0.1', method, path, headers }, (response) => {
      response.resume();
      response.on('end', () => done(String(response.statusCode)));
      response.on('error', (error) => done(error.message));
    });
    request.on('error', (error) => done(error.message));
    request.end(body ?? undefined);
  });

async function refusedBodies(): Promise<void> {
  const large = `"${'x'.repeat(200 * 1024)}"`;
  const places = [
    '/api/jobs',
    '/api/file',
    '/api/none',
    '/api/jobs/%00/runs',
    `/api/jobs/${JOB}/runs/${RUN}/changes`,
    '/jobs',
    '/healthz',
    '/',
    '/api/rules',
    '/_app/none.js',
  ];
  let [spoilt, asked] = [0, 0];
  const times: number[] = [];
  const answers = new Set<string>();
  for (const path of places) {
    for (const method of ['POST', 'PUT', 'PATCH', 'DELETE', 'GET']) {
      const agent = new Agent({ keepAlive: true, maxSockets: 1 });
      for (let i = 0; i < 3; i++) {
        answers.add(await ask(agent, method, path, large));
        await sleep(20);
        const began = performance.now();
        const next = await ask(agent, 'GET', '/api/jobs', null);
        times.push(performance.now() - began);
        asked++;
        if (next !== '200') spoilt++;
      }
      agent.destroy();
    }
  }
  tell(
    `after ${asked} bodies of 200 kB (answered ${[...answers].sort().join(', ')}) the next request on the same connection failed ${spoilt} times (0 wanted), longest ${ms(Math.max(...times))} (500 wanted)`,
    spoilt === 0 && Math.max(...times) < 500,
  );
}

async function endlessBodies(): Promise<void> {
  for (const [how, head, every] of [
    ['that go on for ever', 'transfer-encoding: chunked', 0],
    ['that say 16 MB and come by drops', `content-length: ${16 * MB}`, 200],
  ] as const) {
    let isOver = false;
    const sockets: Socket[] = [];
    const piece = every === 0 ? `${(16 * 1024).toString(16)}\r\n${' '.repeat(16 * 1024)}\r\n` : ' ';
    for (let i = 0; i < 400; i++) {
      const open = (): void => {
        if (isOver) return;
        const socket = connect(port, '127.0.0.1', () => {
          socket.write(
            `POST /api/jobs/${JOB}/runs/${RUN}/changes HTTP/1.1\r\nhost: localhost:${port}\r\norigin: ${url}\r\ncontent-type: application/json\r\n${head}\r\n\r\n`,
          );
          const more = (): void => {
            if (isOver || socket.destroyed) return;
            if (!socket.write(piece)) socket.once('drain', more);
            else setTimeout(more, every);
          };
          more();
        });
        socket.on('error', () => undefined);
        socket.on('data', () => undefined);
        socket.on('close', () => setTimeout(open, 100));
        sockets.push(socket);
      };
      open();
    }
    const { p99, longest, failed } = await watch(30);
    tell(
      `beside 400 bodies ${how} others wait p99 ${ms(p99)} (500 wanted), longest ${ms(longest)}, ${failed} failed (0 wanted); ${sockets.length} connections were made, memory ${Math.round(of('VmRSS'))} MB`,
      p99 < 500 && failed === 0,
    );
    isOver = true;
    for (const socket of sockets) socket.destroy();
    await sleep(500);
  }
}

async function strangeQueries(): Promise<void> {
  let longest = 0;
  const statuses: Record<string, number> = {};
  for (const query of [
    '',
    '?',
    '?all=1',
    '?first=',
    '?first=a&last=b',
    '?part=%00',
    `?first=${JOB}&last=${JOB}&part=1-1&part=2`,
    '?%F0%9F',
    `?first=${JOB}&last=${JOB}&part=2026-1&x=1`,
    `?${'a=1&'.repeat(3000)}`,
  ])
    await Promise.all(
      Array.from({ length: 20 }, async () => {
        const began = performance.now();
        const answer = await fetch(`${url}/api/file${query}`);
        await answer.arrayBuffer();
        longest = Math.max(longest, performance.now() - began);
        statuses[answer.status] = (statuses[answer.status] ?? 0) + 1;
      }),
    );
  tell(
    `strange questions at /api/file, twenty at a time: ${JSON.stringify(statuses)}, longest ${ms(longest)} (1000 wanted)`,
    longest < 1000,
  );
}

/** Files that are asked for and not read. */
async function unreadFiles(): Promise<void> {
  const parts = (
    (await (await fetch(`${url}/api/file/parts`)).json()) as {
      value: { first: string; last: string; bytes: number }[];
    }
  ).value;
  const part = parts.find(({ bytes }) => bytes > 10 * MB)!;
  const sockets = Array.from({ length: 3 }, () => {
    const socket = connect(port, '127.0.0.1', () =>
      socket.write(
        `GET /api/file?first=${part.first}&last=${part.last}&part=1-1 HTTP/1.1\r\nhost: localhost:${port}\r\n\r\n`,
      ),
    );
    socket.pause();
    socket.on('error', () => undefined);
    return socket;
  });
  await sleep(1000);
  const began = performance.now();
  const pdf = await fetch(`${url}/api/jobs/${JOB}/runs/${RUN}/pdf/a4`);
  await pdf.arrayBuffer();
  const [printed, { p99 }] = [performance.now() - began, await watch(5)];
  await sleep(20_000);
  const again = performance.now();
  const whole = await fetch(`${url}/api/file?first=${part.first}&last=${part.last}&part=1-1`);
  const size = (await whole.arrayBuffer()).byteLength;
  tell(
    `beside three who take ${Math.round(size / MB)} MB and do not read it a print is there in ${ms(printed)} (5000 wanted), others wait p99 ${ms(p99)} (500 wanted); once they are given up the file is there in ${ms(performance.now() - again)}`,
    pdf.status === 200 && printed < 5000 && p99 < 500 && whole.status === 200 && size <= part.bytes,
  );
  for (const socket of sockets) socket.destroy();
}

/** Many large files at once, and more memory than they may take is not there. */
async function manyImports(): Promise<void> {
  const text = Buffer.from(makeJobsText(29 * MB, 'imp'));
  const before = of('VmHWM');
  let resident = 0;
  const looks = setInterval(() => (resident = Math.max(resident, of('VmRSS'))), 50);
  const outcomes: Record<string, number> = {};
  const sent: ClientRequest[] = [];
  const all = Promise.all(
    Array.from(
      { length: 60 },
      () =>
        new Promise<void>((done) => {
          let isAnswered = false;
          const headers = {
            host: `localhost:${port}`,
            origin: url,
            'content-type': 'application/json',
            'content-length': text.byteLength,
          };
          const request = httpRequest(
            { port, host: '127.0.0.1', path: '/api/file', method: 'POST', headers, agent: false },
            (response) => {
              isAnswered = true;
              let said = '';
              response.on('data', (more: Buffer) => (said = (said + more.toString()).slice(0, 300)));
              response.on('end', () => {
                const code =
                  /"why":"([a-z-]+)"/.exec(said)?.[1] ?? /"code":"([a-z-]+)"/.exec(said)?.[1] ?? 'brought in';
                outcomes[code] = (outcomes[code] ?? 0) + 1;
                done();
              });
            },
          );
          request.on('error', () => {
            if (!isAnswered) outcomes['cut off'] = (outcomes['cut off'] ?? 0) + 1;
            done();
          });
          sent.push(request);
          request.end(text);
        }),
    ),
  );
  const { p99, failed } = await watch(30);
  await all;
  clearInterval(looks);
  tell(
    `60 files of ${Math.round(text.byteLength / MB)} MB at once: ${JSON.stringify(outcomes)}; memory ${Math.round(resident)} MB at most (512 wanted; ${Math.round(before)} before); others wait p99 ${ms(p99)} (500 wanted), ${failed} failed (0 wanted)`,
    resident < 512 &&
      p99 < 500 &&
      failed === 0 &&
      (outcomes['too-busy'] ?? 0) > 0 &&
      (outcomes['brought in'] ?? 0) > 0,
  );
}

for (const press of [refusedBodies, endlessBodies, manyImports, unreadFiles, strangeQueries]) {
  server = await startServer({ build, port, url: database.url, level: 'fatal' });
  await makeHttpServer(() => url, JOB, false).make(RUN);
  await press();
  if (server.exitCode !== null) missed.push(`${press.name}: the server ended`);
  await stopServer(server);
}
await database.drop();
if (missed.length > 0) process.exitCode = 1;
