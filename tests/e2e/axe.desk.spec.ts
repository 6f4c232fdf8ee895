import { expectAccessible } from '../support/axe.ts';
import {
  addLegByKeys,
  expect,
  goTo,
  makeJob,
  openHistory,
  openRun,
  openRunWith,
  startTestApp,
  test,
  writeRun,
  onServer,
  understand,
} from '../support/e2e.ts';
import { makeRun } from '../support/make-run.ts';
import { kiln, withParts } from '../support/make-trap.ts';

test.describe('accessibility', () => {
  // One look of axe at a full screen takes seconds.
  test.setTimeout(120_000);

  test('jobs: list, new, its errors, one job, its form', async ({ page, request, app }) => {
    const { job } = await makeJob(request, app.url);
    await page.goto(app.url);
    await expect(page.getByRole('link', { name: `Job ${job}` })).toBeVisible();
    await expectAccessible(page, 'jobs');
    await page.goto(`${app.url}/jobs/new`);
    await expectAccessible(page, 'new job');
    await page.getByRole('button', { name: 'Open the job and lay out' }).click();
    await expect(page.getByRole('alert')).toBeVisible();
    await expectAccessible(page, 'new job with an error');
    await page.goto(`${app.url}/jobs/${job}`);
    await expect(page.getByRole('dialog')).toBeVisible();
    await expectAccessible(page, 'caution');
    await understand(page);
    await expectAccessible(page, 'job');
    await page.getByRole('button', { name: 'Change these' }).click();
    await expectAccessible(page, 'job form');
  });

  test('write, its errors, the words', async ({ page, request, app }) => {
    const run = await openRunWith(page, request, app.url, [
      ['u', '48'],
      ['r', '30'],
    ]);
    await page.goto(run.layOut.replace('lay-out', 'write'));
    await expect(page.getByText('the run as it stands, 2 legs')).toBeVisible();
    await expectAccessible(page, 'write');
    await page.getByRole('textbox', { name: /The run in shorthand/ }).focus();
    await page.keyboard.press('Control+End');
    await page.keyboard.insertText('rihgt 20');
    await expect(page.getByText(/Did you mean “right”/)).toBeVisible();
    await expectAccessible(page, 'write with an error');
    await page.goto(`${app.url}/shorthand`);
    await expectAccessible(page, 'the words');
  });

  test('history, files, what is in a file', async ({ page, request, app }) => {
    const run = await openRunWith(page, request, app.url, [
      ['u', '48'],
      ['r', '30'],
    ]);
    await openHistory(page);
    await page.getByRole('button', { name: /^1 leg 1 added/ }).click();
    await expectAccessible(page, 'history');
    await goTo(page, 'Check');
    await expect(page.getByRole('heading', { name: /joints: places to look at/ })).toBeVisible();
    await expectAccessible(page, 'check');
    await page.goto(run.cut);
    await page.getByRole('button', { name: 'Files' }).click();
    await expectAccessible(page, 'files of a run');
    await page.goto(app.url);
    const buffer = Buffer.from('{"porthole":"job","version":9,"job":{"name":"A job"},"runs":[]}');
    await page
      .getByLabel('Import a file…')
      .setInputFiles({ name: 'a.json', mimeType: 'application/json', buffer });
    await expect(page.getByText(/It can be looked at here/)).toBeVisible();
    await expectAccessible(page, 'a newer file');
  });

  test('drops: a wrong trap in the lens, how it is put right, the plate', async ({ page, request, app }) => {
    const run = await makeJob(request, app.url);
    const legs = [
      [0, 'down', 40],
      [1, 'right', 10, { terminal: kiln({ gas: 'lp' }) }],
      [1, 'down', 4.155, { cap: true }],
    ] as const;
    await writeRun(request, app.url, run, withParts(makeRun(legs), [[1, 'valve', 0.4], [1, 'union', 0.7]])); // prettier-ignore
    await openRun(page, run.layOut.replace('lay-out', 'drops'));
    await expect(page.getByTestId('verdict')).toHaveText('too short');
    await page.getByRole('button', { name: 'Let it flow' }).click();
    await page.getByRole('button', { name: 'Stop' }).click();
    await expectAccessible(page, 'drops');
    await page.getByRole('button', { name: 'Put it right' }).click();
    await expect(page.getByRole('dialog').getByText('to buy')).toBeVisible();
    await expectAccessible(page, 'put right');
    await page.getByRole('button', { name: 'Close' }).click();
    await page.getByRole('button', { name: 'Its plate' }).click();
    await expect(page.getByLabel('inlet’s centre down to the floor')).toBeVisible();
    await expectAccessible(page, 'plate');
  });

  test('quick cut: what is asked, a cut with its list, its reason, into a job; with gloves', async ({
    page,
    app,
  }) => {
    const press = (name: string) => page.getByRole('button', { name, exact: true }).click();
    await page.goto(`${app.url}/quick-cut`);
    await expect(page.getByRole('button', { name: 'R 1/2' })).toBeVisible();
    await expectAccessible(page, 'quick cut, the size');
    await press('3/4');
    await expectAccessible(page, 'quick cut, an end');
    await press('valve');
    await press('45° elbow');
    await expectAccessible(page, 'quick cut, the length of a valve');
    await press('3');
    await press('That is its length');
    await page.getByLabel('Measure', { exact: true }).fill('43 1/4');
    await press('Next, the same again');
    await page.getByLabel('Measure', { exact: true }).fill('26');
    await page.evaluate(() => (document.documentElement.dataset['hands'] = 'gloves'));
    await expectAccessible(page, 'quick cut, a cut');
    await press('Put it into a job…');
    await expect(page.getByRole('dialog')).toBeVisible();
    await expectAccessible(page, 'quick cut, into a job');
  });

  test('two ends: named, not understood', async ({ page, app }) => {
    await page.goto(`${app.url}/joints`);
    await page.getByLabel('type its name').first().fill('half inch flare');
    await page.getByLabel('type its name').last().fill('wibble npt');
    await expect(page.getByText('Not understood: wibble')).toBeVisible();
    await expectAccessible(page, 'two ends');
  });

  test('identify: empty, refused, a tie', async ({ page, app }) => {
    await page.goto(`${app.url}/identify`);
    await expect(page.getByText('Nothing measured yet')).toBeVisible();
    await expectAccessible(page, 'empty bench');
    await page.getByLabel(/^Diameter/).fill('40');
    await page.getByRole('button', { name: 'Take this reading' }).click();
    await expectAccessible(page, 'reading refused');
    await page.getByLabel(/^Diameter/).fill('1.03');
    await page.getByRole('button', { name: 'Take this reading' }).click();
    await page.getByLabel('or answer another').selectOption('leaf');
    await page.getByText('14', { exact: true }).click();
    await page.getByRole('button', { name: 'Take this reading' }).click();
    await expect(page.getByRole('region', { name: 'Verdict' })).toContainText('Cannot be told apart');
    await expectAccessible(page, 'tie');
  });

  test('identify: every simulated instrument', async ({ page, app }) => {
    await page.goto(`${app.url}/identify`);
    await page.getByRole('button', { name: 'Take one from the tray' }).click();
    for (const ask of ['diameter', 'leaf', 'flank', 'seat', 'gender', 'count']) {
      await page.getByLabel('or answer another').selectOption(ask);
      await expectAccessible(page, `simulated ${ask}`);
    }
  });

  test('pipe and tube, thread chart', async ({ page, app }) => {
    await page.goto(`${app.url}/identify/pipe`);
    await page.getByRole('button', { name: 'plastic', exact: true }).click();
    await page.getByLabel('As printed on the pipe').fill('1 IPS SDR 11 .097 WALL');
    await expectAccessible(page, 'pipe and tube');
    // One family: every row is made alike, and a look at all of them takes a minute.
    await page.goto(`${app.url}/threads?family=npsm`);
    await expect(page.getByRole('table')).toBeVisible();
    await expectAccessible(page, 'thread chart');
  });

  test('specimens of a job: none, one, no such job', async ({ page, request, app }) => {
    const { job } = await makeJob(request, app.url);
    await page.goto(`${app.url}/jobs/${job}/identify`);
    await understand(page);
    await expectAccessible(page, 'specimens, none');
    await page.getByLabel('or answer another').selectOption('gender');
    await page.getByRole('button', { name: /^male/ }).click();
    await page.getByRole('button', { name: 'Keep it' }).click();
    await expect(page.getByText('on the server', { exact: false }).first()).toBeVisible();
    await expectAccessible(page, 'specimens, one');
    await page.goto(`${app.url}/jobs/nosuchjob0/identify`);
    await expect(page.getByRole('heading', { name: 'No such job' })).toBeVisible();
    await expectAccessible(page, 'identify, no such job');
  });

  test('empty and error states', async ({ page, problems }) => {
    expect(problems).toEqual([]);
    const own = await startTestApp();
    try {
      await page.goto(own.url);
      await expect(page.getByRole('heading', { name: 'No job yet' })).toBeVisible();
      await expectAccessible(page, 'no jobs');
      await page.goto(`${own.url}/nowhere`);
      await expectAccessible(page, 'not found');
      await page.goto(`${own.url}/jobs/nosuchjob/runs/nosuchrun/lay-out`);
      await expect(page.getByRole('heading', { name: 'The run cannot be opened' })).toBeVisible();
      await expectAccessible(page, 'unknown run');
      own.proxy.pull();
      await page.goto(own.url);
      await expect(page.getByRole('alert')).toBeVisible({ timeout: 15_000 });
      await expectAccessible(page, 'database away');
    } finally {
      await own.close();
    }
  });

  test('lay out: empty, typing, errors, runs', async ({ page, request, app }) => {
    const run = await makeJob(request, app.url, { people: ['Ada Quill', 'Bo Reeve'] });
    await openRun(page, run.layOut);
    await expectAccessible(page, 'empty run');
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
    ] as const) {
      await addLegByKeys(page, way, measure);
    }
    await page.getByRole('button', { name: /^Grow from the coupling/ }).click();
    await page.keyboard.press('m');
    await page.keyboard.type('d22');
    await expectAccessible(page, 'a leg being typed');
    await page.keyboard.press('Enter');
    await page.getByRole('button', { name: /^2 3 ft/ }).click();
    await expectAccessible(page, 'a leg picked');
  });

  test('two ends: what makes, and what only seems to', async ({ page, app }) => {
    await page.goto(`${app.url}/joints`);
    await expect(page.getByRole('region', { name: 'Verdict' })).toContainText('Makes');
    await expectAccessible(page, 'two ends');
    await page.locator('fieldset').first().locator('select').nth(1).selectOption('r');
    await expect(page.getByRole('region', { name: 'Verdict' })).toContainText('never seals');
    await expectAccessible(page, 'two ends that never seal');
  });

  test('house rules of the shop, and one of its own being written', async ({ page, app }) => {
    await page.goto(`${app.url}/rules`);
    await expect(page.getByRole('heading', { name: 'Sediment traps' })).toBeVisible();
    const nipple = page.getByRole('group', { name: 'Nipple of a sediment trap' });
    await nipple.getByRole('button', { name: 'Another way, with its reason' }).click();
    await nipple.getByRole('button', { name: 'Add it' }).click();
    await expectAccessible(page, 'house rules');
  });

  test('a job being finished, finished, its rules and its run', async ({ page, request, app }) => {
    const run = await openRunWith(page, request, app.url, [['r', '40']]);
    await expect(onServer(page)).toBeVisible();
    await page.goto(`${app.url}/jobs/${run.job}`);
    await page.getByRole('button', { name: 'Finish the job…' }).click();
    await page.getByLabel('It was not proved').check();
    await page.getByLabel('How was it left safe?').fill('Shut off at the meter.');
    await expectAccessible(page, 'finishing');
    await page.getByRole('button', { name: 'Close it all the same' }).click();
    await expect(page.getByRole('button', { name: 'Open it again…' })).toBeVisible();
    await expectAccessible(page, 'finished');
    await page.goto(run.layOut);
    await expect(page.getByText('it can be read, printed and exported').first()).toBeVisible();
    await expectAccessible(page, 'a finished run');
  });

  test('a house rule changed at its joint', async ({ page, request, app }) => {
    await openRunWith(page, request, app.url, [
      ['r', '40'],
      ['u', '30'],
    ]);
    await page.getByRole('button', { name: /^1 3 ft/ }).click();
    await page.getByRole('button', { name: 'Why? cut of leg 1' }).click();
    await page.getByRole('button', { name: /^Joint B/ }).click();
    await page.getByRole('button', { name: 'Change the house rule How tight' }).click();
    await page.getByRole('radio', { name: /^Turns in a window of our own/ }).check();
    await expect(page.getByRole('group', { name: 'NPT, sizes up to 2' })).toBeVisible();
    await expectAccessible(page, 'a rule at its joint');
  });

  test('the tape on a leg', async ({ page, request, app }) => {
    await openRunWith(page, request, app.url, [
      ['u', '48'],
      ['r', '30'],
    ]);
    await page.getByRole('button', { name: 'Lay the tape on leg 2' }).click();
    await expect(page.getByRole('slider').first()).toBeVisible();
    await expectAccessible(page, 'the tape');
  });

  test('lay out: dialogs of an end, a measure and a leg', async ({ page, request, app }) => {
    await openRunWith(page, request, app.url, [
      ['u', '30'],
      ['r', '43 1/4'],
      ['d', '20'],
    ]);
    await page
      .getByRole('button', { name: 'Change open end' })
      .or(page.getByRole('button', { name: /^Change the open end/ }))
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
    await page.getByRole('button', { name: /^2 3 ft/ }).click();
    await page.getByRole('button', { name: 'Change leg 2' }).click();
    const leg = page.getByRole('dialog', { name: 'Leg 2' });
    await leg.getByRole('button', { name: 'Half way, by eye' }).click();
    await leg.getByRole('button', { name: 'Add a measure' }).click();
    await leg.getByRole('textbox', { name: 'to its centre' }).fill('x');
    await leg.getByRole('textbox', { name: 'to its centre' }).press('Tab');
    await expectAccessible(page, 'a leg');
  });

  test('lay out: dialogs of a cut, a joint, the rules and the keys', async ({ page, request, app }) => {
    await openRunWith(page, request, app.url, [
      ['u', '30'],
      ['r', '43 1/4'],
      ['d', '20'],
    ]);
    await page.getByRole('button', { name: /^2 3 ft/ }).click();
    await page.getByRole('button', { name: 'Why? cut of leg 2' }).click();
    await expectAccessible(page, 'why a cut');
    await page.getByRole('button', { name: /^Joint A/ }).click();
    await expectAccessible(page, 'why a joint');
    await page.keyboard.press('Escape');
    await page.getByRole('button', { name: 'House rules' }).click();
    await page.getByRole('radio', { name: /Own measured/ }).check();
    await expectAccessible(page, 'house rules');
    await page.keyboard.press('Escape');
    await page.keyboard.press('?');
    await expectAccessible(page, 'keys');
    await page.keyboard.press('Escape');
    await page.getByRole('button', { name: /Smell of gas/ }).click();
    await expectAccessible(page, 'smell of gas');
  });

  test('tube: laid out, unrolled, its bend, the bender, its cut sheet', async ({ page, request, app }) => {
    const run = await makeJob(request, app.url);
    const flared = { material: 'copper-flared', size: '3/8 ACR' } as const;
    const csst = { material: 'csst', size: '1/2' } as const;
    const doc = makeRun([
      [0, 'right', 26, flared],
      [1, 'down', 31.5, flared],
      [2, 'out', 16.25, flared],
    ]);
    await writeRun(request, app.url, run, doc);
    await openRun(page, run.layOut);
    await page.getByRole('button', { name: 'Lay the tape on leg 3' }).click();
    await expect(page.getByRole('heading', { name: 'Tube 1, unrolled' })).toBeVisible();
    await expectAccessible(page, 'a tube unrolled');
    await page.getByRole('button', { name: 'Put the tape away' }).click();
    await page.getByRole('button', { name: 'Grow from the 90° bend at the end of leg 1' }).click();
    await page.getByRole('button', { name: /^Change the 90° bend/ }).click();
    await expectAccessible(page, 'a bend');
    await page.keyboard.press('Escape');
    await goTo(page, 'Make', 'Vise');
    await page.getByRole('button', { name: 'Next bend' }).click();
    await expectAccessible(page, 'at the bender');
    await goTo(page, 'Make', 'Cut sheet');
    await expectAccessible(page, 'cut sheet of tube');
    const mixed = await makeJob(request, app.url);
    await writeRun(request, app.url, mixed, makeRun([[0, 'right', 40], [1, 'right', 76, csst], [2, 'up', 24, csst]])); // prettier-ignore
    await page.goto(mixed.layOut);
    await expect(page.getByText(/of slack and/)).toBeVisible();
    await expectAccessible(page, 'corrugated tubing');
  });

  test('cut sheet: empty, full, a refused record', async ({ page, request, app }) => {
    const run = await makeJob(request, app.url, { people: ['Ada Quill', 'Bo Reeve'] });
    await openRun(page, run.cut);
    await expectAccessible(page, 'nothing to cut');
    await page.getByRole('main').getByRole('link', { name: 'Lay out' }).click();
    for (const [way, measure] of [
      ['u', '30'],
      ['r', '43 1/4'],
      ['d', '1.25'],
    ] as const)
      await addLegByKeys(page, way, measure);
    await goTo(page, 'Make', 'Cut sheet');
    await page.getByLabel('As cut, piece 2').fill('41');
    await page.getByLabel('As cut, piece 2').press('Tab');
    await expect(page.getByText('Say who is at the bench first')).toBeVisible();
    await expectAccessible(page, 'cut sheet');
    await goTo(page, 'Make', 'Vise');
    await expect(page.getByText(/^piece 1 of/)).toBeVisible();
    await expectAccessible(page, 'at the vise');
  });

  test('a conflict', async ({ browser, page, request, app }) => {
    const run = await makeJob(request, app.url);
    await openRun(page, run.layOut);
    await page.route('**/changes', (route) => route.abort());
    await addLegByKeys(page, 'r', '20');
    const other = await browser.newPage();
    await openRun(other, run.layOut);
    await addLegByKeys(other, 'r', '30');
    await expect(onServer(other)).toBeVisible();
    await page.unroute('**/changes');
    await expect(page.getByRole('dialog', { name: 'This run was changed elsewhere' })).toBeVisible({
      timeout: 15_000,
    });
    await expectAccessible(page, 'conflict');
    await other.close();
  });
});
