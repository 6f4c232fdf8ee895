import { makeRun } from '#support/make-run.ts';
import { expect, goTo, makeJob, onServer, openRun, readLegs, test, writeRun } from '#support/e2e.ts';
import { lookAt } from '#support/walk.ts';

const csst = { material: 'csst', size: '1/2' } as const;

test('places are painted over legs in one stroke, are one change, and what may not be there is said at once', async ({
  page,
  request,
  app,
}) => {
  const run = await makeJob(request, app.url);
  await writeRun(
    request,
    app.url,
    run,
    makeRun([
      [0, 'right', 40],
      [1, 'right', 60, csst],
      [2, 'up', 30, csst],
      [3, 'right', 20, csst],
    ]),
  );
  await openRun(page, run.layOut);
  await goTo(page, 'Check');
  const section = page.getByRole('region', { name: 'Where it may run' });
  await expect(
    section.getByText('Nobody said where any leg runs: ask, it is never fine by itself.'),
  ).toBeVisible();
  const leg = (tag: number) => section.getByRole('button', { name: new RegExp(`Leg ${tag}\\b`) });
  await expect(leg(1)).toBeDisabled();
  await section.getByText('concealed in a wall or floor').click();
  // One stroke over three rows.
  await leg(3).evaluate((row) => row.scrollIntoView({ block: 'center' }));
  const rows = await Promise.all([2, 3, 4].map(async (tag) => (await leg(tag).boundingBox())!));
  for (const [i, { x, y, height }] of rows.entries()) {
    await page.mouse.move(x + 60, y + height / 2, { steps: 8 });
    if (i === 0) await page.mouse.down();
  }
  await page.mouse.up();
  for (const tag of [2, 3, 4]) await expect(leg(tag)).toContainText('on conditions');
  await expect(
    page.getByText(/CSST concealed in a wall or floor, legs 2, 3, 4: allowed if the tubing is bonded/),
  ).toBeVisible();
  // And one stroke along the line itself.
  const line = section.locator('.drawing');
  await section.getByText('in a chase').click();
  await line.evaluate((drawing) => drawing.scrollIntoView({ block: 'center' }));
  for (const [i, tag] of [1, 2, 3, 4].entries()) {
    const { x, y, width, height } = (await line
      .locator('text', { hasText: new RegExp(`^${tag}$`) })
      .boundingBox())!;
    await page.mouse.move(x + width / 2, y + height / 2, { steps: 6 });
    if (i === 0) await page.mouse.down();
  }
  await lookAt(page, 'stroke');
  await page.mouse.up();
  for (const tag of [1, 2, 3, 4]) await expect(leg(tag)).toContainText('in a chase');
  await section.getByText('concealed in a wall or floor').click();
  for (const tag of [2, 3, 4]) await leg(tag).click();
  // By the keyboard, a place where no pipe may be.
  await section.getByRole('radio', { name: 'in a duct or chimney' }).focus();
  await page.keyboard.press('Space');
  await leg(1).focus();
  await page.keyboard.press('Enter');
  await expect(leg(1)).toContainText('forbidden');
  await expect(
    page.getByText(/Black iron in a duct or chimney, leg 1: forbidden: gas pipe never passes/),
  ).toBeVisible();
  const supports = page.getByRole('region', { name: 'Supports' });
  // 40 in of 3/4: two, a foot from either end; the near figure is the house's, and is changed here.
  await expect(supports.getByText('2, about at 1 ft, 2 ft 4 in')).toBeVisible();
  await expect(supports.getByText(/^every 6 ft at the most, by makers’ usual figure/).first()).toBeVisible();
  await expect(onServer(page)).toBeVisible();
  await lookAt(page, 'places', true);
  // On the line by a letter, in the leg's own dialog by its name; the history has it as one change.
  await goTo(page, 'Measure', 'Lay out');
  await expect.poll(() => readLegs(page)).toHaveLength(4);
  await lookAt(page, 'places-line');
  await page
    .getByRole('table', { name: /Legs of the run/ })
    .getByRole('button', { name: /^2/ })
    .click();
  await page.getByRole('button', { name: 'Change leg 2' }).click();
  await expect(page.getByLabel('where it runs')).toHaveValue('concealed');
  await page.getByLabel('where it runs').selectOption('indoors');
  await page.getByRole('button', { name: 'So do the 2 beyond' }).click();
  await page.keyboard.press('Escape');
  await goTo(page, 'Measure', 'Write');
  await expect(page.getByRole('textbox').first()).toContainText('place duct');
  await expect(page.getByRole('textbox').first()).toContainText('place indoors');
});

test('a stretch is held against every other material, and switched there and back', async ({
  page,
  request,
  app,
}) => {
  const run = await makeJob(request, app.url);
  await writeRun(
    request,
    app.url,
    run,
    makeRun(
      [
        [0, 'right', 40],
        [1, 'up', 60],
        [2, 'right', 80],
        [3, 'down', 30],
      ],
      '1/2',
    ),
  );
  await openRun(page, run.layOut);
  const pick = (leg: number) =>
    page
      .getByRole('table', { name: /Legs of the run/ })
      .getByRole('button', { name: new RegExp(`^${leg}`) })
      .click();
  await pick(2);
  await page.getByRole('button', { name: 'Change leg 2' }).click();
  await page.getByRole('button', { name: 'Compare materials' }).click();
  const dialog = page.getByRole('dialog', { name: 'Another material' });
  await expect(dialog.getByText('legs 1, 2, 3, 4')).toBeVisible();
  await dialog.getByRole('radio', { name: 'CSST', exact: true }).check();
  // Four pieces with three elbows become one piece.
  const row = (of: string) =>
    dialog.locator('tr').filter({ has: page.getByRole('radio', { name: of, exact: true }) });
  for (const [cell, count] of [
    ['pieces', '1−3'],
    ['joints made', '0−6'],
    ['leak points', '0−6'],
    ['fittings', '0−3'],
  ] as const)
    await expect(row('CSST').locator(`td[data-label="${cell}"]`)).toHaveText(count);
  await expect(dialog.getByText(/Corrugated tubing \(leg 1\) is bonded/)).toBeVisible();
  await lookAt(page, 'switch');
  await dialog.getByRole('button', { name: 'Switch to CSST' }).click();
  await expect.poll(async () => (await readLegs(page))[1]).toContain('in tube 1');
  await page.getByRole('button', { name: 'Change leg 2' }).click();
  await page.getByRole('button', { name: 'Compare materials' }).click();
  await dialog.getByRole('radio', { name: 'black iron' }).check();
  await dialog.getByRole('button', { name: 'Switch to black iron' }).click();
  await expect.poll(async () => (await readLegs(page))[1]).toContain('1/2 up');
  await expect(onServer(page)).toBeVisible();
});
