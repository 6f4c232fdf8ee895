import { performance } from 'node:perf_hooks';
import { planCopyRun } from '#core/runs/commands';
import type { RunDoc } from '#core/runs/document';
import { makeNodeChange } from '#support/disturbed-writers.ts';
import { makeRandomRun } from '#support/random-run.ts';
import { serve } from './support/served.ts';

/** How long requests about a run of 10,000 legs hold the event loop, that is, every other request. */
const LEGS = 10_000;
const WANTED = 50;

const server = await serve(process.env['DATABASE_URL'] ?? '');
const [job, run] = ['loopjob0001', 'looprun0001'];
const path = `/api/jobs/${job}/runs/${run}`;
let failed = false;

async function measure(what: string, work: () => Promise<Response>, limit = WANTED): Promise<Response> {
  await new Promise((resolve) => setTimeout(resolve, 300));
  await server.look();
  const began = performance.now();
  const response = await work();
  const bytes = (await response.clone().arrayBuffer()).byteLength;
  const took = performance.now() - began;
  const { held } = await server.look();
  const isGood = held <= limit;
  if (!isGood) failed = true;
  console.log(
    `event loop: ${what}: ${response.status}, ${Math.round(took)} ms, ${(bytes / 1e6).toFixed(1)} MB, loop held ${held.toFixed(0)} ms at most (${limit} wanted)${isGood ? '' : '  MISSED'}`,
  );
  return response;
}

try {
  const details = {
    name: 'Loop',
    place: '',
    units: 'in',
    gas: 'natural',
    jurisdiction: 'us-model',
    edition: '',
    people: [],
  };
  await server.ask('/api/jobs', { method: 'POST', body: JSON.stringify({ id: job, ...details }) });
  await server.ask(`/api/jobs/${job}/runs`, {
    method: 'POST',
    body: JSON.stringify({ id: run, name: 'Long' }),
  });
  const long = makeRandomRun(LEGS, 20_268);
  const empty = ((await (await server.ask(path)).json()) as { value: { doc: RunDoc } }).value.doc;
  const { label, ops } = planCopyRun(long, empty);
  const change = { id: 'loopchange0', base: 0, by: 'A', at: '2026-01-01T08:00:00.000Z', label, ops };
  const body = JSON.stringify(change);
  console.log(`event loop: ${LEGS} legs, ${(body.length / 1e6).toFixed(1)} MB of change`);
  await measure('the whole run as one change', () => server.ask(`${path}/changes`, { method: 'POST', body }));
  for (let i = 1; i <= 3; i++) {
    const one = makeNodeChange(`loopchange${i}`, `loopnode000${i}`, i);
    await measure(`a change (${i})`, () =>
      server.ask(`${path}/changes`, { method: 'POST', body: JSON.stringify(one) }),
    );
  }
  await measure('the run', () => server.ask(path));
  await measure('its history', () => server.ask(`${path}/changes`));
  await measure('its PDF', () => server.ask(`${path}/pdf/a4`));
  const file = await measure('its job as a file', () => server.ask(`/api/jobs/${job}/file`));
  const text = await file.text();
  await measure('the file brought in again', () => server.ask('/api/file', { method: 'POST', body: text }));
  await measure('the same with another name', () =>
    server.ask('/api/file', { method: 'POST', body: text.replace('"name":"Loop"', '"name":"Other"') }),
  );
  await measure('32 MB of brackets', () =>
    server.ask('/api/file', { method: 'POST', body: '['.repeat(32 * 1024 * 1024) }),
  );
  await measure('32 MB of empty lists', () =>
    server.ask('/api/file', { method: 'POST', body: `[${'[],'.repeat(10_600_000)}[]]` }),
  );
  await measure('32 MB of one text', () =>
    server.ask('/api/file', { method: 'POST', body: `"${'x'.repeat(32 * 1024 * 1024 - 2)}"` }),
  );
} finally {
  await server.close();
}
if (failed) process.exitCode = 1;
