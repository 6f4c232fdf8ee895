import { expectAccessible } from '#support/axe.ts';
import { THREAD_FAMILIES } from '#core/ends';
import { standardThreads } from '#core/catalogue';
import { nameThread } from '#words/threads.ts';
import { expect, makeJob, test, understand } from '#support/e2e.ts';
import { answerWithSimulated } from '#support/simulated-hands.ts';
import type { Page } from '@playwright/test';

const SEED = 7;
const MOST_READINGS = 14;

/** The tray and the instruments draw their chances from a seed. */
const seedPage = (page: Page, seed: number) =>
  page.addInitScript((start) => {
    let state = start >>> 0;
    Math.random = () => {
      state = (state + 0x6d2b79f5) >>> 0;
      let t = Math.imul(state ^ (state >>> 15), 1 | state);
      t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
      return ((t ^ (t >>> 14)) >>> 0) / 2 ** 32;
    };
  }, seed);

const verdict = (page: Page) => page.getByRole('region', { name: 'Verdict' });
const question = (page: Page) => page.getByRole('region', { name: 'Question' });

async function read(page: Page, ask: string, fill: () => Promise<void>): Promise<void> {
  await question(page).getByRole('combobox').last().selectOption(ask);
  await fill();
}
const takeDiameter = (page: Page, typed: string, ask = 'diameter') =>
  read(page, ask, async () => {
    await page.getByLabel(/^Diameter/).fill(typed);
    await page.getByRole('button', { name: 'Take this reading' }).click();
  });
const pickAnswer = (page: Page, ask: string, name: string | RegExp) =>
  read(page, ask, () => question(page).getByRole('button', { name }).click());

/** A taper, a parallel and a flare: their instruments differ. Every family is followed by simulated hands beside the bench's state. */
for (const family of ['npt', 'g', 'jic-37'] as const) {
  test(`a ${family} thread from the tray is identified by following the suggestions (seed ${SEED})`, async ({
    page,
  }) => {
    await seedPage(page, SEED + THREAD_FAMILIES.indexOf(family));
    await page.goto('/identify');
    await page.getByLabel('Family, to practise one').selectOption(family);
    await page.getByRole('button', { name: 'Take one from the tray' }).click();
    for (let i = 0; i < MOST_READINGS; i++) {
      const said = await verdict(page).innerText();
      if (/^(Certain|Likely)/.test(said)) break;
      if (await page.getByText('Nothing more would tell').isVisible()) break;
      await answerWithSimulated(page);
    }
    await page.getByRole('button', { name: 'What was it?' }).click();
    const told = await page.getByText(/^It is .*\.$/).innerText();
    const truth = standardThreads.threads.find((thread) => told === `It is ${nameThread(thread)}.`)!;
    const said = await verdict(page).innerText();
    expect(said).toMatch(/^(Certain|Likely|Cannot be told apart)/);
    expect(said).toContain(nameThread(truth));
    await expect(page.getByLabel('Readings').getByText('simulated', { exact: true }).first()).toBeVisible();
  });
}

test('the twins of 3/4 are told apart only when something really tells them apart', async ({ page }) => {
  await page.goto('/identify');
  await pickAnswer(page, 'gender', /^male/);
  await takeDiameter(page, '1.026');
  await read(page, 'leaf', async () => {
    await page.getByText('14', { exact: true }).click();
    await page.getByRole('button', { name: 'Take this reading' }).click();
  });
  await expect(verdict(page)).toContainText('Cannot be told apart yet');
  await expect(verdict(page)).toContainText('3/4 NPT male');
  await expect(verdict(page)).toContainText('R 3/4 male');
  await expect(verdict(page)).toContainText('never seal');
  await takeDiameter(page, '1.048', 'second-diameter');
  await expect(verdict(page)).toContainText('Cannot be told apart yet');
  await pickAnswer(page, 'flank', /^60°/);
  await pickAnswer(page, 'crest', 'flat on top');
  await pickAnswer(page, 'country', /^United States/);
  await expect(verdict(page)).toContainText(/^\s*(Certain|Likely)\s*3\/4 NPT male/);
  // Taken back, the doubt is back.
  await page.getByRole('button', { name: 'Take back: 60° sits without light' }).click();
  await page.getByRole('button', { name: /^Take back: made for/ }).click();
  await expect(verdict(page)).toContainText('Cannot be told apart yet');
});

test('1-1/4 pipe is not called 1-1/2, and the by-hand check says that it lies', async ({ page }) => {
  await page.goto('/identify');
  await pickAnswer(page, 'gender', /^male/);
  await read(page, 'diameter', async () => {
    await page.getByLabel(/^Diameter/).fill('1.66');
    await page.getByText('otherwise?').tap();
    await page.getByLabel('Where').selectOption('last');
    await page.getByRole('button', { name: 'Take this reading' }).click();
  });
  await read(page, 'leaf', async () => {
    await page.getByText('11½', { exact: true }).click();
    await page.getByRole('button', { name: 'Take this reading' }).click();
  });
  await expect(page.getByLabel('Candidates').getByRole('listitem').first()).toContainText('1-1/4 NPT male');
  await expect(verdict(page)).not.toContainText('1-1/2');
  await expect(page.getByLabel('By-hand check')).toContainText('Here it lies: the tables say 1-1/4.');
});

