import { expectAccessible } from '#support/axe.ts';
import { expect, goTo, makeJob, openRun, openRunWith, test } from '#support/e2e.ts';

test('what would go wrong is said before anything is cut, and every joint is there and opens', async ({
  page,
  request,
  app,
}) => {
  const empty = await makeJob(request, app.url);
  await openRun(page, empty.layOut);
  await goTo(page, 'Check');
  await expect(page.getByRole('heading', { name: 'Nothing to check yet' })).toBeVisible();
  await openRunWith(page, request, app.url, [
    ['r', '40'],
    ['u', '30'],
  ]);
  await goTo(page, 'Check');
  await expect(page.getByRole('heading', { name: 'Nothing to stop for, 1 to note' })).toBeVisible();
  await expect(page.getByText('Leg 2 ends open.')).toBeVisible();
  // A bare end at the source, an elbow, a bare end: two threads are made up.
  await expect(page.getByRole('heading', { name: '2 joints: places to look at in the test' })).toBeVisible();
  await expectAccessible(page, 'check');
  const joint = page.getByRole('region', { name: 'Leg 2', exact: true });
  await expect(joint).toContainText('makes');
  await expect(joint).toContainText(/turns past hand-tight, .* threads showing/);
  await joint.getByRole('button', { name: 'piece 2 in the 90° elbow' }).click();
  await expect(page.getByRole('dialog').getByText('Where it seals.')).toBeVisible();
});
