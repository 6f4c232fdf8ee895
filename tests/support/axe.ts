import { expect, type Page } from '@playwright/test';
import axe from 'axe-core';

/** What axe finds may differ between the themes by these rules only; all others are looked at in one of them. */
const OF_THE_THEME = ['color-contrast', 'link-in-text-block'];

const DESK = { width: 1280, height: 800 };
const HAND = { width: 390, height: 844 };

/**
 * Every rule in the daylight theme, those of colour in the other, at the desk and in the hand: the state is built once, and no
 * frame of ours holds another.
 */
export async function expectAccessible(page: Page, what: string): Promise<void> {
  if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(axe.source);
  for (const size of [DESK, HAND]) {
    await page.setViewportSize(size);
    // The words that follow the hand by a frame, and what a narrower window asks for.
    await page.evaluate(
      () => new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done))),
    );
    for (const [theme, rules] of [
      ['daylight', null],
      ['crawlspace', OF_THE_THEME],
    ] as const) {
      const told = await page.evaluate(findViolations, [theme, rules] as const);
      expect(told, `${what}, ${theme}, ${size.width} wide`).toEqual([]);
    }
  }
  await page.setViewportSize(DESK);
}

/** Runs in the page. */
async function findViolations([name, only]: readonly [string, readonly string[] | null]): Promise<string[]> {
  const { dataset } = document.documentElement;
  const before = dataset['theme'];
  dataset['theme'] = name;
  const run = (window as unknown as { axe: typeof axe }).axe.run;
  const { violations } = await run(document, {
    resultTypes: ['violations'],
    iframes: false,
    ...(only ? { runOnly: { type: 'rule', values: [...only] } } : {}),
  });
  if (before !== undefined) dataset['theme'] = before;
  return violations.map(
    ({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html.slice(0, 160)).join(' | ')}`,
  );
}