test('impossible readings, mixed-up units and contradictions are named, and nothing is lost', async ({
  page,
}) => {
  await page.goto('/identify');
  await expect(verdict(page)).toContainText('Nothing measured yet');
  await expectAccessible(page, 'empty bench');
  await pickAnswer(page, 'gender', /^male/);
  const field = page.getByLabel(/^Diameter/);
  for (const [typed, says] of [
    ['40', 'Did you mean 40 mm'],
    ['21.3', 'Did you mean 21.3 mm (0.83858 in)'],
    ['0', 'which no thread'],
    ['900', 'which no thread'],
    ['abc', 'is not a length'],
    ['', 'No measure yet'],
  ] as const) {
    await takeDiameter(page, typed);
    await expect(question(page)).toContainText(says);
    await expect(field).toHaveValue(typed);
  }
  await takeDiameter(page, '21.3 mm');
  await pickAnswer(page, 'gender', /^female/);
  await expect(verdict(page)).toContainText('contradict each other');
  await expectAccessible(page, 'contradiction');
  await page.reload();
  await expect(page.getByLabel('Readings').getByRole('listitem')).toHaveCount(2);
  await page.getByRole('button', { name: 'Clear the bench' }).click();
  await expect(verdict(page)).toContainText('Nothing measured yet');
});

test('an instrument on the channel is read; what is no reading is refused', async ({ page }) => {
  await page.goto('/identify');
  const post = (message: unknown) =>
    page.evaluate((data) => {
      const channel = new BroadcastChannel('porthole-readings');
      channel.postMessage(data);
    }, message);
  const observation = { kind: 'leaf', perInch: 14, fit: 'fits' };
  const reading = { id: 'realreading0', instrument: 'gauge on a cable', simulated: false, observation };
  await expect(async () => {
    await post({ format: 'porthole-reading', version: 1, reading });
    await expect(page.getByLabel('Readings')).toContainText('gauge on a cable', { timeout: 1000 });
  }).toPass();
  await expect(page.getByLabel('Readings')).not.toContainText('simulated');
  await post({
    format: 'porthole-reading',
    version: 1,
    reading: { ...reading, observation: { kind: 'leaf' } },
  });
  await expect(page.getByText('An instrument sent something that is no reading')).toBeVisible();
  await expect(page.getByLabel('Readings').getByRole('listitem')).toHaveCount(1);
});

test('a specimen is kept on the job and begins a run', async ({ page, request, app }) => {
  const { job } = await makeJob(request, app.url);
  await page.goto(`/jobs/${job}/identify`);
  await understand(page);
  await expectAccessible(page, 'specimens, none');
  await pickAnswer(page, 'gender', /^female/);
  await takeDiameter(page, '0.929');
  await read(page, 'leaf', async () => {
    await page.getByText('14', { exact: true }).click();
    await page.getByRole('button', { name: 'Take this reading' }).click();
  });
  await pickAnswer(page, 'flank', /^60°/);
  await pickAnswer(page, 'taper', 'it tapers');
  await pickAnswer(page, 'country', /^United States/);
  await pickAnswer(page, 'seat', 'no seat');
  await pickAnswer(page, 'swivel', 'it does not');
  await expect(verdict(page)).toContainText('3/4 NPT female');
  await page.getByLabel('Keep as a specimen of this job').fill('Elbow in the wall');
  await page.getByRole('button', { name: 'Keep it' }).click();
  const kept = page.getByRole('region', { name: 'Specimens' }).getByRole('listitem').first();
  await expect(kept).toContainText('Elbow in the wall');
  await expect(kept).toContainText('on the server');
  await expectAccessible(page, 'specimens, one');
  await page.reload();
  await expect(kept).toContainText('3/4 NPT female');
  await kept.getByRole('button', { name: /^Begin a run here/ }).click();
  await expect(page).toHaveURL(/lay-out$/);
  const measure = page.getByLabel('Measure, centre to centre');
  await measure.focus();
  await page.keyboard.press('r');
  await page.keyboard.type('20');
  await page.keyboard.press('Enter');
  await expect(page.getByText('1 leg', { exact: false }).first()).toBeAttached();
  await expect(page.locator('body')).toContainText('3/4');
});

test('a specimen kept while the server is away goes up when it is back', async ({ page, request, app }) => {
  const { job } = await makeJob(request, app.url);
  await page.goto(`/jobs/${job}/identify`);
  await understand(page);
  await pickAnswer(page, 'gender', /^male/);
  await page.route('**/api/**', (route) => route.abort());
  await page.getByRole('button', { name: 'Keep it' }).click();
  const kept = page.getByRole('region', { name: 'Specimens' }).getByRole('listitem').first();
  await expect(kept).toContainText('on this device, not yet on the server');
  await page.unroute('**/api/**');
  await expect(kept).not.toContainText('not yet on the server', { timeout: 20_000 });
  await expect(kept).toContainText('on the server');
  const answer = await request.get(`${app.url}/api/jobs/${job}/specimens`);
  expect(await answer.json()).toMatchObject({ value: [{ name: 'Specimen 1' }] });
});

