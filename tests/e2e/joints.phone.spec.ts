import { expectAccessible } from '#support/axe.ts';
import type { Page } from '@playwright/test';
import { BAKERY_SPECIMENS } from '../../scripts/demo-specimens.ts';
import { standardThreads } from '#core/catalogue';
import { makeSpecimen } from '#core/identify';
import { expect, goTo, makeId, makeJob, openRunWith, readLegs, test, understand } from '#support/e2e.ts';

/** The one of them that is not told apart. */
const TIE = BAKERY_SPECIMENS.find(
  (input) => makeSpecimen(standardThreads, input).verdict.kind === 'tie',
)!.name;

const verdict = (page: Page) => page.getByRole('region', { name: 'Verdict' });
/** The selects of one of the two ends, in the order in which they stand. */
const pick = (page: Page, end: 0 | 1, which: number) =>
  page.locator('fieldset').nth(end).locator('select').nth(which);
/** In the hand ends are named; the lists are opened by whoever wants them. */
async function openLists(page: Page): Promise<void> {
  const summaries = page.getByText('or pick it from lists');
  // What lists elements does not wait for them, and a page drawn on the device has none at first.
  await expect(summaries).toHaveCount(2);
  for (const summary of await summaries.all()) await summary.tap();
}

test('ends are named as a fitter says them, and the verdict stays in sight', async ({ page, app }) => {
  await page.goto(`${app.url}/joints`);
  const [one, other] = [page.getByLabel('type its name').first(), page.getByLabel('type its name').last()];
  await one.fill('8 mm copper');
  await page.getByRole('button', { name: '8 mm copper tube' }).tap();
  await expect(page.locator('fieldset').first()).toContainText('8 mm copper tube');
  await other.fill('three eighths flaer nut');
  await other.press('Enter');
  await expect(verdict(page)).toContainText('Looks like it makes, and never seals');
  await expect(page.locator('.always')).toBeInViewport();
  await page.mouse.wheel(0, 1200);
  await expect(page.locator('.always')).toBeInViewport();
  await one.fill('half inch hard copper acr');
  await one.press('Enter');
  await other.fill('half inch flare nut');
  await other.press('Enter');
  await expect(verdict(page)).toContainText('Soft tube only');
  await one.fill('3/4 npt wibble');
  await expect(page.getByText('Not understood: wibble')).toBeVisible();
  await expectAccessible(page, 'two ends, not understood');
  // No old answer stands for a name that is not understood, nor for one that several ends have.
  await expect(page.locator('fieldset').first()).toContainText('“3/4 npt wibble”, not chosen yet');
  await expect(verdict(page)).not.toContainText('Soft tube only');
  await one.fill('1/2 ips');
  await one.press('Enter');
  await expect(page.getByText('3 ends are called that')).toBeVisible();
  await page.getByRole('button', { name: '1/2 IPS SDR 11 polyethylene' }).tap();
  await expect(page.locator('fieldset').first()).toContainText('1/2 IPS SDR 11 polyethylene');
});

test('what joins two ends is named for the counter, drawn, and counted; what nothing joins says why', async ({
  page,
  app,
}) => {
  await page.goto(`${app.url}/joints`);
  const name = async (which: 'first' | 'last', said: string, picked: string) => {
    const field =
      which === 'first' ? page.getByLabel('type its name').first() : page.getByLabel('type its name').last();
    await field.fill(said);
    await field.press('Enter');
    await expect(page.locator('fieldset').nth(which === 'first' ? 0 : 1)).toContainText(picked);
  };
  const joins = page.getByRole('region', { name: 'What joins them' });
  const best = joins.getByRole('listitem', { name: 'Chain 1' });
  await expect(joins).toContainText('Nothing is needed: they make as they are');
  await name('last', '1/2 r male', 'R');
  await expect(best).toContainText('1/2 female NPT × 1/2 female Rp brass American-to-British adapter');
  await expect(best.getByRole('img', { name: /cut open between .* 2 leak points\.$/ })).toBeVisible();
  await best.getByText('Its joints').tap();
  await expect(best.getByText('Gas-rated sealant required').first()).toBeVisible();
  await name('first', '1 ips sdr 11', '1 IPS SDR 11');
  await name('last', '1 npt male', 'NPT male');
  await expect(joins.getByText(/1 IPS SDR 11 stab × 1 female NPT adapter/)).toBeVisible();
  // Between two that are fixed: a union, with a seat more to look at.
  await name('first', '1 npt male', 'NPT male');
  await expect(best).toContainText('coupling');
  await joins.getByText('How it is asked').tap();
  await joins.getByRole('group', { name: 'One end' }).getByLabel('and').selectOption('is fixed');
  await expect(best).toContainText('1 black malleable union');
  await expect(best).toContainText('3 leak points');
  await joins.getByText(/^What is not offered here/).tap();
  await expect(joins).toContainText('A conduit coupling or a thread protector');
  await openLists(page);
  await pick(page, 0, 1).selectOption('garden-hose');
  await expect(joins).toContainText('never for gas: no adapter makes it a gas joint');
});

