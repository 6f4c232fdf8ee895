import { expectAccessible } from '#support/axe.ts';
import {
  addLegByKeys,
  expect,
  goTo,
  layLegs,
  makeJob,
  onServer,
  startTestApp,
  test,
  understand,
} from '#support/e2e.ts';

test('a new user opens the first job and lands at its first leg', async ({ page, problems }) => {
  expect(problems).toEqual([]);
  const own = await startTestApp();
  try {
    await page.goto(own.url);
    await expect(page.getByRole('heading', { name: 'No job yet' })).toBeVisible();
    await expectAccessible(page, 'no jobs');
    await page.getByRole('link', { name: 'New job' }).click();
    await expectAccessible(page, 'new job');
    await page.getByRole('button', { name: 'Open the job and lay out' }).click();
    await expect(page.getByText('The name is empty. Correct it and try again')).toBeVisible();
    await expectAccessible(page, 'new job with an error');
    await page.getByLabel('Job', { exact: true }).fill('Kiln shed');
    await page.getByLabel('At the bench').fill('Ada Quill, Bo Reeve');
    await page.getByLabel('Jurisdiction').selectOption({ label: 'Canada' });
    await page.getByLabel('First run').fill('Header');
    await page.getByRole('button', { name: 'Open the job and lay out' }).click();
    await expect(page.getByRole('dialog', { name: 'Before you start' })).toBeVisible();
    await expectAccessible(page, 'caution');
    await understand(page);
    await expect(page.getByRole('heading', { name: 'Measure the first leg' })).toBeVisible();
    await expectAccessible(page, 'empty run');
    await page.reload();
    await expect(page.getByRole('heading', { name: 'Measure the first leg' })).toBeVisible();
    await expect(page.getByRole('dialog', { name: 'Before you start' })).toBeHidden();
    await page.getByRole('link', { name: 'Porthole, jobs' }).click();
    await expect(page.getByRole('link', { name: 'Kiln shed' })).toBeVisible();
    await expectAccessible(page, 'jobs');
    await page.getByRole('link', { name: 'Kiln shed' }).click();
    await expect(page.getByText('Canada')).toBeVisible();
    await expect(page.getByText('Ada Quill, Bo Reeve')).toBeVisible();
    await expectAccessible(page, 'job');
  } finally {
    await own.close();
  }
});

test('a job is changed, and another run begun in it', async ({ page, request, app }) => {
  const { job } = await makeJob(request, app.url);
  await page.goto(`${app.url}/jobs/${job}`);
  await understand(page);
  await page.getByRole('button', { name: 'Change these' }).click();
  const dialog = page.getByRole('dialog', { name: 'The job' });
  await dialog.getByLabel('Job', { exact: true }).fill('x'.repeat(81));
  await dialog.getByRole('button', { name: 'Save' }).click();
  await expect(dialog.getByText('The name is longer than 80 characters')).toBeVisible();
  await expectAccessible(page, 'job form');
  await dialog.getByLabel('Job', { exact: true }).fill('Renamed');
  await dialog.getByLabel('Edition of the code').fill('2024');
  await dialog.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByRole('heading', { name: 'Renamed' })).toBeVisible();
  await page.getByLabel('Another run').fill('Second header');
  await page.getByRole('button', { name: 'Lay it out' }).click();
  await expect(page.getByRole('heading', { name: 'Measure the first leg' })).toBeVisible();
});

