import { chromium, type Page } from '@playwright/test';
import { mkdirSync } from 'node:fs';
import { LAUNCH } from './system/browser.mjs';
import { findFreePort } from './system/free-port.mjs';
import { startServer, stopServer } from './system/server.mjs';

const FOLDER = 'docs/screenshots';
const RUN = '/jobs/demofernhill/runs/demofernhillheader';
const LANE = '/jobs/demofernhill/runs/demofernhilllane';
const TUBING = '/jobs/demofernhill/runs/demofernhilltubing';
const SIZES = {
  desk: { width: 1280, height: 800 },
  phone: { width: 390, height: 844 },
};

/** A piece between a tee's branch and a 45°, by the thumb's keys. */
async function askQuickCut(page: Page): Promise<void> {
  const press = (name: string) => page.getByRole('button', { name, exact: true }).click();
  for (const name of ['3/4', 'tee, in its branch', '45° elbow']) await press(name);
  for (const key of ['3', 'feet', '7', '1/4']) await press(key);
}

interface Shot {
  readonly name: string;
  readonly path: string;
  readonly size: keyof typeof SIZES;
  readonly theme: 'daylight' | 'crawlspace';
  readonly act?: (page: Page) => Promise<void>;
}

const understood = (page: Page) => page.getByRole('button', { name: 'Understood' }).click();
const type = async (page: Page) => {
  await understood(page);
  await page.getByRole('button', { name: 'Grow from the open end at the end of leg 13' }).click();
  await page.getByRole('button', { name: /^down/ }).click();
  await page.getByLabel('Measure, centre to centre').fill('2-4 3/8');
};

/** A male of 3/4 and 14 an inch: American or British is not known yet. */
const measureTwin = async (page: Page) => {
  const take = () => page.getByRole('button', { name: 'Take this reading' }).click();
  const ask = (question: string) => page.getByLabel('or answer another').selectOption(question);
  await ask('gender');
  await page.getByRole('button', { name: /^male/ }).click();
  await ask('diameter');
  await page.getByLabel(/^Diameter/).fill('1.026');
  await take();
  await ask('leaf');
  await page.getByText('14', { exact: true }).click();
  await take();
  await ask('second-diameter');
  await page.getByLabel(/^Diameter/).fill('1.048');
  await take();
  await ask('flank');
  await page.evaluate(() => scrollTo(0, 0));
};
const lookAtPipe = async (page: Page) => {
  await page.getByRole('button', { name: 'metal, no magnet holds' }).click();
  await page.getByRole('button', { name: 'corrugated' }).click();
  await page.getByLabel('A size as it is written').fill('8 mm');
  await page.getByLabel('As printed on the pipe').fill('1 IPS SDR 11 PE2708 D2513 GAS .097 WALL');
  await page.evaluate(() => scrollTo(0, 0));
};
const filterChart = (page: Page) => page.getByLabel('Threads an inch').fill('14');

const layTape = async (page: Page) => {
  await understood(page);
  await page.getByRole('button', { name: /^4 3 ft/ }).click();
  await page.getByRole('button', { name: 'Lay the tape on leg 4' }).click();
  await page.getByLabel('read at').selectOption({ label: 'centre, union at leg 4' });
};
/** A hose's flare nut and a larger pipe: what joins them. */
const putTogether = async (page: Page) => {
  const name = async (end: number, said: string) => {
    await page.getByLabel('type its name').nth(end).fill(said);
    await page.getByLabel('type its name').nth(end).press('Enter');
  };
  await name(0, '3/8 flare nut');
  await name(1, '3/4 npt male');
  await page.getByRole('listitem', { name: 'Chain 1' }).waitFor();
  await page
    .getByRole('heading', { name: 'What joins them' })
    .evaluate((heading) => heading.scrollIntoView());
};
const askAtCounter = async (page: Page) => {
  await page.getByLabel('ask for it as at the counter').fill('1/2 mip x 3/8 flare half union');
};
/** From the findings of a run to what joins the two ends. */
const joinInRun = async (page: Page) => {
  await understood(page);
  await page.getByRole('link', { name: 'What joins them' }).first().click();
  await page.getByRole('listitem', { name: 'Chain 1' }).waitFor();
};
const lookBack = async (page: Page) => {
  await understood(page);
  await page.getByRole('button', { name: /leg 12 added/ }).click();
};

