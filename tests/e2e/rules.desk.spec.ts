import { expectAccessible } from '#support/axe.ts';
import { expect, test, openRunWith, understand } from '#support/e2e.ts';

test('the shop decides, says what differs, gives its own way with its reason; a job opened then takes a copy', async ({
  page,
  app,
}) => {
  await page.goto(app.url);
  await page.getByRole('link', { name: 'House rules' }).click();
  await expect(page.getByRole('heading', { name: 'All at their defaults' })).toBeVisible();
  const fluid = page.getByRole('group', { name: 'Leak fluid' });
  await expect(fluid.getByText('some soaps crack brass under stress')).toBeVisible();
  await fluid.getByRole('radio', { name: /^Freeze-proof/i }).check();
  await expect(page.getByRole('heading', { name: '1 differs from the default' })).toBeVisible();
  const nipple = page.getByRole('group', { name: 'Nipple of a sediment trap' });
  await nipple.getByRole('button', { name: 'Another way, with its reason' }).click();
  await nipple.getByLabel('what we do').fill('6 in');
  await nipple.getByRole('button', { name: 'Add it' }).click();
  await expect(nipple.getByRole('alert')).toContainText('Read “6 in” without a reason');
  await expectAccessible(page, 'house rules of the shop');
  await nipple.getByLabel('why').fill('Well water leaves more behind here.');
  await nipple.getByRole('button', { name: 'Add it' }).click();
  await expect(nipple.getByText('6 in (ours)')).toBeVisible();
  await expect(page.getByText('Every choice is kept at once.')).toBeVisible();
  await page.reload();
  await expect(page.getByRole('heading', { name: '2 differ from the default' })).toBeVisible();
  // A job opened in the United Kingdom: the shop's choices, and what the place says where the shop has not.
  await page.goto(`${app.url}/jobs/new`);
  await page.getByLabel('Job', { exact: true }).fill('A job of the rules');
  await page.getByLabel('Jurisdiction').selectOption('uk');
  await page.getByRole('button', { name: 'Open the job and lay out' }).click();
  await understand(page);
  await page.goto(page.url().replace(/\/runs\/.*$/, ''));
  await page.getByRole('link', { name: 'House rules' }).click();
  await expect(page.getByRole('heading', { name: 'House rules of the job' })).toBeVisible();
  const differs = page.getByRole('region', { name: 'What differs from the default' });
  await expect(differs).toContainText('Leak fluid');
  await expect(differs).toContainText('6 in (own: Well water leaves more behind here.)');
  await expect(differs).toContainText('Compression on gas');
  // The shop is put back: other tests of this server begin at its defaults.
  const { value: was } = (await (await page.request.get(`${app.url}/api/rules`)).json()) as { value: object };
  const put = await page.request.put(`${app.url}/api/rules`, {
    headers: { origin: app.url },
    data: { was, wanted: {} },
  });
  expect(put.status()).toBe(200);
});

test('in a run a choice says what it decided anew', async ({ page, request, app }) => {
  await openRunWith(page, request, app.url, [
    ['r', '40'],
    ['u', '30'],
  ]);
  await page.getByRole('button', { name: 'House rules' }).click();
  const dialog = page.getByRole('dialog', { name: 'House rules of this run' });
  await dialog.getByRole('radio', { name: /^Own measured/ }).check();
  await expect(dialog.getByRole('status')).toContainText('Decided anew: 2 joints, 2 cuts.');
  await dialog.getByRole('radio', { name: /^Soap solution/ }).check();
  await expect(dialog.getByRole('status')).toContainText('Decided anew: no joint and no cut');
});

test('rules that are no rules are refused by the server with the place', async ({ request, app }) => {
  const put = (data: unknown) =>
    request.put(`${app.url}/api/rules`, { headers: { origin: app.url }, data: { was: {}, wanted: data } });
  for (const wrong of [
    { 'leak-fluid': { option: 'spit' } },
    { 'trap-nipple': { option: 'own', name: '6 in', reason: '' } },
    { nonsense: { option: 'a' } },
    [],
  ]) {
    const answer = await put(wrong);
    expect(answer.status(), JSON.stringify(wrong)).toBe(400);
    expect(((await answer.json()) as { refusal: { code: string } }).refusal.code).toBe('input-invalid');
  }
});
