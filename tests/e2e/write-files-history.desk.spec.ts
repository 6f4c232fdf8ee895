import { expectAccessible } from '#support/axe.ts';
import { JOB_FILE_VERSION } from '#core/formats';
import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import {
  addLegByKeys,
  expect,
  goTo,
  makeJob,
  onServer,
  openHistory,
  openRun,
  openRunWith,
  readLegs,
  test,
} from '#support/e2e.ts';

const editor = (page: Page) => page.getByRole('textbox', { name: /The run in shorthand/ });

/** Puts a text in the place of what is written. */
async function write(page: Page, text: string): Promise<void> {
  await editor(page).focus();
  await page.keyboard.press('Control+a');
  await page.keyboard.insertText(text);
}

test('a run is written, what is wrong is told under the word, and it comes into the run as one step', async ({
  page,
  request,
  app,
}) => {
  const run = await makeJob(request, app.url);
  await openRun(page, run.layOut.replace('lay-out', 'write'));
  await expect(page.getByRole('heading', { name: 'Write the first leg' })).toBeVisible();
  await write(page, 'up 48 of 1\nrihgt 60');
  await expect(page.getByText('Read “rihgt”, which is not a word here. Did you mean “right”?')).toBeVisible();
  await expect(page.getByText('1 line cannot be read; the rest is drawn')).toBeVisible();
  await expectAccessible(page, 'write with an error');
  await expect(page.getByRole('button', { name: 'Put into the run' })).toBeDisabled();
  await write(page, 'up 48 of 1\nright 60\ndown 12');
  await expect(page.getByText('3 legs read; not in the run yet')).toBeVisible();
  // What is being written outlives the page.
  await page.reload();
  await expect(page.getByText('3 legs read; not in the run yet')).toBeVisible();
  await page.getByRole('button', { name: 'Put into the run' }).click();
  await expect(page.getByText('the run as it stands, 3 legs')).toBeVisible();
  await expectAccessible(page, 'write');
  await expect(onServer(page)).toBeVisible();
  await goTo(page, 'Measure', 'Lay out');
  await expect
    .poll(() => readLegs(page))
    .toEqual([
      // By hand, 0.8125 taken off at each elbow: 47.1875, 58.375, 11.1875.
      '1 4 ft 1 up 3 ft 11 3/16 in 90° elbow',
      '2 5 ft 1 right 4 ft 10 3/8 in 90° elbow',
      '3 1 ft 1 down 11 3/16 in open end',
    ]);
  await page.getByRole('button', { name: 'Undo: run written in shorthand' }).click();
  await expect.poll(() => readLegs(page)).toEqual([]);
});

test('undo outlives the page, and history goes back to any step as a new one', async ({
  page,
  request,
  app,
}) => {
  const run = await makeJob(request, app.url);
  await openRun(page, run.layOut);
  for (const [way, measure] of [
    ['u', '48'],
    ['r', '30'],
    ['o', '12'],
  ] as const)
    await addLegByKeys(page, way, measure);
  await expect(onServer(page)).toBeVisible();
  await page.waitForTimeout(300);
  await page.reload();
  await page.getByRole('button', { name: 'Undo: leg 3 added' }).click();
  await expect.poll(async () => (await readLegs(page)).length).toBe(2);
  await expect(onServer(page)).toBeVisible();
  await openHistory(page);
  await expect(page.getByRole('button', { name: /^4 taken back: leg 3 added/ })).toBeVisible();
  await page.getByRole('button', { name: /^3 leg 3 added/ }).click();
  await expect(page.getByText('As it was after step 3.')).toBeVisible();
  await expectAccessible(page, 'history');
  await page.getByRole('button', { name: 'Go back to this' }).click();
  await expect.poll(async () => (await readLegs(page)).length).toBe(3);
  await expect(onServer(page)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Undo: gone back to an earlier state' })).toBeEnabled();
});

test('a run goes out as SVG, DXF, PDF and CSV', async ({ page, request, app }) => {
  const run = await openRunWith(page, request, app.url, [
    ['u', '48'],
    ['r', '30'],
  ]);
  await expect(onServer(page)).toBeVisible();
  await page.goto(run.cut);
  await page.getByRole('button', { name: 'Files' }).click();
  const dialog = page.getByRole('dialog', { name: 'Files of this run' });
  await expectAccessible(page, 'files of a run');
  const wanted: [string, RegExp, string][] = [
    ['Purchase list, CSV', /length each \(in\)/, 'purchase-list-run-r2.csv'],
    ['Drawing, SVG', /<svg[\s\S]*4 ft/, 'line-run-r2.svg'],
    ['Centre lines, DXF', /LINE[\s\S]*black-iron/, 'centre-lines-run-r2.dxf'],
  ];
  for (const [button, holds, name] of wanted) {
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      dialog.getByRole('button', { name: button }).click(),
    ]);
    expect(download.suggestedFilename()).toBe(name);
    expect(readFileSync(await download.path(), 'utf8')).toMatch(holds);
  }
  const [pdf] = await Promise.all([
    page.waitForEvent('download'),
    dialog.getByRole('link', { name: 'Drawing and cut sheet, A4' }).click(),
  ]);
  expect(
    readFileSync(await pdf.path())
      .subarray(0, 5)
      .toString(),
  ).toBe('%PDF-');
  const refused = await request.get(`${app.url}/api/jobs/${run.job}/runs/${run.run}/pdf/napkin`);
  expect([refused.status(), ((await refused.json()) as { refusal: { code: string } }).refusal.code]).toEqual([
    400,
    'input-invalid',
  ]);
});

