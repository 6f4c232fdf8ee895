import { addLegByKeys, expect, makeId, makeJob, onDevice, openRun, test, understand } from '#support/e2e.ts';

test('the answer to a new job is lost: pressed again under another name, it is one job with one run', async ({
  page,
  request,
  app,
}) => {
  await page.goto(`${app.url}/jobs/new`);
  const name = `Lost ${makeId()}`;
  let lost = 0;
  await page.route('**/api/jobs', async (route) => {
    if (route.request().method() !== 'POST' || lost++ > 0) return route.continue();
    await route.fetch();
    await route.abort();
  });
  await page.getByLabel('Job', { exact: true }).fill(name);
  await page.getByRole('button', { name: 'Open the job and lay out' }).click();
  await expect(page.getByText('server does not answer')).toBeVisible();
  await page.getByLabel('Job', { exact: true }).fill(`${name} again`);
  await page.getByLabel('At the bench').fill('Bo Reeve, Ada Quill');
  await page.getByRole('button', { name: 'Open the job and lay out' }).click();
  await understand(page);
  const { value } = (await (await request.get(`${app.url}/api/jobs`)).json()) as {
    value: { jobs: { name: string; runs: unknown[]; people: { name: string }[] }[] };
  };
  const made = value.jobs.filter((job) => job.name.startsWith(name));
  expect(made.map((job) => [job.name, job.runs.length, job.people.map((one) => one.name).sort()])).toEqual([
    [`${name} again`, 1, ['Ada Quill', 'Bo Reeve']],
  ]);
});

test('what was changed on another device meanwhile is said, nothing typed is lost, and kept again it is put in', async ({
  page,
  context,
  request,
  app,
}) => {
  const { job } = await makeJob(request, app.url);
  const address = `${app.url}/jobs/${job}`;
  const other = await context.newPage();
  for (const each of [page, other]) await each.goto(address);
  await understand(page);
  const dialogs = [page, other].map((each) => each.getByRole('dialog', { name: 'The job' }));
  await other.reload();
  for (const each of [page, other]) await each.getByRole('button', { name: 'Change these' }).click();
  await dialogs[1]!.getByLabel('Edition of the code').fill('2021');
  await dialogs[1]!.getByLabel('Place', { exact: true }).fill('Yard 3');
  await dialogs[1]!.getByRole('button', { name: 'Save' }).click();
  await expect(other.getByText('Yard 3')).toBeVisible();
  await dialogs[0]!.getByLabel('Edition of the code').fill('2024');
  await dialogs[0]!.getByRole('button', { name: 'Save' }).click();
  await expect(
    dialogs[0]!.getByText('changed on another device meanwhile (edition of the code)'),
  ).toBeVisible();
  await expect(dialogs[0]!.getByText('There now: 2021')).toBeVisible();
  await expect(dialogs[0]!.getByLabel('Edition of the code')).toHaveValue('2024');
  await dialogs[0]!.getByRole('button', { name: 'Save' }).click();
  await expect(dialogs[0]!).toBeHidden();
  const { value } = (await (await request.get(`${app.url}/api/jobs/${job}`)).json()) as { value: object };
  expect(value).toMatchObject({ edition: '2024' });
});

test('the counter list of two windows is one list', async ({ page, context, app }) => {
  const other = await context.newPage();
  for (const each of [page, other]) await each.goto(`${app.url}/parts`);
  for (const [each, asked] of [
    [page, '3/4 black coupling'],
    [other, '1/2 black coupling'],
  ] as const) {
    await each.getByLabel('ask for it as at the counter').fill(asked);
    await each
      .getByRole('button', { name: /^To the list|^On the list/ })
      .first()
      .click();
  }
  for (const each of [page, other]) {
    await each.goto(`${app.url}/parts/counter`);
    await expect(each.getByRole('list', { name: 'To ask for' }).getByRole('listitem')).toHaveCount(2);
  }
  // Taken in one window, it is gone in the other, and a press there does not bring it back.
  await page
    .getByRole('button', { name: /^One less/ })
    .first()
    .click();
  await expect(other.getByRole('list', { name: 'To ask for' }).getByRole('listitem')).toHaveCount(1);
  await other.getByRole('button', { name: /^One more/ }).click();
  await expect(page.getByText('2 ×')).toBeVisible();
  await expect(page.getByRole('list', { name: 'To ask for' }).getByRole('listitem')).toHaveCount(1);
});

