import { expectAccessible } from '#support/axe.ts';
import type { Page } from '@playwright/test';
import { expect, makeJob, test, understand } from '#support/e2e.ts';

const button = (page: Page, name: string | RegExp) => page.getByRole('button', { name, exact: true });
const point = (page: Page, side: 'From' | 'To', name: string) =>
  page.getByRole('group', { name: new RegExp(`^${side}`) }).getByRole('button', { name, exact: true });
async function press(page: Page, keys: readonly string[]): Promise<void> {
  for (const key of keys) await button(page, key).tap();
}
const cut = (page: Page) => page.getByTestId('cut-length');

test('a cut length in six presses by what is asked: no question more than needed', async ({ page, app }) => {
  await page.goto(`${app.url}/quick-cut`);
  await press(page, ['3/4', '90° elbow', '90° elbow', '4', '2', '1/2']);
  // 42.5 less 0.7475 at both ends.
  await expect(cut(page)).toHaveText('3 ft 5 in');
});

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
  await expect(button(page, 'R 1/2')).toBeVisible();
  await expectAccessible(page, 'quick cut, the size');
  await button(page, '3/4').tap();
  await expectAccessible(page, 'quick cut, an end');
  await button(page, '90° elbow').tap();
  await button(page, '90° elbow').tap();
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
  await page.evaluate(() => (document.documentElement.dataset['hands'] = 'gloves'));
  await expectAccessible(page, 'quick cut, a cut, in gloves');
  await page.reload();
  const list = page.getByRole('region', { name: 'The short list' });
  await expect(list.getByRole('listitem')).toHaveCount(1);
  await list.getByRole('button', { name: /^3 ft 5 13\/16/ }).tap();
  await expect(cut(page)).toHaveText('3 ft 5 13/16 in');
});

test('what forbids a cut stands where the number stands; what was not read is told there; every piece is shown', async ({
  page,
  app,
}) => {
  await page.goto(`${app.url}/quick-cut`);
  await press(page, ['3/4', '90° elbow', '90° elbow', '1']);
  const verdict = page.getByTestId('verdict');
  await expect(verdict).toHaveText('Do not cut');
  await expect(cut(page)).toHaveCount(0);
  // In sight, above the keys.
  const keys = await page.getByRole('region', { name: 'What is asked' }).boundingBox();
  const box = await page.getByText('the fittings at its ends collide', { exact: false }).boundingBox();
  expect(box!.y + box!.height).toBeLessThan(keys!.y);
  const field = page.getByLabel('Measure', { exact: true });
  for (const [typed, says] of [
    ['-5', /Read “-5” as less than nothing/],
    ['abc', /abc/],
    ['3/0', /3\/0/],
    ['1e9', /1e9/],
  ] as const) {
    await field.fill(typed);
    await expect(page.getByRole('alert')).toContainText(says);
    await expect(cut(page)).toHaveCount(0);
  }
  // A nought may be the beginning of more: it is told when it is entered.
  await field.fill('0');
  await expect(page.getByRole('alert')).toHaveCount(0);
  await button(page, 'Next, the same again').tap();
  await expect(page.getByRole('alert')).toContainText('no length at all');
  await field.fill('124 ft');
  await expect(page.getByRole('list', { name: 'The pieces' }).getByRole('listitem')).toHaveText([
    /5 ×\s*21\s*ft/,
    /18\s*ft 8 1\/2\s*in/,
  ]);
  // What was typed is there again after leaving, and Back closes what is open before it leaves.
  await page.getByRole('link', { name: 'Identify' }).tap();
  await expect(page).toHaveURL(/identify/);
  await page.goBack();
  await expect(field).toHaveValue('124 ft');
  await page
    .getByRole('button', { name: /^Why\? the cut of piece/ })
    .first()
    .tap();
  await expect(page.getByRole('dialog')).toBeVisible();
  await page.goBack();
  await expect(page.getByRole('dialog')).toBeHidden();
  await expect(page).toHaveURL(/quick-cut/);
  await expect(field).toHaveValue('124 ft');
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
  await press(page, ['1', '0', '0', '0']);
  // a 28, z 15 at both ends.
  await expect(cut(page)).toHaveText('970 mm');
  await page.getByRole('button', { name: /^size/ }).tap();
  await button(page, '3/4').tap();
  await button(page, '90° elbow').tap();
  await button(page, 'valve').tap();
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
  await press(page, ['3', '6']);
  const found = await cut(page).innerText();
  await button(page, 'Put it into a job…').tap();
  const dialog = page.getByRole('dialog');
  await expectAccessible(page, 'quick cut, into a job');
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
