import { expectAccessible } from '#support/axe.ts';
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

test('a leg is parted, another put in, taken out, turned and hung elsewhere, and all of it comes back', async ({
  page,
  request,
  app,
}) => {
  await openRunWith(page, request, app.url, [
    ['u', '30'],
    ['r', '100'],
    ['d', '20'],
  ]);
  const before = await readLegs(page);
  // Branch here: 40 in from the elbow; the measure over the whole leg stays 100.
  await page.getByRole('button', { name: /^2 8 ft 4 in/ }).click();
  await page.getByRole('button', { name: 'Change leg 2' }).click();
  const two = page.getByRole('dialog', { name: 'Leg 2' });
  await two.getByRole('textbox', { name: 'to its centre' }).fill('140');
  await two.getByRole('textbox', { name: 'to its centre' }).press('Tab');
  await expect(two.getByText('that place lies beyond it')).toBeVisible();
  await two.getByRole('textbox', { name: 'to its centre' }).fill('40');
  await two.getByRole('textbox', { name: 'to its centre' }).press('Tab');
  await expect(page.getByText('from the coupling at leg 2')).toBeVisible();
  await addLegByKeys(page, 'd', '15');
  await expect.poll(() => readLegs(page)).toContain('2 3 ft 4 in 3/4 right 3 ft 2 1/2 in tee');
  await expect
    .poll(async () => (await readLegs(page)).join('\n'))
    .toContain('4 5 ft 3/4 right 4 ft 10 1/2 in 90° elbow');
  // A leg in between: out 12 in after leg 4; leg 3 keeps hanging on its own elbow.
  await page.getByRole('button', { name: /^4 5 ft/ }).click();
  await page.getByRole('button', { name: 'Change leg 4' }).click();
  await page.getByRole('button', { name: 'Put a leg in after it' }).click();
  await expect(page.getByText('in between, at the far end of leg 4')).toBeVisible();
  const field = page.getByLabel('Measure, centre to centre');
  await field.focus();
  await page.keyboard.press('o');
  await page.keyboard.type('12');
  await page.keyboard.press('Enter');
  await expect.poll(async () => (await readLegs(page)).join('\n')).toContain('6 1 ft 3/4 out');
  // Taken out again, the gap closes.
  await page.getByRole('button', { name: /^6 1 ft/ }).click();
  await page.getByRole('button', { name: 'Change leg 6' }).click();
  await page.getByRole('button', { name: 'Take out, close the gap' }).click();
  await expect.poll(async () => (await readLegs(page)).length).toBe(5);
  // Another way for the branch, then hung on the open end.
  await page.getByRole('button', { name: /^5 1 ft 3 in/ }).click();
  await page.getByRole('button', { name: 'Change leg 5' }).click();
  const five = page.getByRole('dialog', { name: 'Leg 5' });
  await five
    .getByRole('group', { name: 'Another direction' })
    .getByRole('button', { name: 'back away' })
    .click();
  await expect(five.getByText('Goes back now.')).toBeVisible();
  await five.getByRole('button', { name: 'Hang it elsewhere' }).click();
  await expect(page.getByText('Pick the point to hang leg 5 on.')).toBeVisible();
  await page.getByRole('button', { name: 'Grow from the open end at the end of leg 3' }).click();
  await expect.poll(async () => (await readLegs(page)).at(-1)).toContain('5 1 ft 3 in 3/4 back');
  await expect(onServer(page)).toBeVisible();
  const undo = page.getByRole('button', { name: 'Undo' });
  for (let i = 0; i < 6; i++) await undo.click();
  await expect.poll(() => readLegs(page)).toEqual(before);
});

test('what cannot be is said: offsets, sizes, measures, crossings; and what would do is done', async ({
  page,
  request,
  app,
}) => {
  const run = await makeJob(request, app.url);
  await openRun(page, run.layOut);
  const form = page.getByRole('form', { name: 'Next leg' });
  await addLegByKeys(page, 'r', '40');
  await form.getByRole('button', { name: /^offset/ }).click();
  await form.getByRole('textbox', { name: 'set' }).fill('20');
  await form.getByRole('textbox', { name: 'travel' }).fill('15');
  // The most a travel of 15 in leaves for the set is where there is no roll: 15 / √2 = 10.607, and the mark before it.
  await expect(
    form.getByText(/Read set 1 ft 8 in, but the travel leaves at most 10 9\/16 in for it/),
  ).toBeVisible();
  await form.getByRole('button', { name: /^pipe/ }).click();
  // A tee that is not made: the nearest that is, and the bushing that would do.
  await addLegByKeys(page, 'r', '40');
  await page.getByRole('button', { name: 'Grow from the coupling at the end of leg 1' }).click();
  await form.getByLabel('size').selectOption('1/8');
  await addLegByKeys(page, 'd', '20');
  const finding = page.getByText(/No 3\/4 × 3\/4 × 1\/8 tee is made\. Nearest is 3\/4 × 3\/4 × 1\/4 tee/);
  await expect(finding).toBeVisible();
  await page.getByRole('button', { name: 'Grow from the no fitting at the end of leg 1' }).click();
  await page.getByRole('button', { name: /^Change the no fitting/ }).click();
  await page.getByRole('button', { name: 'Take the nearest and bush it down' }).click();
  await page.keyboard.press('Escape');
  await expect(finding).toBeHidden();
  await expect
    .poll(async () => (await readLegs(page)).join('\n'))
    .toMatch(/4 [\d./ a-z]+ 1\/4 down no pipe hex bushing/);
  await expect(
    page.getByText(/1\/4 × 1\/8 hex bushing, black malleable \(leg 4\).*typical only/i),
  ).toBeVisible();
  // A second measure that contradicts the first: which two, and by how much.
  await page.getByRole('button', { name: /^1 3 ft 4 in/ }).click();
  await page.getByRole('button', { name: 'Change leg 1' }).click();
  const one = page.getByRole('dialog', { name: 'Leg 1' });
  await one.getByRole('button', { name: 'Add a measure' }).click();
  await one.getByLabel('as measured').last().fill('41');
  await one.getByLabel('as measured').last().press('Tab');
  await page.keyboard.press('Escape');
  await expect(
    page.getByText(/2 measures contradict each other: 3 ft 5 in .* 1 in longer than the other says/),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText(/contradict each other/)).toBeHidden();
});

