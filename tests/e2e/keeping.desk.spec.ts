import { REST } from '../../src/lib/ui/controls/fetch-at-rest.ts';
import { expectAccessible } from '#support/axe.ts';
import type { Page } from '@playwright/test';
import { ask } from '#support/test-database.ts';
import {
  addLegByKeys,
  expect,
  makeJob,
  onDevice,
  onServer,
  openRun,
  openRunWith,
  readLegs,
  startTestApp,
  test,
} from '#support/e2e.ts';

test('the tab is killed as soon as an edit is on this device: it is back after reload', async ({
  context,
  request,
  app,
}) => {
  const run = await makeJob(request, app.url);
  const page = await context.newPage();
  await page.route('**/changes', (route) => route.abort());
  await openRun(page, run.layOut);
  await addLegByKeys(page, 'r', '43 1/4');
  // The words of the state before stand for a frame more, and they too say “on this device”: those of this edit are waited for.
  await expect(page.getByText('1 not on the server yet')).toBeVisible();
  await expect(onDevice(page)).toBeVisible();
  await page.goto('chrome://crash').catch(() => null);
  const again = await context.newPage();
  await again.goto(run.layOut);
  await expect.poll(() => readLegs(again)).toEqual(['1 3 ft 7 1/4 in 3/4 right 3 ft 7 1/4 in open end']);
  await expect(onServer(again)).toBeVisible();
});

test('whoever unloads the page in the moment while an edit is being kept is asked', async ({
  page,
  request,
  app,
}) => {
  const run = await makeJob(request, app.url);
  await openRun(page, run.layOut);
  const isAsked = () => page.evaluate(() => !dispatchEvent(new Event('beforeunload', { cancelable: true })));
  expect(await isAsked()).toBe(false);
  // Something else has this device's database for a second and a half: what is made meanwhile waits for it.
  await page.evaluate(async () => {
    const [about] = await indexedDB.databases();
    const database = await new Promise<IDBDatabase>((resolve) => {
      const opening = indexedDB.open(about!.name!);
      opening.onsuccess = () => resolve(opening.result);
    });
    const until = performance.now() + 1500;
    const store = database.transaction(['outbox', 'runs', 'about'], 'readwrite').objectStore('outbox');
    const hold = (): void => {
      store.count().onsuccess = () => {
        if (performance.now() < until) hold();
      };
    };
    hold();
  });
  await addLegByKeys(page, 'r', '43 1/4');
  await expect.poll(isAsked).toBe(true);
  await expect(onServer(page)).toBeVisible();
  await expect.poll(isAsked).toBe(false);
  await page.goto(run.layOut);
  await expect.poll(() => readLegs(page)).toHaveLength(1);
});

test('the server is killed as soon as an edit is on the server: the row is there', async ({
  page,
  request,
  problems,
}) => {
  expect(problems).toEqual([]);
  const own = await startTestApp();
  try {
    const run = await makeJob(request, own.url);
    await openRun(page, run.layOut);
    // The mark of the state before stands for a frame more: the answer is waited for, then the mark.
    const answered = page.waitForResponse((response) => response.url().endsWith('/changes'));
    await addLegByKeys(page, 'r', '43 1/4');
    await answered;
    await expect(onServer(page)).toBeVisible();
    await own.stop('SIGKILL');
    const [row] = await ask(own.databaseUrl, 'select revision, doc from runs where id = $1', [run.run]);
    expect(row!['revision']).toBe(1);
    const kept = await ask(own.databaseUrl, 'select count(*)::int as kept from changes where run = $1', [
      run.run,
    ]);
    expect(kept[0]!['kept']).toBe(1);
    // The edit goes on without the server, and is sent when it is back.
    await addLegByKeys(page, 'd', '20');
    await expect(onDevice(page)).toBeVisible();
    await expect(page.getByText('1 not on the server yet')).toBeVisible();
    await expect(page.getByText(/The server does not answer/)).toBeVisible();
    await own.start();
    await expect(onServer(page)).toBeVisible({ timeout: 15_000 });
    const [later] = await ask(own.databaseUrl, 'select revision from runs where id = $1', [run.run]);
    expect(later!['revision']).toBe(2);
  } finally {
    await own.close();
  }
});

