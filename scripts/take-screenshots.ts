import { chromium, type Page } from '@playwright/test';
import { mkdirSync } from 'node:fs';
import { findFreePort } from './system/free-port.mjs';
import { startServer, stopServer } from './system/server.mjs';

const FOLDER = 'docs/screenshots';
const RUN = '/jobs/demofernhill/runs/demofernhillheader';
const SIZES = { desk: { width: 1280, height: 800 }, phone: { width: 390, height: 844 } };

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
  await page.getByRole('button', { name: 'Grow from the open end at the end of leg 4' }).click();
  await page.getByRole('button', { name: 'back away from you' }).click();
  await page.getByLabel('Measure, centre to centre').fill('2-4 3/8');
};

const SHOTS: readonly Shot[] = [
  { name: 'jobs', path: '/', size: 'desk', theme: 'daylight' },
  { name: 'new-job', path: '/jobs/new', size: 'desk', theme: 'daylight' },
  { name: 'job', path: '/jobs/demofernhill', size: 'desk', theme: 'daylight', act: understood },
  { name: 'lay-out', path: `${RUN}/lay-out`, size: 'desk', theme: 'daylight', act: type },
  { name: 'lay-out-crawlspace', path: `${RUN}/lay-out`, size: 'desk', theme: 'crawlspace', act: understood },
  { name: 'lay-out-phone', path: `${RUN}/lay-out`, size: 'phone', theme: 'daylight', act: understood },
  {
    name: 'why',
    path: `${RUN}/lay-out`,
    size: 'desk',
    theme: 'daylight',
    act: async (page) => {
      await understood(page);
      await page.getByRole('button', { name: 'Why? cut of leg 10' }).click();
    },
  },
  {
    name: 'house-rules',
    path: `${RUN}/lay-out`,
    size: 'desk',
    theme: 'daylight',
    act: async (page) => {
      await understood(page);
      await page.getByRole('button', { name: 'House rules' }).click();
    },
  },
  { name: 'cut-sheet', path: `${RUN}/cut`, size: 'desk', theme: 'daylight', act: understood },
  { name: 'cut-sheet-phone', path: `${RUN}/cut`, size: 'phone', theme: 'crawlspace', act: understood },
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
const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-quic'],
});
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
