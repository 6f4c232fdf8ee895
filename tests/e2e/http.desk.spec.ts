import { request as httpRequest } from 'node:http';
import { fuzzHttp, HttpFuzz } from '#support/fuzz-http.ts';
import { readBack } from '#support/read-back.ts';
import { makeRandom } from '#support/random-run.ts';
import { expect, makeId, makeJob, startTestApp, test } from '#support/e2e.ts';

test('pages and data carry their security headers', async ({ request, app }) => {
  const page = await request.get(app.url);
  const policy = page.headers()['content-security-policy'];
  expect(policy).toContain("default-src 'self'");
  expect(policy).not.toContain("script-src 'self' 'unsafe-inline'");
  const data = await request.get(`${app.url}/api/jobs`);
  expect(data.headers()['content-security-policy']).toContain("default-src 'none'");
  for (const headers of [page.headers(), data.headers()]) {
    expect(headers).toMatchObject({ 'x-content-type-options': 'nosniff', 'x-frame-options': 'DENY' });
  }
});

test('what another site sends is refused, and so is a foreign name for this machine', async ({
  request,
  app,
}) => {
  const post = (headers: Record<string, string>) =>
    request.post(`${app.url}/api/jobs`, { headers, data: {} });
  for (const headers of [{ origin: 'http://evil.example' }, { origin: 'null' }]) {
    const answer = await post(headers);
    expect([answer.status(), (await answer.json()).refusal.code]).toEqual([403, 'origin-refused']);
  }
  const status = await new Promise((resolve) => {
    const options = {
      port: app.port,
      host: '127.0.0.1',
      path: '/api/jobs',
      headers: { host: 'evil.example' },
    };
    httpRequest(options, (response) => resolve(response.statusCode)).end();
  });
  expect(status).toBe(403);
});

test('bodies that are too large, not JSON or not right are refused with a code and nothing kept', async ({
  request,
  app,
}) => {
  const { job, run } = await makeJob(request, app.url);
  const path = `${app.url}/api/jobs/${job}/runs/${run}`;
  const post = async (data: string | Buffer, to = `${path}/changes`) => {
    const headers = { origin: app.url, 'content-type': 'application/json' };
    const answer = await request.post(to, { headers, data });
    return [answer.status(), (await answer.json()).refusal?.code];
  };
  expect(await post(Buffer.from(' '.repeat(16.5 * 1024 * 1024)))).toEqual([413, 'body-too-large']);
  expect(await post(Buffer.from(' '.repeat(300 * 1024)), `${path}/events`)).toEqual([413, 'body-too-large']);
  expect(await post(Buffer.from('['.repeat(1000)))).toEqual([400, 'body-too-nested']);
  expect(await post(Buffer.from('{"by":"\\u0000"}'))).toEqual([400, 'text-unstorable']);
  expect(await post(Buffer.from('{ not json'))).toEqual([400, 'body-not-json']);
  expect(await post(Buffer.from('"text"'))).toEqual([400, 'input-invalid']);
  expect(await post(Buffer.from('{}'))).toEqual([400, 'input-invalid']);
  expect(await post(Buffer.from('{}'), `${path}/events`)).toEqual([400, 'input-invalid']);
  const change = {
    id: makeId(),
    base: 0,
    by: 'A',
    at: new Date().toISOString(),
    label: { command: 'add-leg', leg: 1, turn: null },
    ops: [{ op: 'remove', in: 'legs', id: 'nosuchleg', old: {} }],
  };
  expect(await post(JSON.stringify(change))).toEqual([409, 'change-does-not-fit']);
  expect(await post(JSON.stringify(change), `${app.url}/api/jobs/${job}/runs/nosuchrun/changes`)).toEqual([
    404,
    'run-unknown',
  ]);
  const now = await request.get(path);
  expect((await now.json()).value.run.revision).toBe(0);
});

test('an address that names what no id can be is not there, and never breaks a page', async ({
  request,
  app,
}) => {
  const { job, run } = await makeJob(request, app.url);
  for (const path of [`/jobs/%2f/runs/${run}/lay-out`, `/jobs/${job}/runs/%2f/cut`, '/jobs/%2f']) {
    const page = await request.get(`${app.url}${path}`, { headers: { accept: 'text/html' } });
    expect([path, page.status()]).toEqual([path, 404]);
    expect(await page.text()).toContain('Nothing here');
  }
});

