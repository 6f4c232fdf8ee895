import {
  expect,
  test as base,
  type APIRequestContext,
  type BrowserContext,
  type Page,
} from '@playwright/test';
import { applyOps } from '#core/runs/changes';
import { centreToCentre, planAddLeg, planCopyRun } from '#core/runs/commands';
import type { RunDoc } from '#core/runs/document';
import { parseMeasure } from '#core/units';
import { findAxisForKey } from '../../src/lib/ui/instruments/axis-keys.ts';
import { getLeg, mustBe, newLeg } from './make-run.ts';
import { findFreePort } from '../../scripts/system/free-port.mjs';
import { startServer, stopServer } from '../../scripts/system/server.mjs';
import { makeDatabaseProxy, type DatabaseProxy } from './database-proxy.ts';
import { makeTestDatabase } from './test-database.ts';

const BUILD = process.env['PORTHOLE_BUILD'] ?? '.porthole/test-build';

/** The built app with a database of its own, behind a cable that can be pulled. */
export interface TestApp {
  readonly url: string;
  readonly port: number;
  readonly databaseUrl: string;
  readonly proxy: DatabaseProxy;
  /** Stops the server; `start` serves again at the same address. */
  stop(signal?: NodeJS.Signals): Promise<number | null>;
  start(): Promise<void>;
  close(): Promise<void>;
}

export async function startTestApp(): Promise<TestApp> {
  const database = await makeTestDatabase();
  const proxy = await makeDatabaseProxy(database.url);
  const port = await findFreePort();
  const start = () => startServer({ build: BUILD, port, url: proxy.url, level: 'fatal' });
  let server = await start();
  const stop = async (signal?: NodeJS.Signals) => {
    await stopServer(server, signal);
    return server.exitCode;
  };
  return {
    url: `http://localhost:${port}`,
    port,
    databaseUrl: database.url,
    proxy,
    stop,
    start: async () => {
      server = await start();
    },
    close: async () => {
      await stop();
      await proxy.close();
      await database.drop();
    },
  };
}

/** Watches a page: any unhandled error, any complaint in the console, any answer 500 is kept. */
function watch(page: Page, problems: string[]): void {
  page.on('pageerror', (error) => problems.push(`unhandled: ${error.message}`));
  page.on('console', (message) => {
    const text = message.text();
    // The browser itself notes every request that fails; tests that pull cables cause those on purpose.
    if (message.type() === 'error' && !text.startsWith('Failed to load resource')) problems.push(text);
  });
  page.on('response', (response) => {
    if (response.status() === 500) problems.push(`500 from ${response.url()}`);
  });
}

interface WorkerFixtures {
  app: TestApp;
}
interface TestFixtures {
  problems: string[];
  context: BrowserContext;
  baseURL: string;
}

/** Playwright's test with the app of this worker; a test fails on any unhandled browser error. */
export const test = base.extend<TestFixtures, WorkerFixtures>({
  app: [
    async ({}, use) => {
      const app = await startTestApp();
      await use(app);
      await app.close();
    },
    { scope: 'worker', timeout: 60_000 },
  ],
  baseURL: async ({ app }, use) => use(app.url),
  problems: async ({}, use) => {
    const problems: string[] = [];
    await use(problems);
    expect(problems).toEqual([]);
  },
  context: async ({ context, problems }, use) => {
    context.on('page', (page) => watch(page, problems));
    await use(context);
  },
});

export { expect };

let made = 0;
/** A fresh id, as clients make them. */
export const makeId = (): string => `e${process.pid}t${Date.now().toString(36)}n${made++}`;

/** Opens a job with one empty run over the API; gives the addresses of its screens. */
export async function makeJob(
  request: APIRequestContext,
  url: string,
  more: Record<string, unknown> = {},
): Promise<{ job: string; run: string; layOut: string; cut: string }> {
  const [job, run] = [makeId(), makeId()];
  const headers = { origin: url };
  const details = {
    name: `Job ${job}`,
    place: '',
    units: 'in',
    gas: 'natural',
    jurisdiction: 'us-model',
    edition: '',
  };
  const opened = await request.post(`${url}/api/jobs`, {
    headers,
    data: { id: job, ...details, people: ['Ada Quill'], ...more },
  });
  expect(opened.status()).toBe(200);
  const begun = await request.post(`${url}/api/jobs/${job}/runs`, {
    headers,
    data: { id: run, name: 'Run' },
  });
  expect(begun.status()).toBe(200);
  const path = `/jobs/${job}/runs/${run}`;
  return { job, run, layOut: `${url}${path}/lay-out`, cut: `${url}${path}/cut` };
}

