import { expect, type Page } from '@playwright/test';
import axe from 'axe-core';

const DESK = { width: 1280, height: 800 };
const HAND = { width: 390, height: 844 };
const THEMES = ['daylight', 'crawlspace'] as const;

/** Which theme a look has at the desk; it has the other in the hand. Of the name alone, so that a fault is found again. */
const isTurned = (what: string): boolean =>
  [...what].reduce((sum, letter) => sum + letter.charCodeAt(0), 0) % 2 === 1;

/**
 * Looks at what stands on the screen with every rule in the window that is there, in one theme; and in a window of the other size, in the
 * other theme, with every rule but colours: they are what takes the time, and every part of the app is on many looks, each theme on
 * about half of them. It is called where a walk comes by, and leaves the window as it was.
 */
export async function expectAccessible(page: Page, what: string): Promise<void> {
  if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(axe.source);
  const before = page.viewportSize() ?? DESK;
  const isHandLast = before.width > HAND.width;
  const themes = isTurned(what) ? [...THEMES].reverse() : THEMES;
  const looks = [
    [DESK, themes[0]!],
    [HAND, themes[1]!],
  ] as const;
  // The window that is there already comes first.
  for (const [i, [size, theme]] of (isHandLast ? looks : [...looks].reverse()).entries()) {
    await page.setViewportSize(size);
    const told = await page.evaluate(findViolations, [theme, i === 0] as const);
    expect(told, `${what}, ${theme}, ${size.width} wide`).toEqual([]);
  }
  await page.setViewportSize(before);
}

/** Runs in the page. */
async function findViolations([theme, hasColours]: readonly [string, boolean]): Promise<string[]> {
  // The words that follow the hand by a frame, and what a narrower window asks for.
  await new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done)));
  const { dataset } = document.documentElement;
  const before = dataset['theme'];
  dataset['theme'] = theme;
  const { run } = (window as unknown as { axe: typeof axe }).axe;
  // Behind a dialog the page is out of reach; it has looks of its own.
  const place = [...document.querySelectorAll('dialog:modal')].at(-1) ?? document;
  const { violations } = await run(place, {
    resultTypes: ['violations'],
    iframes: false,
    rules: { 'color-contrast': { enabled: hasColours } },
  });
  if (before !== undefined) dataset['theme'] = before;
  return violations.map(
    ({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html.slice(0, 160)).join(' | ')}`,
  );
}