test('two ends are put together: what makes, what only seems to, what does not start, what is asked', async ({
  page,
  app,
}) => {
  await page.goto(`${app.url}/joints`);
  await expect(verdict(page)).toContainText('Makes');
  await expect(verdict(page)).toContainText('Gas-rated sealant required');
  await openLists(page);
  const lens = page.getByRole('img', { name: /^Cut open, to scale/ });
  await expect(lens).toBeVisible();
  // An R male in the same bore: said loudest, and drawn as it would be.
  await pick(page, 0, 1).selectOption('r');
  await expect(verdict(page)).toContainText('Looks like it makes, and never seals');
  await expectAccessible(page, 'two ends that never seal');
  await expect(verdict(page)).toContainText('goes in about 4 turns and binds');
  await expect(page.getByRole('img', { name: /seals nowhere.*55° against 60°/ })).toBeVisible();
  // Another size.
  await pick(page, 0, 1).selectOption('npt');
  await pick(page, 1, 2).selectOption('3/4');
  await expect(verdict(page)).toContainText('Does not start');
  await expect(page.getByRole('img', { name: /^Apart, to one scale/ })).toBeVisible();
  // The swivel: by its seat.
  await pick(page, 1, 1).selectOption('npsm');
  await pick(page, 1, 2).selectOption('1/2');
  await expect(verdict(page)).toContainText('has nothing to seal on');
  await pick(page, 0, 4).selectOption('unknown');
  await expect(verdict(page)).toContainText('Makes only if');
  await expect(verdict(page)).toContainText('a real 30° seat on both');
  await pick(page, 0, 0).selectOption('unknown');
  await expect(verdict(page)).toContainText('Stop and ask');
  await page.getByRole('button', { name: 'The whole joint' }).click();
  await expect(page.getByRole('button', { name: 'The whole joint' })).toHaveAttribute('aria-pressed', 'true');
});

test('a specimen of the job meets an end; one that is not told apart is asked about', async ({
  page,
  request,
  app,
}) => {
  const { job } = await makeJob(request, app.url);
  for (const input of BAKERY_SPECIMENS) {
    const id = makeId();
    const readings = input.readings.map((reading, i) => ({ ...reading, id: `${id}r${i}` }));
    const kept = await request.post(`${app.url}/api/jobs/${job}/specimens`, {
      headers: { origin: app.url },
      data: { ...input, id, readings },
    });
    expect(kept.status()).toBe(200);
  }
  await page.goto(`${app.url}/jobs/${job}/identify`);
  await understand(page);
  await page.getByRole('link', { name: 'Two ends' }).click();
  await openLists(page);
  await pick(page, 0, 0).selectOption('specimen');
  await pick(page, 0, 1).selectOption({ label: 'Riser in the cellar' });
  await pick(page, 1, 2).selectOption('1');
  await expect(verdict(page)).toContainText('Makes');
  // The oven's inlet is British: it must not go into an American fitting of its size.
  await pick(page, 0, 1).selectOption({ label: 'Oven inlet' });
  await pick(page, 1, 2).selectOption('3/4');
  await expect(verdict(page)).toContainText('never seals');
  // One that may be two things.
  await pick(page, 0, 1).selectOption({ label: TIE });
  await expect(verdict(page)).toContainText('Stop and ask');
});

