import type { Page } from '@playwright/test';
import { BAKERY_SPECIMENS } from '../../scripts/demo-specimens.ts';
import { standardThreads } from '#core/catalogue/standard-threads.ts';
import { makeSpecimen } from '#core/identify/specimen.ts';
import { addLegByKeys, expect, makeId, makeJob, openRun, readLegs, test } from '../support/e2e.ts';

/** The one of them that is not told apart. */
const TIE = BAKERY_SPECIMENS.find(
  (input) => makeSpecimen(standardThreads, input).verdict.kind === 'tie',
)!.name;

const verdict = (page: Page) => page.getByRole('region', { name: 'Verdict' });
/** The selects of one of the two ends, in the order in which they stand. */
const pick = (page: Page, end: 0 | 1, which: number) =>
  page.locator('fieldset').nth(end).locator('select').nth(which);

test('two ends are put together: what makes, what only seems to, what does not start, what is asked', async ({ page, app }) => {
  await page.goto(`${app.url}/joints`);
  await expect(verdict(page)).toContainText('Makes');
  await expect(verdict(page)).toContainText('Gas-rated sealant required');
  const lens = page.getByRole('img', { name: /^Cut open, to scale/ });
  await expect(lens).toBeVisible();
  // An R male in the same bore: said loudest, and drawn as it would be.
  await pick(page, 0, 1).selectOption('r');
  await expect(verdict(page)).toContainText('Looks like it makes, and never seals');
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
}); // prettier-ignore

test('a specimen of the job meets an end; one that is not told apart is asked about', async ({ page, request, app }) => {
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
  await page.getByRole('button', { name: 'Understood' }).click();
  await page.getByRole('link', { name: 'Two ends' }).click();
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
}); // prettier-ignore

test('a joint says whether it makes, where it seals and how tight; clocked, its cut follows', async ({ page, request, app }) => {
  const run = await makeJob(request, app.url);
  await openRun(page, run.layOut);
  await addLegByKeys(page, 'r', '40');
  await addLegByKeys(page, 'u', '30');
  await expect.poll(() => readLegs(page)).toHaveLength(2);
  const before = (await readLegs(page))[0];
  await page.getByRole('table', { name: /Legs of the run/ }).getByRole('button', { name: /^1/ }).click();
  await page.getByRole('button', { name: 'Why? cut of leg 1' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('button', { name: /^Joint B: 90° elbow/ }).click();
  await expect(dialog.getByText('Makes, if gas-rated sealant is on the male')).toBeVisible();
  await expect(dialog.getByText(/of tape for 3 wraps/)).toBeVisible();
  await expect(dialog.getByText(/threads showing/).first()).toBeVisible();
  // Up is wanted; hand-tight it points 90° on: the only stop in 2 to 3½ is 2¾ turns.
  const hand = dialog.getByRole('slider', { name: 'Where it points hand-tight' });
  await hand.focus();
  await page.keyboard.press('PageUp');
  await page.keyboard.press('PageUp');
  await expect(hand).toHaveAttribute('aria-valuetext', '90 degrees clockwise from up');
  await expect(dialog.getByRole('radio', { name: /^2¾ turns past hand-tight, 0\.53543 in in/ })).toBeVisible();
  await expect(dialog.getByRole('radio', { name: /turns past hand-tight/ })).toHaveCount(1);
  // Already up hand-tight: two whole turns or three.
  await page.keyboard.press('PageDown');
  await page.keyboard.press('PageDown');
  await dialog.getByRole('radio', { name: /^2 turns past hand-tight, .*leg 1 is cut 3 ft 3 3\/16 in/ }).check();
  await expect(dialog.getByText('0.48186 in', { exact: true }).first()).toBeVisible();
  await page.keyboard.press('Escape');
  await expect.poll(async () => (await readLegs(page))[0]).toContain('3 ft 3 3/16 in');
  await page.getByRole('button', { name: /^Undo: a joint of leg 1 clocked/ }).click();
  await expect.poll(async () => (await readLegs(page))[0]).toBe(before);
}); // prettier-ignore
