import { expectAccessible } from '#support/axe.ts';
import type { Page } from '@playwright/test';
import { kiln, withParts } from '#support/make-trap.ts';
import { makeRun, type TestLeg } from '#support/make-run.ts';
import { expect, goTo, makeJob, openRun, test, writeRun } from '#support/e2e.ts';

const SHAPES: readonly (readonly [name: string, legs: readonly TestLeg[]])[] = [
  ['a drop from above, the inlet to the side', [[0, 'right', 60], [1, 'down', 48], [2, 'right', 12, { terminal: kiln() }]]],
  ['a straight drop into an inlet that looks up', [[0, 'right', 60], [1, 'down', 60, { terminal: kiln() }]]],
  ['a level supply', [[0, 'right', 60], [1, 'back', 70, { terminal: kiln() }]]],
  ['a supply from below', [[0, 'right', 60], [1, 'up', 48], [2, 'right', 22, { terminal: kiln() }]]],
]; // prettier-ignore

/** The server has taken what is sent there next: “on the server” may have stood there before. */
const waitForTaken = (page: Page, path: string): Promise<unknown> =>
  page.waitForResponse((answer) => answer.url().endsWith(path) && answer.ok());

for (const [name, legs] of SHAPES) {
  test(`from a bare drop to a trap that works in four presses, the floor asked: ${name}`, async ({
    page,
    request,
    app,
  }) => {
    const run = await makeJob(request, app.url);
    await writeRun(request, app.url, run, makeRun(legs));
    await openRun(page, run.layOut);
    // One and two: the stage, and its drops.
    await goTo(page, 'Check', 'Drops');
    const verdict = page.getByTestId('verdict');
    await expect(verdict).toHaveText('no trap');
    // Three: what is to be done is the biggest thing.
    await page.getByRole('button', { name: 'Build it in' }).click();
    const dialog = page.getByRole('dialog');
    await dialog.getByLabel('from the inlet’s centre down to the floor').fill('3');
    await dialog.getByLabel('from the inlet’s centre down to the floor').blur();
    await expect(dialog.getByRole('alert')).toContainText(/short/);
    await dialog.getByLabel('from the inlet’s centre down to the floor').fill('40');
    await dialog.getByLabel('from the inlet’s centre down to the floor').blur();
    await expect(dialog.getByText(/to buy/)).toBeVisible();
    // Four.
    const taken = waitForTaken(page, '/changes');
    await dialog.getByRole('button', { name: 'Build it in' }).click();
    await expect(verdict).toHaveText('works');
    await expect(page.getByRole('img', { name: /falls into the nipple and stays/ })).toBeVisible();
    await taken;
    await page.reload();
    await expect(verdict).toHaveText('works');
  });
}

