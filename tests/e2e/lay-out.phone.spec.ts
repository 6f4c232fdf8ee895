import { expect, makeJob, onServer, openRun, readLegs, test } from '#support/e2e.ts';
import type { Page } from '@playwright/test';

/** One leg by thumb: a way of the rose, keys of the pad, add. */
async function addLegByThumb(page: Page, way: string, keys: readonly string[]): Promise<void> {
  await page.getByRole('group', { name: 'Direction of the leg' }).getByRole('button', { name: way }).tap();
  const pad = page.getByRole('group', { name: 'Measure keypad' });
  for (const key of keys) await pad.getByRole('button', { name: key, exact: true }).tap();
  await page.getByRole('button', { name: /^Add leg/ }).tap();
}

test('a six-leg run with a tee is laid out by thumb', async ({ page, request, app }) => {
  const run = await makeJob(request, app.url);
  await openRun(page, run.layOut);
  await addLegByThumb(page, 'up', ['4', 'feet', '2', '1/2']);
  await addLegByThumb(page, 'right', ['6', 'feet', '4']);
  await addLegByThumb(page, 'right', ['4', '3', '1/4']);
  await addLegByThumb(page, 'down', ['3', '3']);
  const grow = page.getByRole('button', { name: 'Grow from the coupling at the end of leg 2' });
  await grow.tap();
  await addLegByThumb(page, 'down', ['3', 'feet', '1', '1/8']);
  await addLegByThumb(page, 'out toward you', ['1', '4', '3/8', 'plus one sixteenth']);
  await expect(onServer(page)).toBeVisible();
  await expect
    .poll(() => readLegs(page))
    .toEqual([
      '1 4 ft 2 1/2 in 3/4 up 4 ft 1 3/4 in 90° elbow',
      '2 6 ft 4 in 3/4 right 6 ft 2 1/2 in tee',
      '3 3 ft 7 1/4 in 3/4 right 3 ft 5 3/4 in 90° elbow',
      '4 2 ft 9 in 3/4 down 2 ft 8 1/4 in open end',
      '5 3 ft 1 1/8 in 3/4 down 2 ft 11 5/8 in 90° elbow',
      '6 1 ft 2 7/16 in 3/4 out 1 ft 1 11/16 in open end',
    ]);
});

test('a right cut length takes six taps, and the phone’s own keyboard stays away', async ({
  page,
  request,
  app,
}) => {
  const run = await makeJob(request, app.url);
  await openRun(page, run.layOut);
  await addLegByThumb(page, 'right', ['4', '3', '1/4']);
  await expect(page.getByTestId('cut-length')).toHaveText('3 ft 7 1/4 in');
  await expect(page.getByLabel('Measure, centre to centre')).toHaveAttribute('inputmode', 'none');
});

test('what the thumb needs is 44 px and on the screen without scrolling', async ({ page, request, app }) => {
  const run = await makeJob(request, app.url);
  await openRun(page, run.layOut);
  await addLegByThumb(page, 'right', ['4', '3', '1/4']);
  for (const button of await page.locator('form button:visible').all()) {
    const box = await button.boundingBox();
    expect(Math.min(box!.width, box!.height), await button.innerText()).toBeGreaterThanOrEqual(40);
    expect(box!.height, await button.innerText()).toBeGreaterThanOrEqual(44);
    expect(box!.y + box!.height).toBeLessThanOrEqual(844);
  }
  await expect(page.getByTestId('cut-length')).toBeInViewport();
  const overflow = await page.evaluate(() => document.documentElement.scrollWidth - innerWidth);
  expect(overflow).toBeLessThanOrEqual(0);
});

test('a metric job has a metric pad and a metric tape', async ({ page, request, app }) => {
  const run = await makeJob(request, app.url, { units: 'mm' });
  await openRun(page, run.layOut);
  await addLegByThumb(page, 'up', ['7', '6', '2']);
  await addLegByThumb(page, 'right', ['1', 'point', '0', '9', '8', 'm']);
  await expect
    .poll(() => readLegs(page))
    .toEqual(['1 762 mm 3/4 up 743 mm 90° elbow', '2 1098 mm 3/4 right 1079 mm open end']);
});

test('a finger on a stage is not pushed off it by what becomes of an edit', async ({
  page,
  request,
  app,
  context,
}) => {
  const run = await makeJob(request, app.url);
  await openRun(page, run.layOut);
  await expect(onServer(page)).toBeVisible();
  const stages = page.getByRole('navigation', { name: 'Stages' });
  const make = stages.getByRole('link', { name: /^Make/ });
  // Every stage is in sight without sliding.
  for (const stage of await stages.getByRole('link').all()) await expect(stage).toBeInViewport({ ratio: 1 });
  const before = await make.boundingBox();
  await context.setOffline(true);
  await addLegByThumb(page, 'right', ['4', '3', '1/4']);
  await expect(page.getByText('1 not on the server yet')).toBeAttached();
  expect(await make.boundingBox()).toEqual(before);
  // The bar with the stages and with where the edits are stays when the list is read.
  await page.mouse.wheel(0, 2000);
  await expect(page.getByRole('status', { name: 'Where your edits are' })).toBeInViewport();
  await context.setOffline(false);
  await make.tap();
  await expect(page).toHaveURL(/cut$/);
  await expect(onServer(page)).toBeVisible();
});