test('of many large files that are sent at once only those are held that there is room for; the others are told, and room is given back', async ({
  request,
  app,
}) => {
  const large = 29 * 1024 * 1024;
  const headers = { origin: app.url, 'content-type': 'application/json' };
  const file = { porthole: 'jobs', version: 2, jobs: [] };
  const body = Buffer.alloc(large, ' ');
  body.write(JSON.stringify(file));
  const idle = Array.from({ length: 2 }, () => {
    const sending = httpRequest({
      port: app.port,
      host: '127.0.0.1',
      path: '/api/file',
      method: 'POST',
      headers: { ...headers, host: `localhost:${app.port}`, 'content-length': large },
    });
    sending.on('error', () => undefined);
    sending.write('{');
    return sending;
  });
  const send = async () => {
    const answer = await request.post(`${app.url}/api/file`, { headers, data: body });
    return (await answer.json()) as object;
  };
  await expect
    .poll(send, { timeout: 10_000 })
    .toEqual({ refusal: { code: 'work-given-up', why: 'too-busy' } });
  // A small one has its room beside them, and so has a print, which is another kind of work.
  const small = await request.post(`${app.url}/api/file`, { headers, data: file });
  expect(await small.json()).toEqual({ value: [] });
  for (const sending of idle) sending.destroy();
  await expect.poll(send, { timeout: 10_000 }).toEqual({ value: [] });
});

test('hostile requests, by a seed: none is answered 500, none is left waiting', async ({ request, app }) => {
  const fuzz = new HttpFuzz(makeRandom(20_274));
  const statuses = new Set<string>();
  // Several jobs in turn: one that is finished on the way takes nothing more.
  for (let i = 0; i < 5; i++) {
    const { job, run } = await makeJob(request, app.url);
    fuzz.aimAt(job, run);
    const tally = await fuzzHttp(app.port, fuzz, 60, 4);
    expect(tally.faults).toEqual([]);
    expect(tally.sent).toBe(60);
    for (const status of Object.keys(tally.statuses)) statuses.add(status);
  }
  expect([...statuses]).toEqual(expect.arrayContaining(['200', '400', '404', '409']));
  // What was taken of them is read, laid out, goes out and comes back.
  const back = await readBack(app.databaseUrl);
  expect(back.runs).toBeGreaterThan(5);
  expect(back.faults).toEqual([]);
});

test('assets, the schema, the icon and the framework’s own refusals carry the headers too', async ({
  request,
  app,
  page,
}) => {
  await page.goto(app.url);
  const asset = await page.locator('link[rel="stylesheet"]').first().getAttribute('href');
  for (const path of [
    new URL(asset!, app.url).pathname,
    '/schemas/porthole-job-3.schema.json',
    '/favicon.svg',
    '/nothing-here',
    '/%ff',
  ]) {
    const answer = await request.get(`${app.url}${path}`);
    expect(answer.headers(), path).toMatchObject({
      'x-content-type-options': 'nosniff',
      'x-frame-options': 'DENY',
      'cross-origin-resource-policy': 'same-origin',
    });
  }
});

test('unknown addresses of the API answer with data', async ({ request, app }) => {
  const answer = await request.get(`${app.url}/api/nothing/here`);
  expect([answer.status(), (await answer.json()).refusal.code]).toEqual([404, 'route-unknown']);
});

test('the server says how it is, and ends cleanly when asked', async ({ request, problems }) => {
  expect(problems).toEqual([]);
  const own = await startTestApp();
  try {
    const health = await request.get(`${own.url}/healthz`);
    expect([health.status(), await health.json()]).toMatchObject([200, { server: 'up', database: 'up' }]);
    expect(await own.stop('SIGTERM')).toBe(0);
  } finally {
    await own.close();
  }
});

test('a server that starts while its database is away prepares it as soon as it is there', async ({
  request,
  problems,
}) => {
  expect(problems).toEqual([]);
  const own = await startTestApp();
  try {
    await own.stop();
    own.proxy.pull();
    await own.start();
    expect((await request.get(`${own.url}/healthz`)).status()).toBe(503);
    own.proxy.putBack();
    await expect
      .poll(async () => (await request.get(`${own.url}/healthz`)).status(), { timeout: 15_000 })
      .toBe(200);
  } finally {
    await own.close();
  }
});