test('a specimen kept while another is on its way goes up after it', async ({ page, request, app }) => {
  const { job } = await makeJob(request, app.url);
  await page.goto(`/jobs/${job}/identify`);
  await understand(page);
  const keep = async () => {
    await pickAnswer(page, 'gender', /^male/);
    await page.getByRole('button', { name: 'Keep it' }).click();
  };
  let letGo = (): void => undefined;
  const held = new Promise<void>((resolve) => (letGo = resolve));
  await page.route('**/specimens', async (route) => {
    if (route.request().method() === 'POST') await held;
    await route.continue();
  });
  await keep();
  const kept = page.getByRole('region', { name: 'Specimens' }).getByRole('listitem');
  await expect(kept).toHaveCount(1);
  await keep();
  await expect(kept).toHaveCount(2);
  letGo();
  await expect(page.getByText('not yet on the server')).toHaveCount(0);
  await expect(kept).toHaveText([/Specimen 1.*on the server/s, /Specimen 2.*on the server/s]);
});

test('pipe by its looks, sizes by their names, print lines by their numbers', async ({ page }) => {
  await page.goto('/identify/pipe');
  await page.getByRole('button', { name: 'plastic', exact: true }).click();
  await page.getByRole('button', { name: 'red or blue' }).click();
  await expect(page.getByRole('heading', { name: /PEX/ })).toContainText('Never for gas');
  await page.getByLabel('A size as it is written').fill('8 mm');
  const names = page.getByRole('region', { name: 'Names of sizes' });
  await expect(names).toContainText('In a 5/16 flare block hole: grips');
  await expect(names).toContainText('In a 3/8 flare block hole: refused');
  await page.getByLabel('A size as it is written').fill('half');
  await expect(names).toContainText('names no size');
  await page.getByLabel('As printed on the pipe').fill('1 IPS SDR 11 PE2708 D2513 GAS .097 WALL ZZ9');
  const line = page.getByRole('region', { name: 'Polyethylene print line' });
  await expect(line).toContainText('One of them is wrong: measure the wall.');
  await expect(line).toContainText('Not understood and kept as it stands: ZZ9.');
  await page.getByLabel('And on the riser').fill('1 IPS .120 WALL');
  await expect(line).toContainText('Do not match: wall 0.097 in against 0.12 in.');
  await expectAccessible(page, 'pipe and tube');
});

test('the thread chart is filtered by what was measured', async ({ page }) => {
  await page.goto('/threads');
  await page.getByLabel('Threads an inch').fill('14');
  await page.getByLabel(/^Crests measured/).fill('0.83');
  const rows = page.getByRole('table').getByRole('rowheader');
  await expect(rows.filter({ hasText: '1/2-14 NPT' }).first()).toBeVisible();
  await expect(rows.filter({ hasText: '3/4-14 NPT' })).toHaveCount(0);
  await page.getByLabel(/^Crests measured/).fill('0.0001');
  await expect(page.getByText('which no thread on gas work measures')).toBeVisible();
  await page.getByLabel(/^Crests measured/).fill('5.4');
  await expect(page.getByText('Nothing in the chart measures that')).toBeVisible();
});

test('the caliper’s jaws are moved by keys and dragged; a reading is taken only when they touch', async ({
  page,
}) => {
  await seedPage(page, SEED);
  await page.goto('/identify');
  await page.getByLabel('Family, to practise one').selectOption('npt');
  await page.getByRole('button', { name: 'Take one from the tray' }).click();
  await question(page).getByRole('combobox').last().selectOption('diameter');
  const jaws = page.getByRole('slider', { name: /^Caliper jaws/ });
  await expect(page.getByRole('button', { name: 'Take this reading' })).toBeHidden();
  await jaws.focus();
  for (let i = 0; i < 7; i++) await page.keyboard.press('ArrowDown');
  await expect(jaws).toHaveAttribute('aria-valuetext', /first thread, touching$/);
  await page.keyboard.press('ArrowUp');
  await page.keyboard.press('ArrowRight');
  await expect(jaws).toHaveAttribute('aria-valuetext', /not touching$/);
  const box = (await jaws.locator('g path').nth(1).boundingBox())!;
  const [x, y] = [box.x + box.width / 2, box.y + Math.min(box.height / 2, 12)];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x, y - 120, { steps: 6 });
  await page.mouse.up();
  await expect(jaws).toHaveAttribute('aria-valuetext', /, touching$/);
  await page.getByRole('button', { name: 'Take this reading' }).click();
  await expect(page.getByLabel('Readings')).toContainText('simulated caliper');
});
