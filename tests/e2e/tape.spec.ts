import type { Page } from '@playwright/test';
import { addLegByKeys, expect, makeJob, openRun, readLegs, test } from '#support/e2e.ts';

/** Three legs round two elbows, the tape on the middle one: 3 ft 7 1/4 in. */
async function layTape(page: Page, layOut: string): Promise<void> {
  await openRun(page, layOut);
  for (const [way, measure] of [
    ['u', '20'],
    ['r', '43 1/4'],
    ['d', '12'],
  ] as const) {
    await addLegByKeys(page, way, measure);
  }
  await page
    .getByRole('table', { name: /Legs of the run/ })
    .getByRole('button', { name: /^2/ })
    .click();
  await page.getByRole('button', { name: 'Lay the tape on leg 2' }).click();
  await expect(page.getByRole('group', { name: 'Tape along leg 2, to scale' })).toBeVisible();
}

const cut = (page: Page) => page.getByTestId('tape-cut');
const handle = (page: Page, name: string) => page.getByRole('slider', { name, exact: true });
const FAR = 'the centre of the 90° elbow at leg 2';

test('a mark is dragged: the cut and the run follow while it moves, and it is one change', async ({
  page,
  request,
  app,
}) => {
  const run = await makeJob(request, app.url);
  await layTape(page, run.layOut);
  await expect(cut(page)).toHaveText('3 ft 5 3/4 in');
  await handle(page, FAR).scrollIntoViewIfNeeded();
  const box = (await handle(page, FAR).boundingBox())!;
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x - 60, y, { steps: 4 });
  await expect(cut(page)).not.toHaveText('3 ft 5 3/4 in');
  const dragged = await cut(page).innerText();
  const words = page.getByRole('listitem').filter({ hasText: 'Leg 2' }).first();
  const whileHeld = await words.textContent();
  expect(whileHeld).not.toContain('3 ft 7 1/4 in');
  await page.mouse.up();
  await expect(cut(page)).toHaveText(dragged);
  await page.getByRole('button', { name: /^Undo: leg 2 measured again/ }).click();
  await expect(cut(page)).toHaveText('3 ft 5 3/4 in');
});

test('a mark is moved by keys, sixteenth by sixteenth, and typed where it is hooked on', async ({
  page,
  request,
  app,
}) => {
  const run = await makeJob(request, app.url);
  await layTape(page, run.layOut);
  await handle(page, FAR).focus();
  await page.keyboard.press('ArrowRight');
  await expect(handle(page, FAR)).toHaveAttribute('aria-valuetext', '3 ft 7 5/16 in on the tape');
  await page.keyboard.press('PageDown');
  await expect(cut(page)).toHaveText('3 ft 5 5/16 in');
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('the tape reads')).toBeFocused();
  await page.getByLabel('hooked on').selectOption({ label: 'face, 90° elbow at leg 1' });
  await page.getByLabel('read at').selectOption({ label: 'face, 90° elbow at leg 2' });
  await page.getByLabel('the tape reads').fill('40');
  await page.keyboard.press('Enter');
  // 40 in between the faces and 9/16 in into each.
  await expect(cut(page)).toHaveText('3 ft 5 1/8 in');
  await page.getByLabel('the tape reads').fill('forty');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert')).toContainText('Read “forty”');
  await expect(cut(page)).toHaveText('3 ft 5 1/8 in');
  await page.getByRole('button', { name: 'Roll the tape up' }).click();
  await expect(page.getByRole('group', { name: 'Tape along leg 2, to scale' })).toBeHidden();
  await expect.poll(async () => (await readLegs(page))[1]).toContain('3 ft 5 1/8 in');
});

test('the near end gives way too: the far end keeps its place under the window', async ({
  page,
  request,
  app,
}) => {
  const run = await makeJob(request, app.url);
  await layTape(page, run.layOut);
  const near = handle(page, 'the face of the 90° elbow at leg 1');
  await near.scrollIntoViewIfNeeded();
  const before = (await handle(page, FAR).boundingBox())!;
  const box = (await near.boundingBox())!;
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x + 40, y, { steps: 4 });
  await expect(cut(page)).not.toHaveText('3 ft 5 3/4 in');
  await page.mouse.up();
  const after = (await handle(page, FAR).boundingBox())!;
  expect(Math.abs(after.x - before.x)).toBeLessThan(4);
});

test('a leg of several pieces: the union is moved, both cuts follow; a leg not measured is measured by the tape', async ({
  page,
  request,
  app,
}) => {
  const run = await makeJob(request, app.url);
  await layTape(page, run.layOut);
  await page.getByRole('button', { name: 'Roll the tape up' }).click();
  await page.getByRole('button', { name: 'Change leg 2' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('put in a').selectOption('union');
  await dialog.getByRole('button', { name: 'Half way, by eye' }).click();
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Lay the tape on leg 2' }).click();
  await page.getByLabel('read at').selectOption({ label: 'centre, union at leg 2' });
  await page.getByLabel('the tape reads').fill('12');
  await page.keyboard.press('Enter');
  await expect(handle(page, 'the centre of the union at leg 2')).toHaveAttribute(
    'aria-valuetext',
    '1 ft on the tape',
  );
  await expect(cut(page)).toHaveCount(2);
  await page.getByRole('button', { name: 'Roll the tape up' }).click();
  await page.getByRole('button', { name: 'Change leg 2' }).click();
  await dialog.getByRole('button', { name: 'Strike out' }).first().click();
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Lay the tape on leg 2' }).click();
  await expect(page.getByText('This leg is not measured yet')).toBeVisible();
  await page.getByLabel('the tape reads').fill('3-7 1/4');
  await page.keyboard.press('Enter');
  await expect(handle(page, FAR)).toHaveAttribute('aria-valuetext', '3 ft 7 1/4 in on the tape');
});
