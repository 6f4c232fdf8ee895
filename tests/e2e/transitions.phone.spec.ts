import type { Page } from '@playwright/test';
import { expectAccessible } from '#support/axe.ts';
import { expect, goTo, makeJob, openRun, test } from '#support/e2e.ts';
import { lookAt, walkLeg, walkOn } from '#support/walk.ts';

/** Names an end as a fitter would; where several are called that the one that is meant is chosen. */
async function nameEnd(page: Page, which: 'first' | 'last', said: string, meant?: RegExp): Promise<void> {
  const field = page.getByLabel('type its name')[which]();
  await field.fill(said);
  await field.press('Enter');
  if (meant) await page.getByRole('button', { name: meant }).tap();
  await expect(field).toHaveValue('');
}

/** What a new user has in the hand and on the wall, and what the counter is asked for. */
const WALKS = [
  ['the hose’s flare nut, to a 3/4 pipe', '3/8 flare nut', '3/4 npt male', 'a connector or hose', /3\/8 OD flare × 1\/2 male NPT half union.*3\/4 × 1\/2 coupling/],
  ['8 mm copper, to an appliance elbow', '8 mm copper', '1/4 rp female', null, /8 mm brazing × 1\/4 male R adapter/],
  ['a valve with R thread, to an American run', '3/4 rp female', '3/4 npt male', null, /3\/4 female NPT × 3\/4 male R brass American-to-British adapter/],
  ['polyethylene, to the header', '1 ips sdr 11', '1 npt female', null, /1 IPS SDR 11 stab × 1 male NPT adapter/],
  ['corrugated tubing, to copper', '1/2 csst', '1/2 acr copper coil', null, /1\/2 CSST × 1\/2 .* NPT adapter.*NPT/],
] as const; // prettier-ignore

test('five joins that are met, named in the hand: each has its chain, and goes on the counter list', async ({
  page,
  app,
}) => {
  await page.goto(`${app.url}/joints`);
  const joins = page.getByRole('region', { name: 'What joins them' });
  const best = joins.getByRole('listitem', { name: 'Chain 1' });
  await joins.getByText('How it is asked').tap();
  for (const [what, one, other, on, chain] of WALKS) {
    await nameEnd(page, 'first', one);
    await nameEnd(page, 'last', other);
    if (on) await joins.getByRole('group', { name: 'One end' }).getByLabel('is on').selectOption(on);
    await expect(joins.getByText(chain).first(), what).toBeVisible();
    await lookAt(page, what.replace(/\W+/g, '-'), true);
    if (on)
      await joins
        .getByRole('group', { name: 'One end' })
        .getByLabel('is on')
        .selectOption('pipe, tube or a fitting');
  }
  // A cylinder: nothing goes on from its valve at the appliance's pressure, a regulator stands between.
  await nameEnd(page, 'first', 'pol valve female', /^CGA 510 POL valve/);
  await nameEnd(page, 'last', '3/8 npt female');
  await expect(best).toContainText(
    /^\s*POL nut .880-14 × 1\/4 male NPT gas hose.* first-stage regulator.* second-stage regulator/,
  );
  await expect(best).toContainText('its vent clear');
  await joins.getByRole('group', { name: 'One end' }).getByLabel('under').selectOption('appliance pressure');
  await expect(joins).toContainText('without a regulator it reaches no appliance');
  await joins.getByRole('group', { name: 'One end' }).getByLabel('under').selectOption('cylinder pressure');
  await best.getByRole('button', { name: 'To the counter list' }).tap();
  await page
    .getByRole('navigation', { name: 'Identify' })
    .getByRole('link', { name: 'Counter list' })
    .click();
  const list = page.getByRole('list', { name: 'To ask for' });
  await expect(list).toContainText('1 × POL nut .880-14 × 1/4 male NPT gas hose');
  await lookAt(page, 'counter-list');
  await list.getByRole('checkbox').first().check();
  await expect(page.getByRole('status')).toContainText('got');
  await expectAccessible(page, 'counter list');
  await page.getByRole('button', { name: 'Take off what is ticked' }).click();
  await page.reload();
  await expect(list.getByRole('listitem')).not.toHaveCount(0);
});

