import { Agent, request as httpRequest } from 'node:http';
import { connect, type Socket } from 'node:net';
import { LIMITS } from '#core/shapes';
import { ask as askDatabase } from '#support/test-database.ts';
import { makeJobsText } from '#support/make-jobs-text.ts';
import { expect, makeJob, test, type TestApp } from '#support/e2e.ts';

/** Many who want much at once: whoever wants little is answered meanwhile. */

/** A request; gives its status, or what went wrong. */
const ask = (
  app: TestApp,
  agent: Agent | false,
  method: string,
  path: string,
  body: string | null,
): Promise<string> =>
  new Promise((done) => {
    const headers = {
      host: `localhost:${app.port}`,
      origin: app.url,
      'content-type': 'application/json',
      'content-length': Buffer.byteLength(body ?? ''),
    };
    const request = httpRequest(
      { agent, port: app.port, host: '127.0.0.1', method, path, headers },
      (response) => {
        response.resume();
        response.on('end', () => done(String(response.statusCode)));
        response.on('error', (error) => done(error.message));
      },
    );
    request.on('error', (error) => done(error.message));
    request.end(body ?? undefined);
  });

/** A connection on which something is sent as it stands. */
const open = (app: TestApp, text: string): Socket => {
  const socket = connect(app.port, '127.0.0.1', () => socket.write(text));
  socket.on('error', () => undefined);
  return socket;
};

test('a body that is refused spoils neither its own answer nor the connection it came on', async ({
  app,
}) => {
  const large = `"${'x'.repeat(200 * 1024)}"`;
  for (const path of [
    '/api/jobs',
    '/api/file',
    '/api/none',
    '/api/jobs/%00/runs',
    '/healthz',
    '/jobs',
    '/',
  ]) {
    for (const method of ['POST', 'PUT', 'DELETE']) {
      const agent = new Agent({ keepAlive: true, maxSockets: 1 });
      const first = await ask(app, agent, method, path, large);
      expect(first, `${method} ${path}`).toMatch(/^4\d\d$/);
      expect(await ask(app, agent, 'GET', '/api/jobs', null), `after ${method} ${path}`).toBe('200');
      agent.destroy();
      // A connection that ends with its answer is read to the end before it is answered.
      expect(await ask(app, false, method, path, large.repeat(8)), `${method} ${path}`).toMatch(/^4\d\d$/);
    }
  }
});

test('beside bodies that never end, fast or by drops, others are answered', async ({ request, app }) => {
  const { job, run } = await makeJob(request, app.url);
  const head = `POST /api/jobs/${job}/runs/${run}/changes HTTP/1.1\r\nhost: localhost:${app.port}\r\norigin: ${app.url}\r\ncontent-type: application/json\r\n`;
  const piece = `4000\r\n${' '.repeat(0x4000)}\r\n`;
  const sockets = Array.from({ length: 60 }, (_, i) => {
    const isFast = i % 2 === 0;
    const socket = open(
      app,
      `${head}${isFast ? 'transfer-encoding: chunked' : 'content-length: 9000000'}\r\n\r\n`,
    );
    const more = (): void => {
      if (socket.destroyed) return;
      if (socket.write(isFast ? piece : ' ')) setTimeout(more, isFast ? 0 : 100);
      else socket.once('drain', more);
    };
    socket.once('connect', more);
    return socket.resume();
  });
  for (let i = 0; i < 40; i++) {
    const answer = await request.get(`${app.url}/api/jobs`, { timeout: 4000 });
    expect(answer.status()).toBe(200);
  }
  const change = {
    id: 'pressedchange1',
    base: 0,
    by: 'A',
    at: '2026-01-01T08:00:00.000Z',
    label: { command: 'write-run', leg: null, turn: null },
    ops: [],
  };
  const kept = await request.post(`${app.url}/api/jobs/${job}/runs/${run}/changes`, {
    headers: { origin: app.url },
    data: change,
    timeout: 4000,
  });
  expect([200, 400, 409]).toContain(kept.status());
  for (const socket of sockets) socket.destroy();
});

