import { expectAccessible } from '#support/axe.ts';
import { addLegByKeys, expect, goTo, makeJob, test, understand } from '#support/e2e.ts';

// What walks pass by is looked at there; here is what none of them comes to.
test.setTimeout(120_000);

test('the words, the thread chart, the bench of a job that is not there', async ({ page, app }) => {
  await page.goto(`${app.url}/shorthand`);
  await expectAccessible(page, 'the words');
  // One family: every row is made alike, and a look at all of them takes a minute.
  await page.goto(`${app.url}/threads?family=npsm`);
  await expect(page.getByRole('table')).toBeVisible();
  await expectAccessible(page, 'thread chart');
  await page.goto(`${app.url}/jobs/nosuchjob0/identify`);
  await expect(page.getByRole('heading', { name: 'No such job' })).toBeVisible();
  await expectAccessible(page, 'identify, no such job');
});

test('every simulated instrument', async ({ page, app }) => {
  await page.goto(`${app.url}/identify`);
  await page.getByRole('button', { name: 'Take one from the tray' }).click();
  for (const ask of ['diameter', 'leaf', 'flank', 'seat', 'gender', 'count']) {
    await page.getByLabel('or answer another').selectOption(ask);
    await expectAccessible(page, `simulated ${ask}`);
  }
});

test('lay out: typing, errors, a leg picked, the tape, dialogs of an end, a measure and a leg, the keys', async ({
  page,
  request,
  app,
}) => {
  const run = await makeJob(request, app.url, { people: ['Ada Quill', 'Bo Reeve'] });
  await page.goto(run.cut);
  await understand(page);
  await expectAccessible(page, 'nothing to cut');
  await page.getByRole('main').getByRole('link', { name: 'Lay out' }).click();
  await page.getByLabel('Measure, centre to centre').fill('3 7 1/4');
  await page.keyboard.press('Enter');
  await expectAccessible(page, 'measure refused');
  await page.getByLabel('Measure, centre to centre').fill('');
  for (const [way, measure] of [
    ['u', '30'],
    ['r', '43 1/4'],
    ['r', '9-2'],
    ['d', '1.25'],
    ['r', '30'],
    ['b', '6-7 1/2'],
  ] as const)
    await addLegByKeys(page, way, measure);
  await page
    .getByRole('button', { name: /^Change the open end/ })
    .first()
    .click();
  await expectAccessible(page, 'an end');
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: /^Measured centre to centre/ }).click();
  await page.getByLabel('taken from its').selectOption('wall');
  await expectAccessible(page, 'measured from');
  await page.keyboard.press('Escape');
  for (const kind of [/^offset/, /^no pipe/, /^pipe/]) {
    await page.getByRole('button', { name: kind }).click();
    await expectAccessible(page, String(kind));
  }
  await page.getByRole('button', { name: /^Grow from the coupling/ }).click();
  await page.keyboard.press('m');
  await page.keyboard.type('d22');
  await expectAccessible(page, 'a leg being typed');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: /^2 3 ft/ }).click();
  await page.getByRole('button', { name: 'Lay the tape on leg 2' }).click();
  await expect(page.getByRole('slider').first()).toBeVisible();
  await expectAccessible(page, 'the tape');
  await page.keyboard.press('?');
  await expectAccessible(page, 'keys');
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: /Smell of gas/ }).click();
  await expectAccessible(page, 'smell of gas');
  await page.keyboard.press('Escape');
  await goTo(page, 'Make', 'Cut sheet');
  await expect(page.getByLabel('As cut, piece 2')).toBeVisible();
  await expectAccessible(page, 'cut sheet');
});
