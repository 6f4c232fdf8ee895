import { expectAccessible } from '#support/axe.ts';
import { readFileSync } from 'node:fs';
import { parse } from 'csv-parse/sync';
import {
  addLegByKeys,
  expect,
  goTo,
  makeJob,
  onServer,
  openRun,
  openRunWith,
  readLegs,
  test,
} from '#support/e2e.ts';

test('a six-leg run with a tee is laid out by keyboard alone', async ({ page, request, app }) => {
  const run = await makeJob(request, app.url);
  await openRun(page, run.layOut);
  await expect(page.getByRole('heading', { name: 'Measure the first leg' })).toBeVisible();
  await addLegByKeys(page, 'u', '4-2 1/2');
  await addLegByKeys(page, 'r', '6-4');
  await addLegByKeys(page, 'r', '43 1/4');
  await addLegByKeys(page, 'd', `2' 9"`);
  // Back to the point between legs 2 and 3, and down from it: the coupling becomes a tee.
  await page.keyboard.press('[');
  await page.keyboard.press('[');
  await expect(page.getByText('from the coupling at leg 2')).toBeVisible();
  await addLegByKeys(page, 'd', '3-1 1/8');
  await addLegByKeys(page, 'o', '14.5');
  await expect
    .poll(() => readLegs(page))
    .toEqual([
      '1 4 ft 2 1/2 in 3/4 up 4 ft 1 3/4 in 90° elbow',
      '2 6 ft 4 in 3/4 right 6 ft 2 1/2 in tee',
      '3 3 ft 7 1/4 in 3/4 right 3 ft 5 3/4 in 90° elbow',
      '4 2 ft 9 in 3/4 down 2 ft 8 1/4 in open end',
      '5 3 ft 1 1/8 in 3/4 down 2 ft 11 5/8 in 90° elbow',
      '6 1 ft 2 1/2 in 3/4 out 1 ft 1 3/4 in open end',
    ]);
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('table').locator('.leg')).toHaveCount(5);
  await page.keyboard.press('Control+Shift+z');
  await expect(page.getByRole('table').locator('.leg')).toHaveCount(6);
  await expect(onServer(page)).toBeVisible();
  await page.reload();
  await expect.poll(async () => (await readLegs(page)).length).toBe(6);
});

test('every number says why, and the house rule can be changed there', async ({ page, request, app }) => {
  await openRunWith(page, request, app.url, [
    ['u', '30'],
    ['r', '43 1/4'],
    ['d', '20'],
  ]);
  await page.getByRole('button', { name: /^2 3 ft/ }).click();
  await expect(page.getByTestId('cut-length')).toHaveText('3 ft 5 3/4 in');
  await page.getByRole('button', { name: 'Why? cut of leg 2' }).click();
  const why = page.getByRole('dialog', { name: 'Why leg 2 is cut so' });
  await expect(why.getByText('43.25 in − 0.7475 in − 0.7475 in = 41.755 in')).toBeVisible();
  await expect(why.getByText('40.63 in + 0.5625 in + 0.5625 in = 41.755 in')).toBeVisible();
  await expect(why.getByText('41.755 in, rounded by −0.005 in = 41.75 in')).toBeVisible();
  await expectAccessible(page, 'why a cut');
  await why.getByRole('button', { name: /^Joint A/ }).click();
  const joint = page.getByRole('dialog', { name: '3/4 black malleable 90° elbow' });
  await expect(joint.getByText('1.31 in − 0.5625 in = 0.7475 in')).toBeVisible();
  await expect(joint.getByText('3¼ turns (usual 2 to 3.5)')).toBeVisible();
  await expect(joint.getByText('2.6 of a thread cut in the shop, 3.2 of a full bought one')).toBeVisible();
  await expect(joint.getByText(/eye protection/)).toBeVisible();
  await expectAccessible(page, 'why a joint');
  await joint.getByRole('button', { name: 'change it' }).click();
  const rules = page.getByRole('dialog', { name: 'House rules of this run' });
  await rules.getByRole('radio', { name: /Hand-tight plus turns/ }).check();
  await rules.getByLabel('Turns, sizes up to 2').fill('eleven');
  await rules.getByLabel('Turns, sizes up to 2').press('Tab');
  await expect(
    rules.getByText('Read “eleven”. Turns past hand-tight are a number from 0 to 6, such as 2.5.'),
  ).toBeVisible();
  await rules.getByLabel('Turns, sizes up to 2').fill('3');
  await rules.getByLabel('Turns, sizes up to 2').press('Tab');
  await rules.getByRole('radio', { name: /thirty-seconds/ }).check();
  await page.keyboard.press('Escape');
  // L1 0.339 + 3/14 = 0.5533 engaged: 43.25 − 2 × 0.7567 = 41.7366, on a thirty-second 41 3/4 (41.75).
  await expect(page.getByText('exact 41.73657 in')).toBeVisible();
});

