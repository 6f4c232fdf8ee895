import type { Page } from '@playwright/test';
import { expect, makeJob, openRun, readLegs, test } from '#support/e2e.ts';

const size = (page: Page) => page.getByLabel('size', { exact: true });
/** Lays a leg by the pad: the way, then the measure by the keys on the screen. */
async function addByThumb(page: Page, way: string, keys: readonly string[]): Promise<void> {
  await page.getByRole('button', { name: way, exact: true }).click();
  for (const key of keys) await page.getByRole('button', { name: key, exact: true }).click();
  await page.getByRole('button', { name: /^Add leg/ }).click();
}

test('in the hand: metric copper by the thumb, a bend too tight is refused at its place, an elbow put there instead', async ({
  page,
  request,
  app,
}) => {
  const run = await makeJob(request, app.url, { units: 'mm' });
  await openRun(page, run.layOut);
  await size(page).selectOption({ label: 'copper, compression' });
  await size(page).selectOption('8 mm');
  await addByThumb(page, 'right', ['6', '4', '0']);
  await addByThumb(page, 'up', ['3', '4', '5']);
  await expect.poll(() => readLegs(page)).toHaveLength(2);
  await expect(page.getByTestId('cut-length')).toContainText('975');
  await page.getByRole('button', { name: /^Grow from the 90° bend at the end of leg 1$/ }).click();
  await page.getByRole('button', { name: /^Change the 90° bend/ }).click();
  const radius = page.getByLabel(/^bent to a radius of/);
  await radius.fill('12');
  await radius.blur();
  await page.keyboard.press('Escape');
  await expect(
    page.getByText(/radius 12 mm is under the least this tube takes, 24 mm/).first(),
  ).toBeVisible();
  await page.getByRole('button', { name: /^Change the 90° bend/ }).click();
  await page.getByRole('radio', { name: '90° elbow' }).click();
  await page.keyboard.press('Escape');
  await expect(page.getByText(/compression 90° elbow/).first()).toBeVisible();
  // Soft tube is cut long where its last end was not measured; from an end that was not measured nothing is cut.
  const [first, second] = await readLegs(page);
  expect(first).toContain('740 mm');
  expect(second).toContain('no cut');
});
