import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { readJobFile } from '#support/read-job-file.ts';
import { addLegByKeys, expect, goTo, makeJob, openRun, readLegs, test, understand } from '#support/e2e.ts';

/** From now on the device keeps nothing more, as one whose storage is full; or takes it again. */
const setFull = (page: Page, isFull: boolean) =>
  page.evaluate((full) => {
    (globalThis as { isFull?: boolean }).isFull = full;
  }, isFull);

test.beforeEach(async ({ page }) => {
  await page.addInitScript(() => {
    for (const name of ['put', 'add'] as const) {
      const original = IDBObjectStore.prototype[name];
      IDBObjectStore.prototype[name] = function (...args) {
        if ((globalThis as { isFull?: boolean }).isFull)
          throw new DOMException('The quota has been exceeded.', 'QuotaExceededError');
        return original.apply(this, args);
      };
    }
  });
});

test('a phone whose storage is full is used for twenty legs and loses none', async ({
  page,
  request,
  app,
}) => {
  test.setTimeout(90_000);
  const run = await makeJob(request, app.url);
  await openRun(page, run.layOut);
  await setFull(page, true);
  const ways = ['u', 'r', 'b', 'r'];
  for (let i = 0; i < 20; i++) await addLegByKeys(page, ways[i % 4]!, String(20 + i));
  await expect(page.getByText('not on this device')).toBeVisible();
  await expect(page.getByText(/This browser keeps nothing of Porthole just now/)).toBeVisible();
  await expect.poll(() => readLegs(page)).toHaveLength(20);
  const ask = async () => {
    const answer = await request.get(`${app.url}/api/jobs/${run.job}/runs/${run.run}`);
    const { value } = (await answer.json()) as { value: { doc: { legs: object } } };
    return Object.keys(value.doc.legs).length;
  };
  await expect.poll(ask, { timeout: 20_000 }).toBe(20);
  await setFull(page, false);
  await expect(page.getByText('not on this device')).toBeHidden({ timeout: 15_000 });
  await page.reload();
  await expect.poll(() => readLegs(page)).toHaveLength(20);
});

test('with neither device nor server, leaving asks, and the run is saved to a file that can be brought in', async ({
  page,
  request,
  app,
}) => {
  const run = await makeJob(request, app.url);
  await openRun(page, run.layOut);
  await addLegByKeys(page, 'u', '30');
  await page.route('**/api/**', (route) => route.abort());
  await setFull(page, true);
  await addLegByKeys(page, 'r', '40');
  await addLegByKeys(page, 'u', '12');
  await expect(page.getByText('not on this device')).toBeVisible();
  const asked: string[] = [];
  page.on('dialog', (dialog) => {
    asked.push(dialog.message());
    void dialog.dismiss();
  });
  await page.getByRole('link', { name: 'Porthole, jobs' }).click();
  await expect.poll(() => asked).toHaveLength(1);
  expect(asked[0]).toMatch(/in this window only/);
  await expect(page).toHaveURL(run.layOut);
  // Between the screens of the run nobody is asked: the window stays.
  await goTo(page, 'Make', 'Cut sheet');
  await expect(page).toHaveURL(run.cut);
  expect(asked).toHaveLength(1);
  const downloaded = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save the run to a file' }).click();
  const text = readFileSync(await (await downloaded).path(), 'utf8');
  const file = readJobFile(text);
  expect(file.ok).toBe(true);
  expect(file.ok && Object.keys(file.value[0]!.runs[0]!.doc.legs)).toHaveLength(3);
  const brought = await request.post(`${app.url}/api/file`, {
    headers: { origin: app.url, 'content-type': 'application/json' },
    data: text,
  });
  expect((await brought.json()).value).toMatchObject([{ outcome: 'imported' }]);
});

test('a browser that keeps nothing at all works online, and says so', async ({ page, request, app }) => {
  await page.addInitScript(() => {
    IDBFactory.prototype.open = () => {
      throw new DOMException('The operation is insecure.', 'SecurityError');
    };
  });
  const run = await makeJob(request, app.url);
  await openRun(page, run.layOut);
  await addLegByKeys(page, 'u', '30');
  await expect(page.getByText(/This browser keeps nothing of Porthole just now/)).toBeVisible();
  await expect
    .poll(async () => {
      const answer = await request.get(`${app.url}/api/jobs/${run.job}/runs/${run.run}`);
      return (await answer.json()).value.run.revision as number;
    })
    .toBe(1);
  await page.reload();
  await understand(page);
  await expect.poll(() => readLegs(page)).toHaveLength(1);
});
