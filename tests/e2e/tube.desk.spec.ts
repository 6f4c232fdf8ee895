import { expectAccessible } from '#support/axe.ts';
import type { Page } from '@playwright/test';
import { makeRun } from '#support/make-run.ts';
import {
  addLegByKeys,
  expect,
  goTo,
  makeJob,
  onServer,
  openRun,
  readLegs,
  test,
  writeRun,
} from '#support/e2e.ts';

const size = (page: Page) => page.getByLabel('size', { exact: true });

test('tubing is laid as it is walked, is one piece with its slack, and is marked and bent at the vise', async ({
  page,
  request,
  app,
}) => {
  const run = await makeJob(request, app.url);
  await openRun(page, run.layOut);
  await size(page).selectOption('1/2');
  await addLegByKeys(page, 'r', '18');
  // Corrugated tubing through the joists to a heater: each turn is a bend.
  await size(page).selectOption({ label: 'CSST' });
  await expect(size(page)).toHaveValue('1/2');
  await addLegByKeys(page, 'u', '33');
  await addLegByKeys(page, 'r', '11-4');
  await expect.poll(() => readLegs(page)).toHaveLength(3);
  const [, second, third] = await readLegs(page);
  expect(second).toContain('90° bend');
  expect(third).toContain('in tube 2');
  await expect(page.getByText('2 bends in 2 legs').or(page.getByText('1 bend in 2 legs'))).toBeVisible();
  await expect(page.getByText(/of slack and .* to trim in place/)).toBeVisible();
  await expectAccessible(page, 'corrugated tubing');
  await expect(page.getByText(/is bonded to the electrode system/).first()).toBeVisible();
  // Copper from the elbow's place on: a branch with flares, bent twice.
  await page.getByRole('button', { name: /^Grow from the .* at the end of leg 1$/ }).click();
  await size(page).selectOption({ label: 'copper, flared' });
  await size(page).selectOption('3/8 ACR');
  await addLegByKeys(page, 'r', '26');
  await addLegByKeys(page, 'd', '31 1/2');
  await addLegByKeys(page, 'o', '16 1/4');
  await expect.poll(() => readLegs(page)).toHaveLength(6);
  await expect(page.getByText('no cut').first()).toBeVisible();
  // The adapter in the tee is measured: how far it reaches, and that a flared stub stood in it.
  await page.getByRole('button', { name: /^Grow from the .* at the end of leg 1$/ }).click();
  await page.getByRole('button', { name: /^Change the/ }).click();
  const dialog = page.getByRole('dialog');
  const flare = dialog.locator('div', { has: page.getByText(/flare × .* half union$/) }).last();
  await expect(flare).toBeVisible();
  await expectAccessible(page, 'the parts of a joint');
  await dialog
    .getByLabel(/^centre to male end, tube/)
    .first()
    .fill('15/16');
  await dialog
    .getByLabel(/^centre to male end, tube/)
    .first()
    .blur();
  await dialog
    .getByLabel(/the flare takes more/)
    .first()
    .fill('0');
  await dialog
    .getByLabel(/the flare takes more/)
    .first()
    .blur();
  await dialog
    .getByLabel(/^centre to male end, thread/)
    .last()
    .fill('1 1/8');
  await dialog
    .getByLabel(/^centre to male end, thread/)
    .last()
    .blur();
  await page.keyboard.press('Escape');
  await expect
    .poll(async () => (await readLegs(page)).find((line) => line.startsWith('4')))
    .not.toContain('no cut');
  await page.getByRole('button', { name: /^4 / }).click();
  await page.getByRole('button', { name: 'Lay the tape on leg 4' }).click();
  await expect(page.getByRole('heading', { name: 'Tube 4, unrolled' })).toBeVisible();
  await expectAccessible(page, 'a tube unrolled');
  await expect(
    page.getByRole('img', { name: /^The tube laid straight: cut at .*; bend 1, mark at .*90°; bend 2/ }),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Put the tape away' }).click();
  await expect(onServer(page)).toBeVisible();
  // At the bender: one bend a screen.
  await goTo(page, 'Make', 'Vise');
  const next = page.getByRole('button', { name: 'Next piece' });
  await expect(next).toBeVisible();
  while (await next.isVisible()) await next.click();
  await expect(page.getByRole('link', { name: 'The last one: back to the sheet' })).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Bend 1 of 2' })).toBeVisible();
  await page.getByRole('button', { name: 'Next bend' }).click();
  await expectAccessible(page, 'at the bender');
  await expect(
    page.getByRole('img', {
      name: /^Seen from end A, it lies \d+° (?:anti)?clockwise of the leg toward A: turn the tube \d+°/,
    }),
  ).toBeVisible();
  await goTo(page, 'Make', 'Cut sheet');
  await expect(page.getByRole('table', { name: /^Bends, along one tape from end A/ })).toBeVisible();
  await expect(page.getByText(/from a coil/).first()).toBeVisible();
  await expectAccessible(page, 'cut sheet of tube');
});

test('a run of tube goes out as shorthand and files, and its house rules say how it is bent', async ({
  page,
  request,
  app,
}) => {
  const run = await makeJob(request, app.url);
  const flared = { material: 'copper-flared', size: '3/8 ACR' } as const;
  await writeRun(
    request,
    app.url,
    run,
    makeRun([
      [0, 'right', 26, flared],
      [1, 'down', 31.5, flared],
      [2, 'out', 16.25, flared],
    ]),
  );
  await openRun(page, run.layOut);
  await goTo(page, 'Measure', 'Write');
  await expect(page.getByRole('textbox').first()).toContainText('of 3/8 ACR copper');
  await goTo(page, 'Measure', 'Lay out');
  await page.getByRole('button', { name: 'House rules' }).first().click();
  const rules = page.getByRole('dialog', { name: 'House rules of this run' });
  await rules.getByRole('radio', { name: /^Middle of the bend/ }).click();
  await expect(rules.getByRole('img', { name: 'The mark lies in the middle of the bend.' })).toBeVisible();
  await page.keyboard.press('Escape');
  await goTo(page, 'Make', 'Vise');
  await expect(page.getByText('The mark is the middle of the bend.')).toBeVisible();
});
