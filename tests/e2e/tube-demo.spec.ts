import type { Page } from '@playwright/test';
import { addLegByKeys, expect, goTo, makeJob, onServer, openRun, readLegs, test } from '../support/e2e.ts';

const size = (page: Page) => page.getByLabel('size', { exact: true });
const isHand = (page: Page) => page.viewportSize()!.width < 500;
const WAYS: Readonly<Record<string, string>> = {
  r: 'right',
  l: 'left',
  u: 'up',
  d: 'down',
  b: 'back',
  o: 'out',
};

/** By the keys at a desk; in the hand by the pad: what is typed goes in by the keys on the screen. */
async function add(page: Page, way: string, measure: string): Promise<void> {
  if (!isHand(page)) return addLegByKeys(page, way, measure);
  await page
    .getByRole('group', { name: 'Direction of the leg' })
    .getByRole('button', { name: new RegExp(`^${WAYS[way]!}\\b`) })
    .tap();
  await page.getByLabel('Measure, centre to centre').fill(measure);
  await page.getByRole('button', { name: /^Add leg/ }).click();
  await expect(page.getByLabel('Measure, centre to centre')).toHaveValue('');
}
async function make(page: Page, material: string, of: string): Promise<void> {
  await size(page).selectOption({ label: material });
  await size(page).selectOption(of);
}
const grow = (page: Page, leg: number) =>
  page
    .getByRole('button', { name: new RegExp(`^Grow from the .* at the end of leg ${leg}$`) })
    .first()
    .click();
let n = 0;
const shot = (page: Page, name: string) =>
  process.env['WALK']
    ? page.screenshot({
        path: `/tmp/walk/${isHand(page) ? 'p' : 'd'}-${String(n++).padStart(2, '0')}-${name}.png`,
      })
    : Promise.resolve();

test('Fernhill: tubing to the loft heater, flared copper to the glaze burner', async ({
  page,
  request,
  app,
}) => {
  const run = await makeJob(request, app.url);
  await openRun(page, run.layOut);
  await size(page).selectOption('1/2');
  await add(page, 'r', '1-6');
  await make(page, 'CSST', '1/2');
  await add(page, 'u', '2-9');
  await add(page, 'r', '11-4');
  await add(page, 'b', '3-2');
  await shot(page, 'csst');
  await make(page, 'black iron', '1/2');
  await add(page, 'd', '2-8');
  await add(page, 'b', '9');
  await expect.poll(() => readLegs(page)).toHaveLength(6);
  await shot(page, 'heater');
  await grow(page, 1);
  await add(page, 'r', '3-2');
  await make(page, 'copper, flared', '3/8 ACR');
  await add(page, 'r', '2-2');
  await add(page, 'd', '2-7 1/2');
  await add(page, 'o', '1-4 1/4');
  await add(page, 'r', '11');
  await expect.poll(() => readLegs(page)).toHaveLength(11);
  await shot(page, 'glaze');
  // What stands in the way of the cut is measured from where its lack is told.
  await page.getByRole('button', { name: 'Measure the adapter' }).filter({ visible: true }).first().click();
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByText(/flare × 1\/2 female NPT adapter/).first()).toBeVisible();
  await shot(page, 'adapter');
  for (const [label, value] of [[/^centre to male end, tube/, '15/16'], [/^centre to face, thread/, '3/4']] as const) {
    await dialog.getByLabel(label).first().fill(value);
    await dialog.getByLabel(label).first().blur();
  } // prettier-ignore
  await page.keyboard.press('Escape');
  await expect.poll(async () => (await readLegs(page)).filter((line) => line.includes('no cut'))).toEqual([]);
  await page.getByRole('button', { name: /^Grow from the open end at the end of leg 11$/ }).click();
  await page.getByRole('button', { name: /^Change the open end/ }).click();
  await page.getByLabel('appliance', { exact: true }).fill('glaze burner');
  await page.getByRole('button', { name: 'Ends at it' }).click();
  await page.keyboard.press('Escape');
  await shot(page, 'burner');
  await expect(onServer(page)).toBeVisible();
  await goTo(page, 'Check');
  await shot(page, 'check');
  await goTo(page, 'Make', 'Cut sheet');
  await shot(page, 'cut');
  await goTo(page, 'Make', 'Vise');
  await shot(page, 'vise');
});

test('Tidewrack: 8 mm copper with olives to the burner', async ({ page, request, app }) => {
  const run = await makeJob(request, app.url, { units: 'mm', gas: 'lp', jurisdiction: 'uk-vehicle' });
  await openRun(page, run.layOut);
  await make(page, 'copper, compression', '8 mm');
  await add(page, 'r', '640');
  await add(page, 'u', '345');
  await add(page, 'r', '790');
  await add(page, 'b', '265');
  await expect.poll(() => readLegs(page)).toHaveLength(4);
  await shot(page, 'olives');
  await page.getByRole('button', { name: /^Change the open end/ }).click();
  await page.getByLabel('appliance', { exact: true }).fill('burner');
  await page.getByRole('button', { name: 'Ends at it' }).click();
  await page.keyboard.press('Escape');
  await expect(onServer(page)).toBeVisible();
  await goTo(page, 'Make', 'Vise');
  await shot(page, 'vise');
});

test('an equal tee takes a thinner tube by a reducing set, which is measured', async ({
  page,
  request,
  app,
}) => {
  const run = await makeJob(request, app.url, { units: 'mm', jurisdiction: 'uk' });
  await openRun(page, run.layOut);
  await make(page, 'copper, compression', '15 mm');
  await add(page, 'r', '500');
  await add(page, 'r', '600');
  await grow(page, 1);
  await size(page).selectOption('8 mm');
  await add(page, 'u', '300');
  await grow(page, 1);
  await page.getByRole('button', { name: /^Change the .*tee/ }).click();
  await page.getByRole('radio', { name: 'reducing set' }).click();
  await expect(
    page.getByRole('dialog').getByText('15 mm × 8 mm compression reducing set').first(),
  ).toBeVisible();
  await shot(page, 'set');
  await page.keyboard.press('Escape');
  await expect(
    page
      .getByText(/15 mm × 8 mm compression reducing set \(leg 3\): its length is fixed by no standard/i)
      .first(),
  ).toBeVisible();
  await shot(page, 'set-run');
});