test('a part of the shop’s own is added, joins the search and the counter, is retired; a table goes out and comes in', async ({
  page,
  app,
}) => {
  await page.goto(`${app.url}/parts`);
  await page.getByLabel('ask for it as at the counter').fill('1/2 mip x 3/8 flare half union');
  await expect(page.getByText('“Flare” reads two ways')).toBeVisible();
  await expect(page.getByText('3/8 OD flare × 1/2 male NPT half union')).toBeVisible();
  await page.getByLabel('ask for it as at the counter').fill('3/4 push-fit coupling');
  await expect(page.getByText('Push-fit: never for gas pipe here')).toBeVisible();
  const own = page.getByRole('region', { name: 'The shop’s own parts' });
  await own.getByRole('button', { name: 'Add a part' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('button', { name: 'Keep it' }).click();
  await expect(dialog.getByRole('alert')).toContainText('A part without a name cannot be asked for');
  const name = `gauge nut ${Date.now() % 100_000}`;
  await dialog.getByLabel('Name, as you ask for it').fill(name);
  await nameEnd(page, 'first', '3/4 npt female');
  await nameEnd(page, 'last', 'm20 female');
  await dialog.getByLabel('price of one').fill('twelve');
  await dialog.getByRole('button', { name: 'Keep it' }).click();
  await expect(dialog.getByRole('alert')).toContainText('Read “twelve”, which is no price');
  await dialog.getByLabel('price of one').fill('12.50');
  await lookAt(page, 'own-part');
  await dialog.getByRole('button', { name: 'Keep it' }).click();
  await expect(own.getByRole('listitem').filter({ hasText: name })).toContainText('12.50');
  await expectAccessible(page, 'parts');
  await page.getByLabel('ask for it as at the counter').fill(name);
  await expect(page.getByRole('region', { name: 'Find a part' }).getByText(name)).toBeVisible();
  // Out as a table, in again under another name.
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    own.getByRole('button', { name: 'Save as a table' }).click(),
  ]);
  const stream = await file.createReadStream();
  let text = '';
  for await (const chunk of stream) text += String(chunk);
  expect(text).toContain(name);
  const bring = (table: string) =>
    own
      .locator('input[type=file]')
      .setInputFiles({ name: 'parts.csv', mimeType: 'text/csv', buffer: Buffer.from(table) });
  await bring(text.replaceAll('npt-3/4-female', 'npt-7/8-sideways'));
  await expect(own.getByRole('alert')).toContainText('column “end one”: read “npt-7/8-sideways');
  await bring(text.replaceAll(name, `${name} b`));
  await expect(own.getByRole('status')).toContainText('brought in');
  await own.getByRole('button', { name: `Retire ${name} b` }).click();
  await expect(own.getByRole('button', { name: `Buy ${name} b again` })).toBeVisible();
});

test('in a run: what does not meet opens its two ends; the chain that is chosen stands, is measured, bought, and taken out again', async ({
  page,
  request,
  app,
}) => {
  const run = await makeJob(request, app.url);
  await openRun(page, run.layOut);
  await walkLeg(page, 'r', '30');
  await walkOn(page, 'steel tube, R thread', '3/4');
  await walkLeg(page, 'r', '24');
  await goTo(page, 'Check');
  await page.getByRole('link', { name: 'What joins them' }).first().tap();
  await expect(page.getByRole('heading', { name: /^What goes between, at leg 2/ })).toBeVisible();
  const best = page.getByRole('listitem', { name: 'Chain 1' });
  await expect(best).toContainText('3/4 female NPT × 3/4 female Rp brass American-to-British adapter');
  await lookAt(page, 'transition-in-a-run', true);
  await expectAccessible(page, 'transition in a run');
  await best.getByRole('button', { name: 'Put it into the run' }).click();
  await expect(page.getByRole('heading', { name: 'Check', level: 1 })).toBeVisible();
  await expect(page.getByText('Nothing to stop for')).toBeVisible();
  await page.getByRole('link', { name: 'Measure it' }).first().click();
  const put = page.getByRole('region', { name: 'What was put in' });
  await put.getByLabel(/^end to end/).fill('2 1/8');
  await put.getByLabel(/^end to end/).blur();
  await page.getByRole('link', { name: 'Back' }).click();
  await expect(page.getByRole('link', { name: 'Measure it' })).toHaveCount(0);
  await goTo(page, 'Make');
  await expect(page.getByRole('region', { name: 'Totals' })).toContainText(
    '1 × 3/4 female NPT × 3/4 female Rp brass American-to-British adapter',
  );
  await goTo(page, 'Measure');
  await expect(page.getByText(/adapter at the end|American-to-British/).first()).toBeAttached();
});
