import { expect, makeJob, openRun, test } from '#support/e2e.ts';
import { expectAccessible } from '#support/axe.ts';
import { lookAt, pickSize, walkLeg, walkOn } from '#support/walk.ts';

test('a maker’s sheet is written down and goes out and in as a table; a run uses that maker’s parts, and undo takes it back', async ({
  page,
  request,
  app,
}) => {
  const maker = `Quillmere ${Date.now() % 100_000}`;
  await page.goto(`${app.url}/parts`);
  const sheets = page.getByRole('region', { name: 'Makers’ sheets' });
  await sheets.getByRole('button', { name: 'Add a sheet' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('button', { name: 'Keep it' }).click();
  await expect(dialog.getByRole('alert').first()).toContainText('Say whose parts they are');
  await dialog.getByLabel('Maker', { exact: true }).fill(maker);
  await dialog.getByLabel('Which sheet').fill('sheet 4');
  await dialog.getByRole('combobox', { name: 'Of', exact: true }).selectOption('CSST and its fittings');
  await dialog.getByRole('combobox', { name: 'size', exact: true }).selectOption('1/2');
  await dialog.getByRole('button', { name: 'Add a line' }).click();
  const line = dialog.getByRole('listitem').first();
  await line.getByLabel('least radius').fill('9');
  await line.getByLabel('radius where there is room').fill('4');
  await line.getByLabel('nut pulled to').fill('lots');
  await line.getByLabel('tube goes in').focus();
  await expect(line.getByRole('alert')).toContainText('Read “lots”, which is no torque');
  await line.getByLabel('nut pulled to').fill('38 lb ft');
  await dialog.getByRole('button', { name: 'Keep it' }).click();
  await expect(dialog.getByRole('alert')).toContainText(
    'the least radius is over the one where there is room',
  );
  await line.getByLabel('least radius').fill('3 1/2');
  // An end fitting has a line of its own, with its thread.
  await dialog.getByRole('combobox', { name: 'size', exact: true }).selectOption('1/2');
  await dialog.getByRole('combobox', { name: 'a line for' }).selectOption('an end fitting');
  await dialog.getByRole('combobox', { name: 'gender' }).selectOption('female');
  await dialog.getByRole('button', { name: 'Add a line' }).click();
  await dialog.getByLabel('stop to face of the thread').fill('1 7/8');
  await lookAt(page, 'maker-sheet');
  await expectAccessible(page, 'maker sheet');
  await dialog.getByRole('button', { name: 'Keep it' }).click();
  const kept = sheets.getByRole('listitem').filter({ hasText: maker });
  await expect(kept).toContainText('sheet 4; 2 lines');

  // Out as a table, wrong and right in again.
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    sheets.getByRole('button', { name: 'Save the sheets' }).click(),
  ]);
  let text = '';
  for await (const chunk of await file.createReadStream()) text += String(chunk);
  const lines = text.split(/\r?\n/);
  const mine = [lines[0], ...lines.filter((each) => each.startsWith(maker))].join('\r\n');
  const bring = (table: string) =>
    sheets
      .locator('input[type=file]')
      .setInputFiles({ name: 'makers.csv', mimeType: 'text/csv', buffer: Buffer.from(table) });
  await bring(mine.replace('47.625', 'long'));
  await expect(sheets.getByRole('alert')).toContainText('Line 3, column “end fitting (mm)”: read “long”');
  await bring(mine.replaceAll('sheet 4', 'sheet 5'));
  await expect(sheets.getByRole('status')).toContainText('1 sheet brought in');
  await expect(kept).toHaveCount(2);

  // A run goes by it when it is told so.
  const run = await makeJob(request, app.url);
  await openRun(page, run.layOut);
  await pickSize(page).selectOption('1/2');
  await walkLeg(page, 'r', '1-6');
  await walkOn(page, 'CSST', '1/2');
  await walkLeg(page, 'r', '4-2');
  await walkOn(page, 'black iron', '1/2');
  await walkLeg(page, 'r', '2-8');
  const choose = async () => {
    await page.locator('[popovertarget=run-menu]').click();
    await page.getByRole('button', { name: 'Whose parts', exact: true }).click();
  };
  await choose();
  await dialog.getByRole('combobox', { name: 'CSST and its fittings' }).selectOption(`${maker}: sheet 4`);
  await lookAt(page, 'whose-parts');
  await expectAccessible(page, 'whose parts');
  await dialog.getByRole('button', { name: 'Close' }).click();
  // 50 in less half of 1 7/8 at each end, and 1 1/2 in of slack (3 %): nothing is left to trim in place.
  await page.goto(`${run.cut}`);
  await expect(page.getByText('the nut to 38 lb·ft').first()).toBeVisible();
  await lookAt(page, 'cut-by-sheet');
  await expect(page.getByText('to trim in place')).toHaveCount(0);

  // The shop’s sheet is changed: the run has its own copy until it takes the new one.
  // The table may be chosen before what the shop has was read: it is compared with it all the same.
  const held: (() => void)[] = [];
  let isSlow = true;
  await page.route('**/api/makers', async (route) => {
    if (isSlow && route.request().method() === 'GET') await new Promise<void>((go) => held.push(go));
    await route.continue();
  });
  await page.goto(`${app.url}/parts`);
  await expect.poll(() => held.length).toBeGreaterThan(0);
  await bring(mine.replace('47.625', '50.8'));
  await expect.poll(() => held.length).toBeGreaterThan(1);
  isSlow = false;
  for (const go of held) go();
  await expect(sheets.getByRole('status')).toContainText('1 sheet brought in');
  await page.goto(run.layOut);
  await expect(page.getByLabel('Measure, centre to centre')).toBeVisible();
  await choose();
  await expect(
    dialog.getByRole('combobox', { name: 'CSST and its fittings' }).locator('option:checked'),
  ).toHaveText(`${maker}: sheet 4 (as this run has it)`);
  await dialog.getByRole('button', { name: 'Go by it as it is now' }).click();
  await expect(
    dialog.getByRole('combobox', { name: 'CSST and its fittings' }).locator('option:checked'),
  ).toHaveText(`${maker}: sheet 4`);
  await dialog.getByRole('button', { name: 'Close' }).click();
  await page.goto(`${run.layOut.replace('/lay-out', '/history')}`);
  await expect(
    page.getByText(new RegExp(`whose parts are used: CSST and its fittings: ${maker} instead of ${maker}`)),
  ).toBeVisible();

  // Taken away from the shop it stays with the run.
  await page.goto(`${app.url}/parts`);
  await kept
    .first()
    .getByRole('button', { name: /^Take away/ })
    .click();
  await sheets.getByRole('button', { name: 'Yes, take it away' }).click();
  await expect(kept).toHaveCount(1);
});