test('a job shows where its runs stand, what comes next, and what only this device has', async ({
  page,
  request,
  app,
  context,
}) => {
  const run = await makeJob(request, app.url);
  const row = page.getByRole('listitem', { name: 'Run' });
  await page.goto(`${app.url}/jobs/${run.job}`);
  await understand(page);
  await expect(row.getByRole('link', { name: 'Run: Lay out its first leg' })).toBeVisible();
  await layLegs(request, app.url, run, [
    ['r', '40'],
    ['u', '30'],
  ]);
  await page.reload();
  await expect(row).toContainText(/Measure\s*all measured\s*Check\s*no stops\s*Make\s*2 to cut/);
  await row.getByRole('link', { name: 'Run: Cut the pieces' }).click();
  await page.getByRole('checkbox', { name: /^Piece 1 is made/ }).check();
  await expect(page.getByRole('link', { name: /^Make/ })).toContainText('1 to cut');
  await goTo(page, 'Measure', 'Lay out');
  await expect(onServer(page)).toBeVisible();
  await context.setOffline(true);
  await addLegByKeys(page, 'r', '12');
  await expect(page.getByText('1 not on the server yet')).toBeVisible();
  await page.getByRole('link', { name: `Job ${run.job}` }).click();
  await expect(row).toContainText('2 to cut');
  await expect(row).toContainText('1 edit on this device, not on the server yet');
  await context.setOffline(false);
});

test('an unknown job, run and page are said in a sentence', async ({ page, request, app }) => {
  const { job } = await makeJob(request, app.url);
  await page.goto(`${app.url}/jobs/nosuchjob`);
  await expect(page.getByText('There is no job with the id “nosuchjob”')).toBeVisible();
  await page.goto(`${app.url}/jobs/${job}/runs/nosuchrun/lay-out`);
  await expect(page.getByText('There is no run with the id “nosuchrun” in this job')).toBeVisible();
  await expectAccessible(page, 'unknown run');
  await page.goto(`${app.url}/nowhere`);
  await expect(page.getByRole('heading', { name: 'Nothing here' })).toBeVisible();
  await expectAccessible(page, 'not found');
});

test('smell of gas is one tap away on every screen', async ({ page, request, app }) => {
  const run = await makeJob(request, app.url);
  for (const address of ['/', '/jobs/new', `/jobs/${run.job}`, run.layOut, run.cut, '/nowhere']) {
    await page.goto(address);
    const understood = page.getByRole('button', { name: 'Understood' });
    if (address === `/jobs/${run.job}`) await understood.click();
    await page.getByRole('button', { name: /Smell of gas/ }).click();
    await expect(page.getByRole('dialog', { name: 'Smell of gas' }).getByText('Leave now')).toBeVisible();
  }
});

test('what is pressed before the page has its script is done as soon as it has', async ({ page, app }) => {
  let letIn = () => {};
  const gate = new Promise<void>((resolve) => (letIn = resolve));
  await page.route('**/_app/immutable/**/*.js', async (route) => {
    await gate;
    await route.continue();
  });
  await page.goto(app.url, { waitUntil: 'commit' });
  const dark = page.getByRole('button', { name: 'Dark theme for crawl spaces' });
  // In impatience, twice: it is one press all the same.
  await dark.click();
  await dark.click();
  await page.getByRole('button', { name: /Smell of gas/ }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  letIn();
  await expect(page.getByRole('dialog', { name: 'Smell of gas' }).getByText('Leave now')).toBeVisible();
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'crawlspace');
});

test('the theme is kept on the device', async ({ page, app }) => {
  await page.goto(app.url);
  await page.getByRole('button', { name: 'Dark theme for crawl spaces' }).click();
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'crawlspace');
  await page.reload();
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'crawlspace');
});

test('a page asks for its job, and then is quiet', async ({ context, request, app }) => {
  const { job } = await makeJob(request, app.url);
  for (const path of ['', '/identify', '/rules', '/joints']) {
    const page = await context.newPage();
    const asked: string[] = [];
    page.on('request', (each) => asked.push(new URL(each.url()).pathname));
    await page.goto(`${app.url}/jobs/${job}${path}`);
    await expect.poll(() => asked).toContain(`/api/jobs/${job}`);
    // Asked without end it would be dozens of times by then.
    await page.waitForTimeout(1500);
    const times = asked.filter((each) => each === `/api/jobs/${job}`).length;
    expect(times, `${path}: by the page, and by what it shows of the job`).toBeLessThanOrEqual(2);
    await page.close();
  }
});