test('a trap piped straight through is put right, and taken back again', async ({ page, request, app }) => {
  const run = await makeJob(request, app.url);
  const straight = makeRun([
    [0, 'down', 40],
    [1, 'right', 8],
    [2, 'right', 8, { terminal: kiln() }],
    [2, 'down', 5.155, { cap: true }],
  ]);
  await writeRun(
    request,
    app.url,
    run,
    withParts(straight, [
      [1, 'valve', 0.4],
      [1, 'union', 0.7],
    ]),
  );
  await openRun(page, run.layOut);
  await goTo(page, 'Check', 'Drops');
  const verdict = page.getByTestId('verdict');
  await expect(verdict).toHaveText('does nothing');
  await expect(page.getByRole('img', { name: /nothing is caught/ })).toBeVisible();
  await page.getByRole('button', { name: 'Let it flow' }).click();
  await page.getByRole('button', { name: 'Stop' }).click();
  await expectAccessible(page, 'drops');
  await page.getByRole('button', { name: 'Put it right' }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByText('no fitting', { exact: true })).toBeVisible();
  await expect(dialog.getByText(/joints are opened/)).toBeVisible();
  await expectAccessible(page, 'put right');
  // A floor typed and not used is not kept for the next opening: that may be another appliance’s.
  const floor = dialog.getByLabel(/down to the floor/);
  await floor.fill('3');
  await floor.press('Tab');
  await expect(dialog.getByRole('alert')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(dialog).toBeHidden();
  await page.getByRole('button', { name: 'Put it right' }).click();
  await expect(floor).toHaveValue('');
  await dialog.getByRole('button', { name: 'Put it right' }).click();
  await expect(verdict).toHaveText('works');
  await goTo(page, 'Measure', 'Lay out');
  await page.getByRole('button', { name: /^Undo: the trap at leg 4 put right/ }).click();
  await goTo(page, 'Check', 'Drops');
  await expect(verdict).toHaveText('does nothing');
});

test('an inlet that is not known goes to the bench and comes back as a specimen', async ({
  page,
  request,
  app,
}) => {
  const run = await makeJob(request, app.url);
  const bare = makeRun([
    [0, 'down', 40],
    [1, 'right', 10, { terminal: kiln() }],
  ]);
  await writeRun(request, app.url, run, bare);
  await openRun(page, run.layOut);
  await goTo(page, 'Check', 'Drops');
  await page.getByRole('button', { name: 'Its plate' }).click();
  await page.getByRole('link', { name: 'identify it on the bench' }).click();
  await page.getByLabel(/^Diameter/).fill('1.03');
  await page.getByRole('button', { name: 'Take this reading' }).click();
  await page.getByLabel('Keep as a specimen of this job').fill('inlet of the kiln');
  await page.getByRole('button', { name: 'Keep it' }).click();
  await page.getByRole('link', { name: 'Back to the appliance with it' }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByRole('group', { name: /its inlet: (?!as the pipe)/ })).toBeVisible();
  await dialog.getByRole('button', { name: 'Keep it' }).click();
  // One reading tells no thread: it is asked, and no cut is given over it.
  await goTo(page, 'Check', 'Findings');
  await expect(page.getByText(/Identify it first: until then no cut is given/)).toBeVisible();
});

test('the plate: what is wrong with it stands at its place, another gas stops, the hook-up is ticked', async ({
  page,
  request,
  app,
}) => {
  const run = await makeJob(request, app.url);
  const bare = makeRun([
    [0, 'down', 40],
    [1, 'right', 10, { terminal: kiln({ what: null }) }],
  ]);
  await writeRun(request, app.url, run, bare);
  await openRun(page, run.layOut);
  await goTo(page, 'Check', 'Drops');
  await expect(page.getByTestId('verdict')).toHaveText('kind not said');
  await page.getByRole('button', { name: 'Say what it is' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('kind').selectOption('range');
  const input = dialog.getByLabel('input', { exact: true });
  await input.fill('80000');
  await dialog.getByRole('button', { name: 'Keep it' }).click();
  await expect(dialog.getByText(/without a unit/)).toBeVisible();
  await expectAccessible(page, 'plate');
  await input.fill('1e9 Btu/h');
  await dialog.getByRole('button', { name: 'Keep it' }).click();
  await expect(dialog.getByText(/no such appliance takes more than/)).toBeVisible();
  await input.fill('24 kW');
  await dialog.getByLabel('net or gross, by the plate').selectOption('net');
  await dialog.getByLabel('set for').selectOption('lp');
  await expect(dialog.getByText(/Stop\. The job is natural gas/)).toBeVisible();
  await dialog.getByRole('button', { name: 'Keep it' }).click();
  await expect(page.getByTestId('verdict')).toHaveText('none asked for');
  await expect(page.getByText('range, 24 kW net, set for LP gas (propane)')).toBeVisible();
  await expect(page.getByRole('alert')).toContainText('converted by its maker’s kit');
  const item = page.getByRole('checkbox', { name: 'A second wrench held the inlet' });
  const taken = waitForTaken(page, '/events');
  await item.click();
  await expect(page.getByText('A second wrench held the inlet, by Ada Quill')).toBeVisible();
  await taken;
  await page.reload();
  await expect(page.getByRole('heading', { name: 'At the hook-up: 1 of 6 looked at' })).toBeVisible();
  await item.click();
  await expect(page.getByRole('heading', { name: 'At the hook-up: 0 of 6 looked at' })).toBeVisible();
});