test('a joint says whether it makes, where it seals and how tight; clocked, its cut follows', async ({
  page,
  request,
  app,
}) => {
  await openRunWith(page, request, app.url, [
    ['r', '40'],
    ['u', '30'],
  ]);
  const before = (await readLegs(page))[0];
  await page
    .getByRole('table', { name: /Legs of the run/ })
    .getByRole('button', { name: /^1/ })
    .click();
  await page.getByRole('button', { name: 'Why? cut of leg 1' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('button', { name: /^Joint B: 90° elbow/ }).click();
  await expect(dialog.getByText('Makes, if gas-rated sealant is on the male')).toBeVisible();
  await expect(dialog.getByText(/of tape for 3 wraps/)).toBeVisible();
  await expect(dialog.getByText(/threads showing/).first()).toBeVisible();
  // A thread of an inch, 0.5625 of it in: 7/16 show, 14 threads an inch.
  await dialog.getByLabel('your thread, from its end to the last scratch').fill('1');
  await dialog.getByLabel('your thread, from its end to the last scratch').press('Enter');
  await expect(dialog.getByText('6.1 of yours', { exact: true })).toBeVisible();
  // Up is wanted; hand-tight it points 90° on: the only stop in 2 to 3½ is 2¾ turns.
  const hand = dialog.getByRole('slider', { name: 'Where it points hand-tight' });
  await hand.focus();
  await page.keyboard.press('PageUp');
  await page.keyboard.press('PageUp');
  await expect(hand).toHaveAttribute('aria-valuetext', '90 degrees clockwise from up');
  await expect(
    dialog.getByRole('radio', { name: /^2¾ turns past hand-tight, 0\.53543 in in/ }),
  ).toBeVisible();
  await expect(dialog.getByRole('radio', { name: /turns past hand-tight/ })).toHaveCount(1);
  // Already up hand-tight: two whole turns or three.
  await page.keyboard.press('PageDown');
  await page.keyboard.press('PageDown');
  await dialog
    .getByRole('radio', { name: /^2 turns past hand-tight, .*leg 1 is cut 3 ft 3 3\/16 in/ })
    .check();
  await expect(dialog.getByText('0.48186 in', { exact: true }).first()).toBeVisible();
  await page.keyboard.press('Escape');
  await expect.poll(async () => (await readLegs(page))[0]).toContain('3 ft 3 3/16 in');
  await page.getByRole('button', { name: /^Undo: a joint of leg 1 clocked/ }).click();
  await expect.poll(async () => (await readLegs(page))[0]).toBe(before);
});

test('a house rule is changed at the joint it decided; a window too narrow for any stop says what to change', async ({
  page,
  request,
  app,
}) => {
  await openRunWith(page, request, app.url, [
    ['r', '40'],
    ['u', '30'],
  ]);
  await page
    .getByRole('table', { name: /Legs of the run/ })
    .getByRole('button', { name: /^1/ })
    .click();
  await page.getByRole('button', { name: 'Why? cut of leg 1' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('button', { name: /^Joint B: 90° elbow/ }).click();
  await expect(dialog.getByText(/With it turns what is made up on it by then, of leg 2/)).toBeVisible();
  await dialog.getByRole('button', { name: 'Change the house rule Sealant on a taper thread' }).click();
  await dialog.getByRole('radio', { name: /^Sealing cord/i }).check();
  await expect(dialog.getByText(/By the house rule sealing cord listed for gas/)).toBeVisible();
  await expect(dialog.getByText(/of tape for 3 wraps/)).toHaveCount(0);
  await expect(dialog.getByRole('status').filter({ hasText: 'Decided anew' })).toContainText(
    'no joint and no cut',
  );
  await dialog.getByRole('button', { name: 'Change the house rule How tight' }).click();
  await dialog.getByRole('radio', { name: /^Turns in a window of our own/ }).check();
  await expectAccessible(page, 'a rule at its joint');
  const window = dialog.getByRole('group', { name: 'NPT, sizes up to 2' });
  await window.getByRole('textbox').first().fill('9');
  await window.getByRole('textbox').first().press('Tab');
  await expect(window.getByRole('alert')).toContainText(
    'Read “9”. Turns past hand-tight are a number from 0 to 6',
  );
  await window.getByRole('textbox').first().fill('2.25');
  await window.getByRole('textbox').first().press('Tab');
  await window.getByRole('textbox').last().fill('2.75');
  await window.getByRole('textbox').last().press('Tab');
  // Up is wanted and hand-tight it points up already: two turns are too few, three too many.
  const none = dialog.getByRole('region', { name: 'Clocking' }).getByRole('alert');
  await expect(none).toContainText(
    'No stop lies between 2.25 and 2.75 turns past hand-tight: 2 turns is too loose, 3 turns too tight',
  );
  await expect(none).toContainText('another nipple');
  // Turned by the hand to the right: now 2¾ is inside.
  const hand = dialog.getByRole('slider', { name: 'Where it points hand-tight' });
  await hand.scrollIntoViewIfNeeded();
  const dial = (await dialog.getByRole('group', { name: /^Clocking dial/ }).boundingBox())!;
  const at = (degrees: number) => {
    const [t, r] = [(degrees * Math.PI) / 180, dial.width * 0.29];
    return [dial.x + dial.width / 2 + Math.sin(t) * r, dial.y + dial.height / 2 - Math.cos(t) * r] as const;
  };
  await page.mouse.move(...at(0));
  await page.mouse.down();
  for (const degrees of [30, 60, 90]) await page.mouse.move(...at(degrees), { steps: 3 });
  await page.mouse.up();
  await expect(hand).toHaveAttribute('aria-valuetext', '90 degrees clockwise from up');
  await expect(none).toHaveCount(0);
  await expect(dialog.getByRole('radio', { name: /^2¾ turns past hand-tight/ })).toBeVisible();
});

test('what the house forbids is said on two ends that would make, and the job’s own rules decide', async ({
  page,
  request,
  app,
}) => {
  const { job } = await makeJob(request, app.url);
  const keep = async (wanted: object) => {
    const { value } = (await (await request.get(`${app.url}/api/jobs/${job}`)).json()) as {
      value: { ruleChoices: object };
    };
    const put = await request.put(`${app.url}/api/jobs/${job}/rules`, {
      headers: { origin: app.url },
      data: { was: value.ruleChoices, wanted },
    });
    expect(put.status()).toBe(200);
  };
  const open = async () => {
    await page.goto(`${app.url}/jobs/${job}/joints`);
    await openLists(page);
    await page.locator('fieldset').first().getByLabel('metal').selectOption('galvanised');
  };
  await open();
  await expect(verdict(page)).toContainText('Makes, and the house rule forbids it');
  await expect(verdict(page)).toContainText('Galvanised on gas: Forbidden');
  await keep({ galvanised: { option: 'existing-only' } });
  await open();
  await expect(verdict(page)).toContainText('it stands already: nothing new is added to it');
  await keep({
    galvanised: { option: 'own', name: 'In the yard only', reason: 'The gas board allows it there.' },
  });
  await open();
  await expect(verdict(page)).toContainText('it keeps to the way of the house: In the yard only');
  await keep({ galvanised: { option: 'allowed' } });
  await open();
  await expect(verdict(page).locator('p').first()).toHaveText('Makes');
});

test('at the vise each joint is seen cut open, and all of it is one tap away', async ({
  page,
  request,
  app,
}) => {
  await openRunWith(page, request, app.url, [
    ['r', '40'],
    ['u', '30'],
  ]);
  await goTo(page, 'Make', 'Vise');
  await expect(page.getByText(/^piece 1 of/)).toBeVisible();
  const lens = page.getByRole('img', { name: /^The joint cut open, to scale: pipe in the 90° elbow/ });
  // In the hand it opens when asked for.
  if (!(await lens.isVisible())) await page.getByText('The joint cut open').first().click();
  await expect(lens).toBeVisible();
  await page.getByRole('button', { name: 'All of joint B' }).click();
  await expect(page.getByRole('dialog').getByText('Where it seals.')).toBeVisible();
});