test('the database is away: it is said, the edit is kept, and sent when it is back', async ({
  page,
  request,
  problems,
}) => {
  expect(problems).toEqual([]);
  const own = await startTestApp();
  try {
    const run = await makeJob(request, own.url);
    await openRun(page, run.layOut);
    own.proxy.pull();
    await addLegByKeys(page, 'r', '43 1/4');
    await expect(onDevice(page)).toBeVisible();
    await expect(page.getByText(/its database does not answer/)).toBeVisible({ timeout: 15_000 });
    const health = await request.get(`${own.url}/healthz`);
    expect([health.status(), await health.json()]).toMatchObject([503, { database: 'away' }]);
    own.proxy.putBack();
    await expect(onServer(page)).toBeVisible({ timeout: 20_000 });
    await expect(page.getByText(/its database does not answer/)).toBeHidden();
  } finally {
    await own.close();
  }
});

/** Whether this device's own database has the job. */
const isRemembered = (page: Page, job: string): Promise<boolean> =>
  page.evaluate(
    (id) =>
      new Promise<boolean>((resolve) => {
        indexedDB.open('porthole').onsuccess = ({ target }) => {
          const database = (target as IDBOpenDBRequest).result;
          database.transaction('jobs').objectStore('jobs').count(id).onsuccess = (counted) => {
            database.close();
            resolve((counted.target as IDBRequest<number>).result === 1);
          };
        };
      }),
    job,
  );

test('jobs are remembered while the server is away, and the list says so', async ({
  page,
  request,
  problems,
}) => {
  expect(problems).toEqual([]);
  const own = await startTestApp();
  try {
    const { job } = await makeJob(request, own.url);
    await page.goto(own.url);
    await expect(page.getByRole('link', { name: `Job ${job}` })).toBeVisible();
    // The list is shown first and remembered then: the server goes away from one that is remembered.
    await expect.poll(() => isRemembered(page, job)).toBe(true);
    own.proxy.pull();
    await page.reload();
    await expect(page.getByText(/its database does not answer/)).toBeVisible({ timeout: 15_000 });
    await expectAccessible(page, 'database away');
    await expect(page.getByRole('link', { name: `Job ${job}` })).toBeVisible();
    own.proxy.putBack();
    await page.getByRole('button', { name: 'Try again' }).click();
    await expect(page.getByText(/its database does not answer/)).toBeHidden({ timeout: 15_000 });
  } finally {
    await own.close();
  }
});

for (const [choice, legs] of [
  ['Put mine on top', 3],
  ['Drop mine, take the server’s', 2],
] as const) {
  test(`two devices change one run, and one decides: ${choice}`, async ({
    browser,
    request,
    app,
    problems,
  }) => {
    const run = await makeJob(request, app.url);
    const [here, there] = [await browser.newContext(), await browser.newContext()];
    const [mine, theirs] = [await here.newPage(), await there.newPage()];
    for (const page of [mine, theirs]) page.on('pageerror', (error) => problems.push(error.message));
    await openRun(mine, run.layOut);
    await addLegByKeys(mine, 'r', '40');
    await addLegByKeys(mine, 'r', '30');
    await mine.getByRole('button', { name: 'Undo' }).click();
    await expect(onServer(mine)).toBeVisible();
    await openRun(theirs, run.layOut);
    await here.route('**/changes', (route) => route.abort());
    // Here a branch down from the source leg's end, there a leg on to the right.
    await addLegByKeys(mine, 'd', '20');
    await expect(mine.getByText('1 not on the server yet')).toBeVisible();
    await addLegByKeys(theirs, 'r', '50');
    await expect(onServer(theirs)).toBeVisible();
    await here.unroute('**/changes');
    const dialog = mine.getByRole('dialog', { name: 'This run was changed elsewhere' });
    await expect(dialog).toBeVisible({ timeout: 15_000 });
    await expect(dialog.getByText('leg 2 added, by Ada Quill').first()).toBeVisible();
    await dialog.getByRole('button', { name: choice }).click();
    await expect(onServer(mine)).toBeVisible();
    await expect.poll(async () => (await readLegs(mine)).length).toBe(legs);
    await theirs.reload();
    await expect.poll(async () => (await readLegs(theirs)).length).toBe(legs);
    await here.close();
    await there.close();
  });
}