test('all jobs go out by parts, each whole; parts that are asked for and not read keep nobody waiting', async ({
  request,
  app,
}) => {
  const { job, run } = await makeJob(request, app.url);
  const headers = { origin: app.url, 'content-type': 'application/json' };
  const brought = await request.post(`${app.url}/api/file`, {
    headers,
    data: Buffer.from(makeJobsText(300_000, 'part')),
  });
  expect(brought.status()).toBe(200);
  // Weight that is quickly made: jobs of another year with long names in their histories.
  await askDatabase(
    app.databaseUrl,
    `insert into jobs (crew, id, name, place, units, gas, jurisdiction, edition, rule_choices, created_at) select 'crewfirst', 'heavyjob' || i, 'Heavy ' || i, '', 'in', 'natural', 'us-model', '', '{}', timestamptz '2020-03-01' + i * interval '1 day' from generate_series(1, 4) i`,
  );
  await askDatabase(
    app.databaseUrl,
    `insert into specimens (crew, id, job, specimen) select 'crewfirst', 'heavything' || i || 'x' || k, 'heavyjob' || i, jsonb_build_object('note', repeat(md5(i || 'x' || k), 6000)) from generate_series(1, 4) i, generate_series(1, 50) k`,
  );
  const listed = await request.get(`${app.url}/api/file/parts`);
  const parts = (await listed.json()).value as {
    year: number;
    number: number;
    jobs: number;
    bytes: number;
    first: string;
    last: string;
  }[];
  expect(parts.filter(({ year }) => year === 2020).map(({ jobs }) => jobs)).toEqual([2, 2]);
  for (const { bytes } of parts) expect(bytes).toBeLessThan(LIMITS.file);
  const address = (part: (typeof parts)[number]): string =>
    `/api/file?first=${part.first}&last=${part.last}&part=${part.year}-${part.number}`;
  const unread = Array.from({ length: 2 }, () =>
    open(app, `GET ${address(parts[0]!)} HTTP/1.1\r\nhost: localhost:${app.port}\r\n\r\n`).pause(),
  );
  await expect.poll(() => unread.every(({ connecting }) => !connecting)).toBe(true);
  const pdf = await request.get(`${app.url}/api/jobs/${job}/runs/${run}/pdf/a4`, { timeout: 15_000 });
  expect(pdf.status()).toBe(200);
  expect((await request.get(`${app.url}/api/jobs`, { timeout: 4000 })).status()).toBe(200);
  // Who waits behind them has a turn when they go away.
  const waiting = request.get(`${app.url}${address(parts.at(-1)!)}`, { timeout: 15_000 });
  for (const socket of unread) socket.destroy();
  expect((await waiting).status()).toBe(200);
  // Whoever reads gets all of it, by its name, and nothing twice.
  const names: string[] = [];
  for (const part of parts) {
    const file = await request.get(`${app.url}${address(part)}`, { timeout: 30_000 });
    expect(file.headers()['content-disposition']).toContain(`porthole-jobs-${part.year}-${part.number}.json`);
    const text = await file.text();
    expect(text.length).toBeLessThanOrEqual(part.bytes);
    names.push(...(JSON.parse(text) as { jobs: { job: { id: string } }[] }).jobs.map((each) => each.job.id));
  }
  expect(names.length).toBe(parts.reduce((sum, { jobs }) => sum + jobs, 0));
  expect(new Set(names).size).toBe(names.length);
  for (const query of [
    '',
    '?all=1',
    `?first=${parts[0]!.first}`,
    `${address(parts[0]!).slice(9)}&x=1`,
    '?first=%00&last=b&part=1-1',
  ])
    expect((await request.get(`${app.url}/api/file${query}`)).status()).toBe(400);
});
