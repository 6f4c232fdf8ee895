import { chromium, type Page } from '@playwright/test';
import { mkdirSync } from 'node:fs';
import { LAUNCH } from './system/browser.mjs';
import { findFreePort } from './system/free-port.mjs';
import { startServer, stopServer } from './system/server.mjs';

const FOLDER = 'docs/screenshots';
const RUN = '/jobs/demofernhill/runs/demofernhillheader';
const SIZES = {
  desk: { width: 1280, height: 800 },
  phone: { width: 390, height: 844 },
  paper: { width: 690, height: 1000 },
};

/** A piece between a tee's branch and a 45°, by the thumb's keys. */
async function askQuickCut(page: Page): Promise<void> {
  const press = (name: string) => page.getByRole('button', { name, exact: true }).click();
  for (const name of ['3/4', 'tee, in its branch', '45° elbow', 'centre to centre: on to the measure'])
    await press(name);
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
  await page.getByRole('button', { name: 'Grow from the open end at the end of leg 10' }).click();
  await page.getByRole('button', { name: 'back away from you' }).click();
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
const takeFromTray = async (page: Page) => {
  await page.getByLabel('Family, to practise one').selectOption('g');
  await page.getByRole('button', { name: 'Take one from the tray' }).click();
  await page.getByLabel('or answer another').selectOption('leaf');
  await page.evaluate(() => scrollTo(0, 0));
};
const lookAtPipe = async (page: Page) => {
  await page.getByRole('button', { name: 'metal, no magnet holds' }).click();
  await page.getByRole('button', { name: 'corrugated' }).click();
  await page.getByLabel('A size as it is written').fill('8 mm');
  await page.getByLabel('As printed on the pipe').fill('1 IPS SDR 11 PE2708 D2513 GAS .097 WALL');
  await page.evaluate(() => scrollTo(0, 0));
};
