import { chromium } from '@playwright/test';
import { gzipSync } from 'node:zlib';
import { LAUNCH } from '../scripts/system/browser.mjs';
import { makeJob, startTestApp } from '#support/e2e.ts';
import { request } from '@playwright/test';

interface Weight {
  /** Bytes of gzipped JavaScript that had come when something was first painted, and all until the page was quiet. */
  readonly beforePaint: number;
  readonly all: number;
  readonly files: number;
}

async function weigh(url: string): Promise<Weight> {
  const browser = await chromium.launch(LAUNCH);
  const page = await browser.newPage();
  const bodies = new Map<string, Promise<Buffer>>();
  page.on('response', (response) => {
    if (response.headers()['content-type']?.includes('javascript'))
      bodies.set(response.url(), response.body());
  });
  await page.goto(url, { waitUntil: 'networkidle' });
  const early = await page.evaluate(() => {
    const painted = performance.getEntriesByName('first-contentful-paint')[0]?.startTime ?? Infinity;
    return performance
      .getEntriesByType('resource')
      .filter((entry) => (entry as PerformanceResourceTiming).responseEnd <= painted)
      .map(({ name }) => name);
  });
  const sizes = await Promise.all(
    [...bodies].map(async ([name, body]) => ({ name, bytes: gzipSync(await body, { level: 9 }).length })),
  );
  await browser.close();
  const sum = (of: typeof sizes) => of.reduce((total, { bytes }) => total + bytes, 0);
  return {
    beforePaint: sum(sizes.filter(({ name }) => early.includes(name))),
    all: sum(sizes),
    files: sizes.length,
  };
}

const KB = 1024;
const app = await startTestApp();
const api = await request.newContext();
try {
  const { layOut } = await makeJob(api, app.url);
  console.log('first page: gzipped JavaScript, until something is painted and until the page is quiet');
  for (const [name, url, paint, quiet] of [
    ['jobs', app.url, 100, 165],
    ['lay out, with the catalogue', layOut, 110, 165],
  ] as const) {
    const { beforePaint, all, files } = await weigh(url);
    console.log(
      `  ${name}: ${(beforePaint / KB).toFixed(1)} kB before the first paint (at most ${paint} wanted), ${(all / KB).toFixed(1)} kB in ${files} files until quiet (at most ${quiet} wanted)`,
    );
    if (beforePaint > paint * KB || all > quiet * KB) process.exitCode = 1;
  }
} finally {
  await api.dispose();
  await app.close();
}