const SHOTS: readonly Shot[] = [
  { name: 'jobs', path: '/', size: 'desk', theme: 'daylight' },
  { name: 'quick-cut', path: '/quick-cut', size: 'phone', theme: 'daylight', act: askQuickCut },
  { name: 'job', path: '/jobs/demofernhill', size: 'desk', theme: 'daylight', act: understood },
  { name: 'identify', path: '/identify', size: 'desk', theme: 'daylight', act: measureTwin },
  { name: 'pipe', path: '/identify/pipe', size: 'desk', theme: 'daylight', act: lookAtPipe },
  { name: 'threads', path: '/threads', size: 'desk', theme: 'daylight', act: filterChart },
  { name: 'two-ends', path: '/joints', size: 'desk', theme: 'daylight', act: putTogether },
  { name: 'parts', path: '/parts', size: 'desk', theme: 'daylight', act: askAtCounter },
  {
    name: 'transition',
    path: '/jobs/demolanternstreet/runs/demolanternproofer1/check',
    size: 'phone',
    theme: 'crawlspace',
    act: joinInRun,
  },
  { name: 'lay-out', path: `${RUN}/lay-out`, size: 'desk', theme: 'daylight', act: type },
  { name: 'tape', path: `${RUN}/lay-out`, size: 'desk', theme: 'crawlspace', act: layTape },
  { name: 'lay-out-phone', path: `${TUBING}/lay-out`, size: 'phone', theme: 'daylight', act: understood },
  {
    name: 'write',
    path: `${RUN}/write`,
    size: 'desk',
    theme: 'daylight',
    act: async (page) => {
      await understood(page);
      await page.getByRole('textbox', { name: /The run in shorthand/ }).focus();
      await page.keyboard.press('Control+Home');
      for (let line = 0; line < 10; line++) await page.keyboard.press('ArrowDown');
      await page.keyboard.press('End');
      await page.keyboard.insertText(', unoin 40%');
    },
  },
  { name: 'house-rules', path: '/rules', size: 'desk', theme: 'daylight' },
  {
    name: 'check',
    path: `${LANE}/check`,
    size: 'desk',
    theme: 'crawlspace',
    act: async (page) => {
      await understood(page);
      await page
        .getByRole('region', { name: 'In the ground', exact: true })
        .evaluate((section) => section.scrollIntoView());
    },
  },
  { name: 'drops', path: `${RUN}/drops`, size: 'desk', theme: 'daylight', act: understood },
  { name: 'cut-sheet', path: `${RUN}/cut`, size: 'desk', theme: 'daylight', act: understood },
  {
    name: 'vise',
    path: `${TUBING}/vise`,
    size: 'phone',
    theme: 'daylight',
    act: async (page) => {
      await understood(page);
      // The last piece is the copper: its second bend.
      const next = page.getByRole('button', { name: 'Next piece' });
      await next.waitFor();
      while (await next.isVisible()) await next.click();
      await page.getByRole('button', { name: 'Next bend' }).click();
      await page.evaluate(() => scrollTo(0, 330));
    },
  },
  { name: 'history', path: `${RUN}/history`, size: 'desk', theme: 'daylight', act: lookBack },
];

mkdirSync(FOLDER, { recursive: true });
const port = await findFreePort();
const url = process.env['DATABASE_URL'] ?? '';
const server = await startServer({
  build: process.env['PORTHOLE_BUILD'] ?? 'build',
  port,
  url,
  level: 'error',
});
const browser = await chromium.launch(LAUNCH);
try {
  for (const { name, path, size, theme, act } of SHOTS) {
    const context = await browser.newContext({
      viewport: SIZES[size],
      colorScheme: theme === 'crawlspace' ? 'dark' : 'light',
      reducedMotion: 'reduce',
    });
    const page = await context.newPage();
    await page.goto(`http://localhost:${port}${path}`, { waitUntil: 'networkidle' });
    await act?.(page);
    await page.waitForTimeout(200);
    await page.screenshot({ path: `${FOLDER}/${name}.png` });
    await context.close();
  }
} finally {
  await browser.close();
  await stopServer(server);
}