/** Opens a run's screen and says "Understood" to the caution. */
export async function openRun(page: Page, address: string): Promise<void> {
  await page.goto(address);
  await understand(page);
}

/** Adds a leg by keys: a letter for the way, the measure, Enter. */
export async function addLegByKeys(page: Page, way: string, measure: string): Promise<void> {
  const field = page.getByLabel('Measure, centre to centre');
  await field.focus();
  await page.keyboard.press(way);
  await page.keyboard.type(measure);
  await page.keyboard.press('Enter');
  await expect(field).toHaveValue('');
}

/** Lays legs out in a run over the API, each a letter for its way and its measure, as if they had been typed one after another. */
export async function layLegs(
  request: APIRequestContext,
  url: string,
  { job, run }: { readonly job: string; readonly run: string },
  legs: readonly (readonly [way: string, measure: string])[],
): Promise<void> {
  const path = `${url}/api/jobs/${job}/runs/${run}`;
  const { value } = (await (await request.get(path)).json()) as { value: { doc: RunDoc } };
  let doc = value.doc;
  let from: string | null = null;
  for (const [base, [way, measure]] of legs.entries()) {
    const { length } = mustBe(parseMeasure(measure, 'in'));
    const axis = findAxisForKey(way, '')!;
    const leg = newLeg(from, axis, 0, { measure: centreToCentre(length, measure) });
    const { label, ops } = mustBe(planAddLeg(doc, leg, makeId));
    const change = { id: makeId(), base, by: 'not named', at: new Date().toISOString(), label, ops };
    const sent = await request.post(`${path}/changes`, { headers: { origin: url }, data: change });
    expect(sent.status()).toBe(200);
    doc = mustBe(applyOps(doc, ops));
    from = getLeg(doc, base + 1).to;
  }
}

/** Writes a whole run, as a test makes one, into an empty run of the server. */
export async function writeRun(
  request: APIRequestContext,
  url: string,
  { job, run }: { readonly job: string; readonly run: string },
  doc: RunDoc,
): Promise<void> {
  const path = `${url}/api/jobs/${job}/runs/${run}`;
  const { value } = (await (await request.get(path)).json()) as { value: { doc: RunDoc } };
  const change = {
    id: makeId(),
    base: 0,
    by: 'not named',
    at: new Date().toISOString(),
    ...planCopyRun(doc, value.doc),
  };
  const sent = await request.post(`${path}/changes`, { headers: { origin: url }, data: change });
  expect(sent.status()).toBe(200);
}

/** Opens a new run with these legs in it; the list has them then. */
export async function openRunWith(
  page: Page,
  request: APIRequestContext,
  url: string,
  legs: readonly (readonly [way: string, measure: string])[],
): Promise<Awaited<ReturnType<typeof makeJob>>> {
  const run = await makeJob(request, url);
  await layLegs(request, url, run, legs);
  await openRun(page, run.layOut);
  await expect.poll(() => readLegs(page)).toHaveLength(legs.length);
  return run;
}

/** What the list of legs says, line by line: number, measure, cut, fitting at the far end. */
export async function readLegs(page: Page): Promise<string[]> {
  const rows = page.getByRole('table', { name: /Legs of the run/ }).locator('.leg');
  const texts = await rows.allInnerTexts();
  return texts.map((text) => text.replace(/\s+/g, ' ').trim());
}

/** Words may stand there still from before an edit: they count once nothing waits any more. */
export const onServer = (page: Page) =>
  page
    .locator('[role=status][aria-label="Where your edits are"][aria-busy=false]')
    .getByText('on the server', { exact: true });
export const onDevice = (page: Page) =>
  page.getByRole('status', { name: 'Where your edits are' }).getByText('on this device', { exact: true });

/** Goes to a stage of the run that is open, and in it to one of its ways. */
export async function goTo(page: Page, stage: 'Measure' | 'Check' | 'Make', way?: string): Promise<void> {
  const stages = page.getByRole('navigation', { name: 'Stages' });
  await stages.getByRole('link', { name: new RegExp(`^${stage}`) }).click();
  if (way === undefined) return;
  const ways = page.getByRole('navigation', { name: `Ways to ${stage.toLowerCase()}` });
  await ways.getByRole('link', { name: way }).click();
}

/** Opens the history of the run that is open: it hangs on the run's name. */
export async function openHistory(page: Page): Promise<void> {
  await page.locator('[popovertarget=run-menu]').click();
  await page.getByRole('link', { name: 'History' }).click();
}

/** Presses the caution away, and waits until this device has kept that it was read. */
export async function understand(page: Page): Promise<void> {
  const button = page.getByRole('button', { name: 'Understood' });
  await button.click();
  await expect(button).toBeHidden();
}