test('house rules chosen on two devices: both stand, and of one rule the second is told', async ({
  page,
  context,
  request,
  app,
}) => {
  const { job } = await makeJob(request, app.url);
  const other = await context.newPage();
  for (const each of [page, other]) await each.goto(`${app.url}/jobs/${job}/rules`);
  const { value } = (await (await request.get(`${app.url}/api/jobs/${job}`)).json()) as {
    value: { ruleChoices: object };
  };
  const was = value.ruleChoices;
  const chosen = await request.put(`${app.url}/api/jobs/${job}/rules`, {
    headers: { origin: app.url },
    data: { was, wanted: { ...was, sealant: { option: 'cord' } } },
  });
  expect(chosen.ok()).toBe(true);
  const fluid = page.getByRole('radio', { name: /soap/i }).first();
  await fluid.check();
  await expect
    .poll(
      async () =>
        (
          (await (await request.get(`${app.url}/api/jobs/${job}`)).json()) as {
            value: { ruleChoices: object };
          }
        ).value.ruleChoices,
    )
    .toMatchObject({ sealant: { option: 'cord' }, 'leak-fluid': { option: 'soap' } });
});

test('what waits of a run that is closed is sent from the jobs, which say so while it waits', async ({
  page,
  request,
  app,
}) => {
  const { job, run, layOut } = await makeJob(request, app.url);
  await openRun(page, layOut);
  await page.route('**/changes', (route) => route.abort());
  await addLegByKeys(page, 'r', '40');
  await addLegByKeys(page, 'u', '20');
  await expect(onDevice(page)).toBeVisible();
  await page.goto(app.url);
  const note = page.getByRole('region', { name: 'Waiting on this device' });
  await expect(note).toContainText(
    /2 edits of Run(?:, Job \w+,)?\s+wait on this device to be sent to the server\./,
  );
  const count = async () =>
    (
      (await (await request.get(`${app.url}/api/jobs/${job}/runs/${run}`)).json()) as {
        value: { run: { revision: number } };
      }
    ).value.run.revision;
  expect(await count()).toBe(0);
  await page.unroute('**/changes');
  await expect(note).toBeHidden({ timeout: 15_000 });
  expect(await count()).toBe(2);
});

test('what waits and clashes with what was done meanwhile says to open its run', async ({
  page,
  request,
  app,
}) => {
  const { run, layOut, job } = await makeJob(request, app.url);
  await openRun(page, layOut);
  await page.route('**/changes', (route) => route.abort());
  await addLegByKeys(page, 'r', '40');
  await expect(onDevice(page)).toBeVisible();
  await page.goto(`${app.url}/rules`);
  await page.unroute('**/changes');
  const change = {
    id: makeId(),
    base: 0,
    by: 'B',
    at: '2026-01-01T08:00:00.000Z',
    label: { command: 'add-leg', leg: 1, turn: null },
    ops: [
      {
        op: 'insert',
        in: 'nodes',
        id: 'nodeelsewhere',
        value: { id: 'nodeelsewhere', part: { kind: 'auto' }, terminal: null },
      },
    ],
  };
  const sent = await request.post(`${app.url}/api/jobs/${job}/runs/${run}/changes`, {
    headers: { origin: app.url },
    data: change,
  });
  expect(sent.status()).toBe(200);
  await page.goto(app.url);
  const note = page.getByRole('region', { name: 'Waiting on this device' });
  await expect(note).toContainText('open the run to settle it');
  await note.getByRole('link', { name: 'Run' }).click();
  await expect(page.getByRole('dialog').first()).toBeVisible();
});
