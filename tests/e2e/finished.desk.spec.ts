import { expectAccessible } from '#support/axe.ts';
import {
  addLegByKeys,
  expect,
  goTo,
  makeJob,
  openRun,
  openRunWith,
  readLegs,
  test,
  onServer,
} from '#support/e2e.ts';

test('a finished job is read, not changed, until it is opened again with a reason', async ({
  page,
  request,
  app,
}) => {
  const run = await makeJob(request, app.url, { people: ['Ada Quill', 'Bo Reeve'] });
  await openRun(page, run.layOut);
  await addLegByKeys(page, 'r', '40');
  await expect.poll(() => readLegs(page)).toHaveLength(1);
  await expect(onServer(page)).toBeVisible();
  await page.goto(`${app.url}/jobs/${run.job}`);
  await page.getByRole('button', { name: 'Finish the job…' }).click();
  const dialog = page.getByRole('dialog', { name: 'Finish the job' });
  await expect(dialog.getByRole('list', { name: 'Not done' })).toContainText('1 piece not cut');
  const close = dialog.getByRole('button', { name: 'Close it all the same' });
  await close.click();
  await expect(dialog.getByRole('alert')).toContainText('Say who is at the bench first');
  await dialog.getByLabel('at the bench').selectOption('Ada Quill');
  await close.click();
  await expect(dialog.getByRole('alert')).toContainText('Say whether what was made is proved');
  await dialog.getByLabel('It was not proved').check();
  await close.click();
  await expect(dialog.getByRole('alert')).toContainText('Say how the work was left safe');
  await expectAccessible(page, 'finishing');
  await dialog.getByLabel('How was it left safe?').fill('Shut off at the meter, open ends capped.');
  await close.click();
  const state = page.getByRole('region', { name: 'Finished or open' });
  await expect(state).toContainText('by Ada Quill');
  await expect(state).toContainText(
    /Closed, not proved. Not done then: .*1 piece not cut. Left so: Shut off at the meter, open ends capped./,
  );
  await expect(page.getByRole('button', { name: 'Change these' })).toHaveCount(0);
  await expectAccessible(page, 'finished');
  // Its house rules: to be read.
  await page.goto(`${app.url}/jobs/${run.job}/rules`);
  await expect(page.getByText('The job was finished on')).toBeVisible();
  await expect(page.getByRole('radio', { name: /^Soap solution/ })).toBeDisabled();
  await expect(page.getByRole('button', { name: 'Another way, with its reason' })).toHaveCount(0);
  // Its run: what is tried is refused with the reason, and nothing of it is kept.
  await page.goto(run.layOut);
  await expect(page.getByText('it can be read, printed and exported').first()).toBeVisible();
  await expect(page.getByText(/Finished .*: read only/).filter({ visible: true })).toBeVisible();
  await expectAccessible(page, 'a finished run');
  await expect(page.getByLabel('Measure, centre to centre')).toHaveCount(0);
  await expect.poll(() => readLegs(page)).toHaveLength(1);
  await goTo(page, 'Make', 'Cut sheet');
  await page.getByRole('checkbox', { name: 'Piece 1 is made as asked' }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'The job was finished on' })).toBeVisible();
  await expect(page.getByRole('checkbox', { name: 'Piece 1 is made as asked' })).not.toBeChecked();
  // Opened again.
  await page.goto(`${app.url}/jobs/${run.job}`);
  await page.getByRole('button', { name: 'Open it again…' }).click();
  const again = page.getByRole('dialog', { name: 'Open the job again' });
  await again.getByRole('button', { name: 'Open it again' }).click();
  await expect(again.getByRole('alert')).toContainText('No reason yet');
  await again.getByLabel('Why').fill('The stove was moved.');
  await again.getByRole('button', { name: 'Open it again' }).click();
  await expect(state).toContainText('by Ada Quill: The stove was moved.');
  await page.goto(run.layOut);
  await addLegByKeys(page, 'u', '20');
  await expect.poll(() => readLegs(page)).toHaveLength(2);
  await expect(onServer(page)).toBeVisible();
});

test('what was made on a device before the job was finished elsewhere waits, and goes when it is open again', async ({
  page,
  request,
  app,
}) => {
  const run = await openRunWith(page, request, app.url, [['r', '40']]);
  await expect(onServer(page)).toBeVisible();
  await page.route('**/changes', (route) => route.abort());
  await addLegByKeys(page, 'u', '20');
  await expect.poll(() => readLegs(page)).toHaveLength(2);
  const pass = async (id: string, kind: string, reason: string) => {
    const {
      value: { undone },
    } = (await (await request.get(`${app.url}/api/jobs/${run.job}/milestones`)).json()) as {
      value: { undone: unknown };
    };
    const closed = kind === 'finished' ? { proof: 'not-proved', safe: 'Shut off, capped.', undone } : null;
    const data = { id, kind, by: 'Bo', reason, at: '2026-01-02T03:04:05.678Z', closed };
    const answer = await request.post(`${app.url}/api/jobs/${run.job}/milestones`, {
      headers: { origin: app.url },
      data,
    });
    expect(answer.status(), await answer.text()).toBe(200);
  };
  await pass('elsewhere001', 'finished', '');
  await page.unroute('**/changes');
  await expect(
    page.getByText('1 made on this device before wait until then').filter({ visible: true }),
  ).toBeVisible({ timeout: 15_000 });
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await pass('elsewhere002', 'reopened', 'Something still waited.');
  await page.evaluate(() => window.dispatchEvent(new Event('focus')));
  await expect(onServer(page)).toBeVisible();
  await page.reload();
  await expect.poll(() => readLegs(page)).toHaveLength(2);
});
