import type { Page } from '@playwright/test';
import { expect, makeJob, test, understand } from '../support/e2e.ts';

const button = (page: Page, name: string | RegExp) => page.getByRole('button', { name, exact: true });
const point = (page: Page, side: 'From' | 'To', name: string) =>
  page.getByRole('group', { name: new RegExp(`^${side}`) }).getByRole('button', { name, exact: true });
async function press(page: Page, keys: readonly string[]): Promise<void> {
  for (const key of keys) await button(page, key).tap();
}
const cut = (page: Page) => page.getByTestId('cut-length');

test('from an empty device, a case that differs from every default: six taps beside the measure’s own keys', async ({
  page,
  app,
}) => {
  await page.goto(app.url);
  let taps = 0;
  const tap = async (target: ReturnType<typeof button>): Promise<void> => {
    taps++;
    await target.tap();
  };
  await tap(page.getByRole('main').getByRole('link', { name: 'Quick cut' }));
  await tap(button(page, '1-1/4'));
  await tap(button(page, 'tee, in its branch'));
  await tap(button(page, '45° elbow'));
  await tap(point(page, 'From', 'face'));
  await tap(point(page, 'To', 'back'));
  await press(page, ['3', 'feet', '7', '1/4']);
  expect(taps).toBeLessThanOrEqual(6);
  // 43.25 to the back of the 45: half its band beyond the centre; e 0.7069, C 1.29 less e, both ends.
  await expect(cut(page)).toHaveText('3 ft 6 1/4 in');
  await expect(page.getByText('11 threads', { exact: false }).first()).toBeVisible();
  await expect(page.getByText(/turns past hand-tight, .* threads showing/).first()).toBeVisible();
  // Everything that is pressed lies in the lower half of the screen.
  for (const each of await page.getByRole('region', { name: 'What is asked' }).getByRole('button').all())
    expect((await each.boundingBox())!.y).toBeGreaterThanOrEqual(844 / 2 - 20);
  const overflow = await page.evaluate(() => document.documentElement.scrollWidth - innerWidth);
  expect(overflow).toBeLessThanOrEqual(0);
});

test('the trade’s own example, its reason, its joint and its tape; the same again; a scrap list that stays', async ({
  page,
  app,
}) => {
  await page.goto(`${app.url}/quick-cut`);
  await button(page, '3/4').tap();
  await button(page, '90° elbow').tap();
  await button(page, '90° elbow').tap();
  await button(page, 'centre to centre: on to the measure').tap();
  await press(page, ['3', 'feet', '7', '1/4']);
  await expect(cut(page)).toHaveText('3 ft 5 3/4 in');
  await page.getByRole('button', { name: 'Why? the cut' }).tap();
  const why = page.getByRole('dialog');
  await expect(why).toContainText('41.755');
  await why.getByRole('button', { name: /^Joint A/ }).tap();
  await expect(why.getByRole('img', { name: /cut open/i })).toBeVisible();
  await why.getByRole('button', { name: 'Close' }).tap();
  await button(page, 'Tape').tap();
  const tape = page.getByRole('dialog');
  await expect(tape.getByTestId('tape-cut')).toHaveText('3 ft 5 3/4 in');
  await tape.getByRole('button', { name: 'A graduation onward' }).tap();
  await expect(tape.getByTestId('tape-cut')).toHaveText('3 ft 5 13/16 in');
  await tape.getByRole('button', { name: 'Roll the tape up' }).tap();
  await expect(cut(page)).toHaveText('3 ft 5 13/16 in');
  // The same again, with the next measure; the list stays on the device.
  await button(page, 'Next, the same again').tap();
  await press(page, ['2', '6']);
  await expect(cut(page)).toHaveText('2 ft 1/2 in');
  await page.reload();
  const list = page.getByRole('region', { name: 'The short list' });
  await expect(list.getByRole('listitem')).toHaveCount(1);
  await list.getByRole('button', { name: /^3 ft 5 13\/16/ }).tap();
  await expect(cut(page)).toHaveText('3 ft 5 13/16 in');
});

test('it speaks R and millimetres, asks for a valve’s length, and works while the server is away', async ({
  page,
  app,
  context,
}) => {
  await page.goto(`${app.url}/quick-cut`);
  await expect(button(page, 'R 1/2')).toBeVisible();
  await page.waitForLoadState('networkidle');
  await context.setOffline(true);
  await button(page, 'R 1/2').tap();
  await expect(button(page, 'union')).toBeDisabled();
  await button(page, '90° elbow').tap();
  await button(page, 'tee, in its run').tap();
  await button(page, 'centre to centre: on to the measure').tap();
  await press(page, ['1', '0', '0', '0']);
  // a 28, z 15 at both ends.
  await expect(cut(page)).toHaveText('970 mm');
  await page.getByRole('button', { name: /^size/ }).tap();
  await button(page, '3/4').tap();
  await button(page, '90° elbow').tap();
  await button(page, 'valve').tap();
  await button(page, 'centre to centre: on to the measure').tap();
  await press(page, ['3']);
  await button(page, 'That is its length').tap();
  await button(page, 'rub out').tap();
  for (let i = 0; i < 4; i++) await button(page, 'rub out').tap();
  await press(page, ['3', '0']);
  // 30 less 0.7475 and less half of 3 in, its engagement back.
  await expect(cut(page)).toHaveText('2 ft 4 5/16 in');
  await context.setOffline(false);
});

test('a piece is put into a job and becomes the beginning of a run', async ({ page, request, app }) => {
  const { job } = await makeJob(request, app.url);
  await page.goto(`${app.url}/quick-cut`);
  await button(page, '3/4').tap();
  await button(page, 'coupling').tap();
  await button(page, 'cap').tap();
  await button(page, 'centre to centre: on to the measure').tap();
  await press(page, ['3', '6']);
  const found = await cut(page).innerText();
  await button(page, 'Put it into a job…').tap();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('job').selectOption(job);
  await dialog.getByLabel('the run is called').fill('Behind the boiler');
  await button(page, 'Make a run of it and go on').tap();
  await expect(page).toHaveURL(/lay-out$/);
  await understand(page);
  await page
    .getByRole('table', { name: /Legs of the run/ })
    .getByRole('button', { name: /^1\b/ })
    .first()
    .tap();
  await expect(cut(page).first()).toHaveText(found);
});
