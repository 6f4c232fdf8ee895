import { chromium } from '@playwright/test';
import { gzipSync } from 'node:zlib';
import { LAUNCH } from '../scripts/system/browser.mjs';
import { makeJob, startTestApp } from '../tests/support/e2e.ts';
import { request } from '@playwright/test';

/** Bytes of gzipped JavaScript a page fetches until it is quiet. */
async function weigh(url: string): Promise<{ bytes: number; files: number }> {
  const browser = await chromium.launch(LAUNCH);
  const page = await browser.newPage();
  const bodies: Promise<Buffer>[] = [];
  page.on('response', (response) => {
    if (response.headers()['content-type']?.includes('javascript')) bodies.push(response.body());
  });
  await page.goto(url, { waitUntil: 'networkidle' });
  const sizes = (await Promise.all(bodies)).map((body) => gzipSync(body, { level: 9 }).length);
  await browser.close();
  return { bytes: sizes.reduce((sum, size) => sum + size, 0), files: sizes.length };
}

const LIMIT = 150 * 1024;
const app = await startTestApp();
const api = await request.newContext();
try {
  const { layOut } = await makeJob(api, app.url);
  console.log(
    'first page: gzipped JavaScript until the page is quiet, all that was loaded on the way included',
  );
  for (const [name, url] of [
    ['jobs', app.url],
    ['lay out, with the catalogue', layOut],
  ] as const) {
    const { bytes, files } = await weigh(url);
    console.log(`  ${name}: ${(bytes / 1024).toFixed(1)} kB in ${files} files (under 150 kB is wanted)`);
    if (bytes >= LIMIT) process.exitCode = 1;
  }
} finally {
  await api.dispose();
  await app.close();
}