test('own measured engagement gives no cut until it is entered', async ({ page, request, app }) => {
  await openRunWith(page, request, app.url, [
    ['u', '30'],
    ['r', '20'],
  ]);
  await page.getByRole('button', { name: 'House rules' }).click();
  const rules = page.getByRole('dialog', { name: 'House rules of this run' });
  await rules.getByRole('radio', { name: /Own measured/ }).check();
  await expectAccessible(page, 'house rules of a run');
  await page.keyboard.press('Escape');
  await expect(page.getByText('no cut length')).toBeVisible();
  await expect(page.getByText(/No engagement of your own for 3\/4 has been entered/)).toBeVisible();
  await page.getByRole('button', { name: 'House rules' }).click();
  await rules.getByLabel('3/4', { exact: true }).fill('17/32');
  await rules.getByLabel('3/4', { exact: true }).press('Tab');
  await page.keyboard.press('Escape');
  await expect(page.getByText('exact 19.22125 in')).toBeVisible();
});

test('bad measures get their sentence beside the field, and what was typed stays', async ({
  page,
  request,
  app,
}) => {
  const run = await makeJob(request, app.url);
  await openRun(page, run.layOut);
  const field = page.getByLabel('Measure, centre to centre');
  const form = page.getByRole('form', { name: 'Next leg' });
  await page.getByRole('button', { name: 'right', exact: true }).click();
  for (const [typed, sentence] of [
    ['3 7 1/4', 'as two numbers'],
    ['0', 'no length at all'],
    ['-4', 'less than nothing'],
    ['5000 ft', 'is taken for a slip'],
    ['1,098', 'could mean thousands or decimals'],
    ['3-14', 'stay under 12'],
  ] as const) {
    await field.fill(typed);
    await field.press('Enter');
    await expect(form.getByText(sentence)).toBeVisible();
    await expect(field).toHaveValue(typed);
  }
  await field.fill('3-7');
  await expect(page.getByRole('button', { name: /Add leg: right 3 ft 7 in/ })).toBeVisible();
  await field.press('Enter');
  await field.fill('20');
  await field.press('Enter');
  await expect(form.getByText('Pick a direction first')).toBeVisible();
  await expect(page.getByRole('button', { name: 'left (taken)' })).toBeDisabled();
  await field.fill('');
  await field.press('l');
  await expect(form.getByText('goes straight back into leg 1')).toBeVisible();
});

test('legs are measured again, resized, capped and removed', async ({ page, request, app }) => {
  await openRunWith(page, request, app.url, [
    ['r', '30'],
    ['d', '20'],
  ]);
  await page.getByRole('button', { name: 'Cap end' }).click();
  await expect(page.getByRole('button', { name: 'Uncap' })).toBeVisible();
  await expect.poll(async () => (await readLegs(page))[1]).toBe('2 1 ft 8 in 3/4 down 1 ft 6 7/8 in cap');
  await page.getByRole('button', { name: /^1 2 ft 6/ }).click();
  await page.getByLabel('Measure, centre to centre').fill('31 1/2');
  await page.keyboard.press('Enter');
  await expect
    .poll(async () => (await readLegs(page))[0])
    .toBe('1 2 ft 7 1/2 in 3/4 right 2 ft 6 3/4 in 90° elbow');
  await page.getByRole('button', { name: 'Change leg 1' }).click();
  const leg = page.getByRole('dialog', { name: 'Leg 1' });
  await leg.getByRole('button', { name: 'Half way, by eye' }).click();
  await leg.getByRole('button', { name: 'Add a measure' }).click();
  await expectAccessible(page, 'a leg');
  await leg.getByLabel('size').selectOption('4');
  await expect(
    page.getByText(/No 4 × 3\/4 90° elbow is made\. Nearest is 4 90° elbow/).first(),
  ).toBeAttached();
  await leg.getByLabel('size').selectOption('1/2');
  await expect(page.getByText(/is made\. Nearest/)).toHaveCount(0);
  await expect.poll(async () => (await readLegs(page))[0]).toContain('reducing 90° elbow');
  await leg.getByRole('button', { name: 'All legs 1/2' }).click();
  await expect.poll(async () => (await readLegs(page))[0]).not.toContain('reducing');
  await leg.getByRole('button', { name: 'Remove with 1 beyond' }).click();
  await expect(page.getByRole('heading', { name: 'Measure the first leg' })).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(async () => (await readLegs(page)).length).toBe(2);
});