test('legs that cross without meeting are noted', async ({ page, request, app }) => {
  const run = await makeJob(request, app.url);
  await openRun(page, run.layOut);
  for (const [way, measure] of [
    ['r', '60'],
    ['b', '20'],
    ['l', '30'],
    ['o', '40'],
  ] as const)
    await addLegByKeys(page, way, measure);
  await expect(page.getByText(/Legs 1 and 4 cross without meeting/)).toBeVisible();
});

test('at the vise: one piece a screen, its marks, ticked off and kept', async ({ page, request, app }) => {
  await openRunWith(page, request, app.url, [
    ['u', '30'],
    ['r', '43 1/4'],
    ['d', '20'],
  ]);
  await goTo(page, 'Make', 'Vise');
  await expect(page.getByText('piece 1 of 3, 0 made')).toBeVisible();
  await page.keyboard.press('ArrowRight');
  const piece = page.getByRole('region', { name: 'Piece 2' });
  await expect(piece.getByTestId('cut-length')).toHaveText('3 ft 5 3/4 in');
  await expectAccessible(page, 'at the vise');
  // Along one tape from end A: engagement 9/16, thread 3/4, and the same back from the cut.
  await expect(piece.getByRole('row')).toHaveText([
    /^9\/16\sin\s*A: face/,
    /^3\/4\sin\s*A: thread/,
    /^3\sft 5\sin\s*B: thread/,
    /^3\sft 5 3\/16\sin\s*B: face/,
    /^3\sft 5 3\/4\sin\s*cut here/,
  ]);
  await piece.getByLabel('Piece 2 is made as asked').check();
  await expect(page.getByText('piece 2 of 3, 1 made')).toBeVisible();
  await expect(onServer(page)).toBeVisible();
  await page.reload();
  await expect(page.getByText('piece 1 of 3, 1 made')).toBeVisible();
  await goTo(page, 'Make', 'Cut sheet');
  await expect(page.getByLabel('Piece 2 is made as asked')).toBeChecked();
  await page.getByLabel('Piece 2 is made as asked').uncheck();
  await expect(onServer(page)).toBeVisible();
  await page.reload();
  await expect(page.getByLabel('Piece 2 is made as asked')).not.toBeChecked();
});

test('the printed sheet says on every page what it is of, and no row is split', async ({
  page,
  request,
  app,
}) => {
  const run = await makeJob(request, app.url);
  await openRun(page, run.layOut);
  for (let i = 0; i < 12; i++) await addLegByKeys(page, i % 2 === 0 ? 'r' : 'u', '30');
  await goTo(page, 'Make', 'Cut sheet');
  await expect(page.getByRole('heading', { name: 'Cut sheet' })).toBeVisible();
  await expect
    .poll(() =>
      page.evaluate(() =>
        [...document.styleSheets]
          .flatMap((sheet) => [...sheet.cssRules].map((rule) => rule.cssText))
          .filter((text) => text.startsWith('@page'))
          .join(' '),
      ),
    )
    .toMatch(
      /Run, revision 12.*counter\(page\).*counter\(pages\)|counter\(page\).*counter\(pages\).*Run, revision 12/s,
    );
  for (const format of ['A4', 'Letter']) {
    const pdf = (await page.pdf({ format })).toString('latin1');
    expect(pdf.match(/\/Type\s*\/Page\b/g)!.length, format).toBeGreaterThan(1);
  }
  await page.emulateMedia({ media: 'print' });
  const breaks = await page
    .locator('.sheet tbody')
    .evaluateAll((rows) => rows.map((row) => getComputedStyle(row).breakInside));
  expect(new Set(breaks)).toEqual(new Set(['avoid']));
});
