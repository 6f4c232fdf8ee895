import { expectAccessible } from '#support/axe.ts';
import { expect, goTo, makeJob, onServer, openRun, readLegs, test } from '#support/e2e.ts';
import { isHand, lookAt, pickSize, walkLeg, walkOn } from '#support/walk.ts';

test('Fernhill: from the meter through the ground to the dairy, a riser at each end, what is wrong said at its place', async ({
  page,
  request,
  app,
}) => {
  const run = await makeJob(request, app.url);
  await openRun(page, run.layOut);
  await pickSize(page).selectOption('1');
  await walkLeg(page, 'r', '1-2');
  await walkLeg(page, 'd', '2-6');
  await walkOn(page, 'polyethylene, stabbed', '1 IPS SDR 11');
  await walkLeg(page, 'r', '41-0');
  await walkLeg(page, 'b', '21-0');
  await walkOn(page, 'black iron', '1');
  await walkLeg(page, 'u', '3-0');
  await walkLeg(page, 'b', '1-4');
  await expect.poll(() => readLegs(page)).toHaveLength(6);
  await expect.poll(async () => (await readLegs(page)).join(' ')).toMatch(/anodeless.*90° bend.*anodeless/s);
  await lookAt(page, 'laid-out', true);
  // What it passes is said at its leg.
  await page
    .getByRole('table', { name: /Legs of the run/ })
    .getByRole('button', { name: /^6/ })
    .click();
  await page.getByRole('button', { name: 'Change leg 6' }).click();
  const passes = page.getByRole('region', { name: 'Floors and walls it passes' });
  await passes.getByLabel('it passes').selectOption('a floor');
  await passes.getByRole('button', { name: 'Say so' }).click();
  await expect(page.getByRole('dialog').getByRole('alert')).toContainText('runs level: it passes no floor');
  await passes.getByLabel('it passes').selectOption('a building’s outer wall');
  await passes.getByRole('button', { name: 'Say so' }).click();
  await passes.getByLabel('edge').selectOption('a sleeve');
  await page.keyboard.press('Escape');
  await expect(onServer(page)).toBeVisible();

  await goTo(page, 'Check');
  const ground = page.getByRole('region', { name: 'In the ground', exact: true });
  await expect(
    ground.getByRole('img', { name: /^A trench 62 ft long\. riser: cover not said/ }),
  ).toBeVisible();
  const point = (name: string | RegExp) => ground.getByRole('region', { name });
  const say = async (name: string | RegExp, label: RegExp, typed: string) => {
    const field = point(name).getByLabel(label);
    await field.fill(typed);
    await field.blur();
  };
  const begin = 'riser, beginning of leg 3';
  const end = 'riser, end of leg 4';
  // No cover at all, and more than anybody digs: refused where it is typed, and nothing is lost.
  await say(begin, /^cover/, '0');
  await expect(point(begin).getByRole('alert')).toContainText('no cover at all');
  await say(begin, /^cover/, "40'");
  await expect(point(begin).getByRole('alert')).toContainText('taken for a slip');
  await say(begin, /^cover/, '18');
  await say('bend, end of leg 3', /^cover/, '20');
  await say(end, /^cover/, '24');
  await say(begin, /^may be buried/, '36');
  await say(end, /^may be buried/, '24');
  const print = '1 IPS SDR 11 PE2708 ASTM D2513 GAS';
  await ground.getByLabel('print line of the pipe').first().fill(print);
  await ground.getByLabel('print line of the pipe').first().blur();
  await say(begin, /^what is printed/, print);
  await say(end, /^what is printed/, '1 IPS SDR 9.3 PE2708 GAS');
  await expect(point(begin)).toContainText('Match: outside and wall agree');
  await expect(point(end)).toContainText('Do not match: wall');
  const findings = page.getByRole('region', { name: 'Findings' });
  await expect(
    findings.getByText(/^Do not cut.*Riser at leg \d is too short: 24 in of cover and 1 5\/16 in of pipe/),
  ).toBeVisible();
  await lookAt(page, 'wrong', true);
  await say(end, /^may be buried/, '36');
  await say(end, /^what is printed/, print);
  await expect(findings.getByText(/too short/)).toBeHidden();
  const bearing = ground.getByLabel('bearing, degrees from north').first();
  await bearing.fill('400');
  await bearing.blur();
  await expect(ground.getByRole('alert')).toContainText('whole degrees clockwise from north');
  await bearing.fill('74');
  await bearing.blur();
  await expect(ground.getByText('falls 2 in toward its end, if the ground is level')).toBeVisible();
  await expect(ground.getByText(/^67 ft 6 in, up each riser/)).toBeVisible();
  // The house settles the depth here, and the question falls away.
  await expect(findings.getByText(/has 18 in of cover at the least: commonly 12 in/)).toBeVisible();
  await ground.getByRole('button', { name: 'Change the house rule Burial depth' }).click();
  await ground.getByRole('radio', { name: /^18 in/ }).check();
  await expect(findings.getByText(/of cover at the least/)).toBeHidden();
  const walls = page.getByRole('region', { name: 'Floors and walls' });
  await expect(walls).toContainText('Leg 6 through a building’s outer wall');
  await expect(walls).toContainText('Still: no shut-off stands before it');
  await expect(onServer(page)).toBeVisible();
  if (!isHand(page)) await expectAccessible(page, 'Check of a buried line');
  await lookAt(page, 'right', true);
  await goTo(page, 'Measure', 'Write');
  const text = page.getByRole('textbox').first();
  for (const each of [
    'of 1 IPS SDR 11 pe',
    'cover 18',
    'bearing 74',
    `printed "${print}"`,
    'bury 36',
    'passes outer-wall sleeve',
  ])
    await expect(text).toContainText(each);
  await goTo(page, 'Make');
  await expect(page.getByText(/stabbed/).first()).toBeVisible();
  await lookAt(page, 'cut', true);
});