test('a point is picked on the drawing, and the drawing is told in words', async ({ page, request, app }) => {
  await openRunWith(page, request, app.url, [
    ['r', '30'],
    ['r', '40'],
  ]);
  await expect(page.getByRole('img', { name: /The run, drawn isometrically/ })).toBeVisible();
  await expect(
    page.getByText('Leg 2, 3/4: from the coupling at the end of leg 1, right, 3 ft 4 in, to an open end.'),
  ).toBeAttached();
  // Where the coupling is drawn: the point the next leg would grow from after one step back.
  const growing = page.locator('circle.growing');
  const tip = await growing.boundingBox();
  await page.getByLabel('Measure, centre to centre').focus();
  await page.keyboard.press('[');
  await expect.poll(async () => (await growing.boundingBox())!.x).not.toBeCloseTo(tip!.x, 0);
  const place = await growing.boundingBox();
  await page.keyboard.press(']');
  await expect(page.getByText('from the open end at leg 2')).toBeVisible();
  await page.mouse.click(place!.x + 5, place!.y + 5);
  await expect(page.getByText('from the coupling at leg 1')).toBeVisible();
  await addLegByKeys(page, 'd', '20');
  await expect
    .poll(async () => (await readLegs(page)).at(-1))
    .toContain('3 1 ft 8 in 3/4 down 1 ft 7 1/4 in open end');
});

test('the cut sheet shows the same figures, records what was cut, and goes out as CSV', async ({
  page,
  request,
  app,
}) => {
  const run = await makeJob(request, app.url, { people: ['Ada Quill', 'Bo Reeve'] });
  await openRun(page, run.layOut);
  await addLegByKeys(page, 'u', '30');
  await addLegByKeys(page, 'r', '43 1/4');
  await addLegByKeys(page, 'd', '20');
  await goTo(page, 'Make', 'Cut sheet');
  await expect(page.getByText('Take off'.toLowerCase() + ' 0.7475 in').first()).toBeVisible();
  await expect(page.getByText('2 × 3/4 black malleable 90° elbow')).toBeVisible();
  await expect(page.getByText('seal required, about 3¼ turns past hand-tight').first()).toBeVisible();
  const box = page.getByLabel('As cut, piece 2');
  await box.fill('41 13/16');
  await box.press('Tab');
  await expect(page.getByText('Say who is at the bench first')).toBeVisible();
  await expectAccessible(page, 'cut sheet, a refused record');
  await page.getByLabel('at the bench').first().selectOption('Bo Reeve');
  await box.fill('41 13/16 in');
  await box.press('Tab');
  await expect(page.getByText('by Bo Reeve')).toBeVisible();
  await expect(onServer(page)).toBeVisible();
  await page.reload();
  await expect(page.getByLabel('As cut, piece 2')).toHaveValue('3 ft 5 13/16 in');
  await page.getByLabel('As cut, piece 2').fill('41 3/4');
  await page.getByLabel('As cut, piece 2').press('Tab');
  await expect(page.getByLabel('As cut, piece 2')).toHaveValue('3 ft 5 3/4 in');
  await page.getByRole('button', { name: 'Files' }).click();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Cut sheet, CSV' }).click(),
  ]);
  expect(download.suggestedFilename()).toBe('cut-sheet-run-r3.csv');
  const text = readFileSync(await download.path(), 'utf8');
  expect(text.split('\r\n').length).toBe(5);
  const rows = parse(text, { columns: true, bom: true }) as Record<string, string>[];
  expect(rows[1]).toMatchObject({
    'cut exact (in)': '41.755',
    'cut on the tape': '3 ft 5 3/4 in',
    'as cut (in)': '41.75',
    'cut by': 'Bo Reeve',
  });
});

test('a print is a sheet of paper: drawing, versions and caution on it, screen furniture not', async ({
  page,
  request,
  app,
}) => {
  await openRunWith(page, request, app.url, [
    ['u', '30'],
    ['r', '43 1/4'],
  ]);
  await goTo(page, 'Make', 'Cut sheet');
  await expect(page.getByRole('heading', { name: 'Cut sheet' })).toBeVisible();
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByText(/it replaces nobody/)).toBeVisible();
  await expect(page.getByText(/catalogue 2026/)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Print' })).toBeHidden();
  await expect(page.getByRole('button', { name: /Smell/ })).toBeHidden();
  await expect(page.getByRole('img', { name: /The run/ })).toBeVisible();
});

test('a run of two sizes is cut by its reducing fittings, and what is too short is bought as a nipple', async ({
  page,
  request,
  app,
}) => {
  await openRunWith(page, request, app.url, [
    ['u', '30'],
    ['r', '3.495'],
    ['u', '20'],
  ]);
  await expect(page.getByText('Leg 2: 2 in is too short to thread. Buy a 3/4 nipple 2 in.')).toBeVisible();
  await page.getByLabel('size').selectOption('1/2');
  await addLegByKeys(page, 'r', '20');
  // By the station, as a fitter goes there: an address typed within the same few hundredths of a second would leave an edit behind
  // that is still being kept.
  await goTo(page, 'Make', 'Cut sheet');
  await expect(page.getByRole('table')).toContainText('buy a nipple 2 in');
  const totals = page.getByRole('region', { name: 'Totals' });
  await expect(totals).toContainText('1 × 3/4 nipple, 2 in');
  await expect(totals).toContainText('3/4 × 1/2 90° elbow, black malleable');
});