test('edits that clash are kept as another run of the job', async ({ browser, request, app, problems }) => {
  const run = await makeJob(request, app.url);
  const [here, there] = [await browser.newContext(), await browser.newContext()];
  const [mine, theirs] = [await here.newPage(), await there.newPage()];
  for (const page of [mine, theirs]) page.on('pageerror', (error) => problems.push(error.message));
  await openRun(mine, run.layOut);
  await addLegByKeys(mine, 'r', '40');
  await expect(onServer(mine)).toBeVisible();
  await openRun(theirs, run.layOut);
  await here.route('**/changes', (route) => route.abort());
  // Both measure the same leg again: neither fits on top of the other.
  for (const [page, measure] of [
    [mine, '41'],
    [theirs, '42'],
  ] as const) {
    await page.getByRole('button', { name: /^1 3 ft 4/ }).click();
    await page.getByLabel('Measure, centre to centre').fill(measure);
    await page.keyboard.press('Enter');
  }
  await expect(onServer(theirs)).toBeVisible();
  await here.unroute('**/changes');
  const dialog = mine.getByRole('dialog', { name: 'This run was changed elsewhere' });
  await expect(dialog.getByText('cannot be put on top')).toBeVisible({ timeout: 15_000 });
  await expectAccessible(mine, 'conflict');
  await expect(dialog.getByRole('button', { name: 'Put mine on top' })).toBeDisabled();
  // By what differs: the leg, its figure here, its figure there.
  await expect(dialog.getByRole('row', { name: /^1 centres 3 ft 5 in 3 ft 6 in/ })).toBeVisible();
  await dialog.getByRole('button', { name: 'Keep mine as another run' }).click();
  await expect(mine.getByRole('button', { name: 'Run (kept from this device)' })).toBeVisible();
  await expect.poll(() => readLegs(mine)).toEqual(['1 3 ft 5 in 3/4 right 3 ft 5 in open end']);
  await mine.goto(run.layOut);
  await expect.poll(() => readLegs(mine)).toEqual(['1 3 ft 6 in 3/4 right 3 ft 6 in open end']);
  await here.close();
  await there.close();
});

test('two windows of one device show each other’s edits', async ({ context, request, app }) => {
  const run = await makeJob(request, app.url);
  const [one, other] = [await context.newPage(), await context.newPage()];
  await openRun(one, run.layOut);
  await other.goto(run.layOut);
  await addLegByKeys(one, 'r', '40');
  await expect.poll(async () => (await readLegs(other)).length).toBe(1);
  await addLegByKeys(other, 'd', '20');
  await expect.poll(async () => (await readLegs(one)).length).toBe(2);
  await expect(onServer(one)).toBeVisible();
  await expect(onServer(other)).toBeVisible();
});

test('an answer of the server that is older than what was recorded since does not take it off the screen', async ({
  page,
  request,
  app,
}) => {
  const run = await openRunWith(page, request, app.url, [['r', '43 1/4']]);
  await expect(onServer(page)).toBeVisible();
  const isAsked = (url: URL): boolean => url.pathname === `/api/jobs/${run.job}/runs/${run.run}`;
  const held: (() => Promise<void>)[] = [];
  await page.route(isAsked, async (route) => {
    const response = await route.fetch();
    held.push(() => route.fulfill({ response }));
  });
  await page.goto(run.cut);
  const box = page.getByLabel('As cut, piece 1');
  await expect.poll(() => held.length).toBe(1);
  await box.fill('43 1/8');
  const recorded = page.waitForResponse((response) => response.url().endsWith('/events'));
  await box.press('Tab');
  await recorded;
  await expect(box).toHaveValue('3 ft 7 1/8 in');
  await expect(onServer(page)).toBeVisible();
  // Now the answer comes that was given before the record; the run is asked for once more because of it.
  await held[0]!();
  await expect.poll(() => held.length).toBe(2);
  await expect(box).toHaveValue('3 ft 7 1/8 in');
  await held[1]!();
  await expect(box).toHaveValue('3 ft 7 1/8 in');
  await page.unroute(isAsked);
});

test('a part of the app that cannot be fetched when it is opened is said, and comes when it can be', async ({
  page,
  request,
  app,
}) => {
  const run = await makeJob(request, app.url);
  // Nothing is fetched beforehand here: only what the screen itself needs is there.
  let isAway = false;
  await page.route('**/_app/immutable/**', (route) => (isAway ? route.abort() : route.continue()));
  // However slow the machine is, the hand does not come to rest.
  await page.addInitScript((rest) => {
    const wait = setTimeout;
    globalThis.setTimeout = ((then: () => void, ms?: number) =>
      wait(then, ms === rest ? 600_000 : ms)) as typeof setTimeout;
  }, REST);
  await openRun(page, run.layOut);
  await addLegByKeys(page, 'r', '12');
  // Longer than that.
  await page.waitForTimeout(REST + 500);
  isAway = true;
  await page.getByRole('button', { name: 'Run', exact: true }).click();
  await page.getByRole('button', { name: 'Files', exact: true }).click();
  const missing = page.getByRole('dialog', { name: 'Not on this device yet' });
  await expect(missing).toBeVisible();
  await missing.getByRole('button', { name: 'Try again' }).click();
  await expect(missing).toBeVisible();
  isAway = false;
  await missing.getByRole('button', { name: 'Try again' }).click();
  await expect(page.getByRole('dialog', { name: 'Files of this run' })).toBeVisible();
});