test('a job goes out and comes in again; a bad file gets a sentence', async ({ page, request, app }) => {
  const run = await makeJob(request, app.url, { name: `Out and in ${Date.now()}` });
  await openRun(page, run.layOut);
  // “On the server” stood there before the leg was entered: what is waited for is that it was taken.
  const taken = page.waitForResponse((answer) => answer.url().endsWith('/changes') && answer.ok());
  await addLegByKeys(page, 'u', '48');
  await taken;
  await page.goto(`${app.url}/jobs/${run.job}`);
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Export' }).click(),
  ]);
  const text = readFileSync(await download.path(), 'utf8');
  await page.goto(app.url);
  await expect(page.getByText('Job files of Porthole (JSON), up to 32 MB.')).toBeVisible();
  const choose = page.getByLabel('Import a file…');
  const give = (body: string, name = 'job.json') =>
    choose.setInputFiles({ name, mimeType: 'application/json', buffer: Buffer.from(body) });
  const dialog = page.getByRole('dialog');
  await give(text);
  await expect(dialog.getByText('Run (1 leg)')).toBeVisible();
  await dialog.getByRole('button', { name: 'Bring in this job' }).click();
  await expect(dialog.getByText(/was here already, the same; nothing changed/)).toBeVisible();
  await page.keyboard.press('Escape');
  await give(text.slice(0, 300));
  await expect(dialog.getByText(/breaks off or is damaged at line 1, character [23]\d\d/)).toBeVisible();
  await page.keyboard.press('Escape');
  await give('Item\tQty\n', 'list.json');
  await expect(dialog.getByText(/damaged at line 1, character 1/)).toBeVisible();
  await page.keyboard.press('Escape');
  await give(text.replace(`"version":${JOB_FILE_VERSION}`, `"version":${JOB_FILE_VERSION + 1}`));
  await expect(dialog.getByText(/It can be looked at here/)).toBeVisible();
  await expectAccessible(page, 'a newer file');
  await expect(dialog.getByRole('button', { name: /Bring in/ })).toHaveCount(0);
});

test('a file chosen before the page has its script is looked at when it has', async ({
  page,
  request,
  app,
}) => {
  const run = await makeJob(request, app.url);
  const file = await (await request.get(`${app.url}/api/jobs/${run.job}/file`)).body();
  let release = (): void => undefined;
  const held = new Promise<void>((done) => (release = done));
  await page.route(/\.js$/, async (route) => {
    await held;
    await route.continue();
  });
  await page.goto(app.url, { waitUntil: 'commit' });
  await page
    .getByLabel('Import a file…')
    .setInputFiles({ name: 'early.json', mimeType: 'application/json', buffer: file });
  release();
  await expect(page.getByRole('dialog').getByText('early.json')).toBeVisible();
});
