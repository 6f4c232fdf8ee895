import type { Page } from '@playwright/test';
import { expect, goTo, makeJob, onServer, openRun, readLegs, test } from '#support/e2e.ts';
import { lookAt, pickSize, walkLeg, walkOn } from '#support/walk.ts';

const grow = (page: Page, leg: number) =>
  page
    .getByRole('button', { name: new RegExp(`^Grow from the .* at the end of leg ${leg}$`) })
    .first()
    .click();
test('Fernhill: tubing to the loft heater, flared copper to the glaze burner', async ({
  page,
  request,
  app,
}) => {
  const run = await makeJob(request, app.url);
  await openRun(page, run.layOut);
  await pickSize(page).selectOption('1/2');
  await walkLeg(page, 'r', '1-6');
  await walkOn(page, 'CSST', '1/2');
  await walkLeg(page, 'u', '2-9');
  await walkLeg(page, 'r', '11-4');
  await walkLeg(page, 'b', '3-2');
  await lookAt(page, 'csst');
  await walkOn(page, 'black iron', '1/2');
  await walkLeg(page, 'd', '2-8');
  await walkLeg(page, 'b', '9');
  await expect.poll(() => readLegs(page)).toHaveLength(6);
  await lookAt(page, 'heater');
  await grow(page, 1);
  await walkLeg(page, 'r', '3-2');
  await walkOn(page, 'copper, flared', '3/8 ACR');
  await walkLeg(page, 'r', '2-2');
  await walkLeg(page, 'd', '2-7 1/2');
  await walkLeg(page, 'o', '1-4 1/4');
  await walkLeg(page, 'r', '11');
  await expect.poll(() => readLegs(page)).toHaveLength(11);
  await lookAt(page, 'glaze');
  // What stands in the way of the cut is measured from where its lack is told.
  await page.getByRole('button', { name: 'Measure the adapter' }).filter({ visible: true }).first().click();
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByText(/flare × 1\/2 female NPT half union/).first()).toBeVisible();
  await lookAt(page, 'adapter');
  for (const [label, value] of [
    [/^centre to male end, tube/, '15/16'],
    [/^centre to face, thread/, '3/4'],
  ] as const) {
    await dialog.getByLabel(label).first().fill(value);
    await dialog.getByLabel(label).first().blur();
  }
  await page.keyboard.press('Escape');
  await expect.poll(async () => (await readLegs(page)).filter((line) => line.includes('no cut'))).toEqual([]);
  await page.getByRole('button', { name: /^Grow from the open end at the end of leg 11$/ }).click();
  await page.getByRole('button', { name: /^Change the open end/ }).click();
  await page.getByLabel('appliance', { exact: true }).fill('glaze burner');
  await page.getByRole('button', { name: 'Ends at it' }).click();
  await page.keyboard.press('Escape');
  await lookAt(page, 'burner');
  await expect(onServer(page)).toBeVisible();
  await goTo(page, 'Check');
  await lookAt(page, 'check');
  await goTo(page, 'Make', 'Cut sheet');
  await lookAt(page, 'cut');
  await goTo(page, 'Make', 'Vise');
  await lookAt(page, 'vise');
});

test('Tidewrack: 8 mm copper with olives to the burner', async ({ page, request, app }) => {
  const run = await makeJob(request, app.url, { units: 'mm', gas: 'lp', jurisdiction: 'uk-vehicle' });
  await openRun(page, run.layOut);
  await walkOn(page, 'copper, compression', '8 mm');
  await walkLeg(page, 'r', '640');
  await walkLeg(page, 'u', '345');
  await walkLeg(page, 'r', '790');
  await walkLeg(page, 'b', '265');
  await expect.poll(() => readLegs(page)).toHaveLength(4);
  await lookAt(page, 'olives');
  await page.getByRole('button', { name: /^Change the open end/ }).click();
  await page.getByLabel('appliance', { exact: true }).fill('burner');
  await page.getByRole('button', { name: 'Ends at it' }).click();
  await page.keyboard.press('Escape');
  await expect(onServer(page)).toBeVisible();
  await goTo(page, 'Make', 'Vise');
  await lookAt(page, 'vise');
});

test('an equal tee takes a thinner tube by a reducing set, which is measured', async ({
  page,
  request,
  app,
}) => {
  const run = await makeJob(request, app.url, { units: 'mm', jurisdiction: 'uk' });
  await openRun(page, run.layOut);
  await walkOn(page, 'copper, compression', '15 mm');
  await walkLeg(page, 'r', '500');
  await walkLeg(page, 'r', '600');
  await grow(page, 1);
  await pickSize(page).selectOption('8 mm');
  await walkLeg(page, 'u', '300');
  await grow(page, 1);
  await page.getByRole('button', { name: /^Change the .*tee/ }).click();
  await page.getByRole('radio', { name: 'reducing set' }).click();
  await expect(
    page.getByRole('dialog').getByText('15 mm × 8 mm compression reducing set').first(),
  ).toBeVisible();
  await lookAt(page, 'set');
  await page.keyboard.press('Escape');
  await expect(
    page
      .getByText(/15 mm × 8 mm compression reducing set \(leg 3\): its length is fixed by no standard/i)
      .first(),
  ).toBeVisible();
  await lookAt(page, 'set-run');
});
