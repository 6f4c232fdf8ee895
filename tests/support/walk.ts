import { expect, type Page } from '@playwright/test';
import { addLegByKeys } from './e2e.ts';

/* A run laid out by hand, at a desk and in the hand alike. */

/** Whether it is a phone. */
export const isHand = (page: Page): boolean => page.viewportSize()!.width < 500;

/** What the next leg is of: its size, or its material. */
export const pickSize = (page: Page) => page.getByLabel('size', { exact: true });

const WAYS: Readonly<Record<string, string>> = {
  r: 'right',
  l: 'left',
  u: 'up',
  d: 'down',
  b: 'back',
  o: 'out',
};

/** By the keys at a desk; in the hand by the pad: what is typed goes in by the keys on the screen. */
export async function walkLeg(page: Page, way: string, measure: string): Promise<void> {
  if (!isHand(page)) return addLegByKeys(page, way, measure);
  await page
    .getByRole('group', { name: 'Direction of the leg' })
    .getByRole('button', { name: new RegExp(`^${WAYS[way]!}\\b`) })
    .tap();
  await page.getByLabel('Measure, centre to centre').fill(measure);
  await page.getByRole('button', { name: /^Add leg/ }).click();
  await expect(page.getByLabel('Measure, centre to centre')).toHaveValue('');
}

/** The next legs are of this material, and of this size of it. */
export async function walkOn(page: Page, material: string, of: string): Promise<void> {
  await pickSize(page).selectOption({ label: material });
  await pickSize(page).selectOption(of);
}

let taken = 0;
/** A picture of how far a walk has come, where pictures are wanted (WALK=1): they lie beside the results. */
export async function lookAt(page: Page, name: string, fullPage = false): Promise<void> {
  if (!process.env['WALK']) return;
  const path = `test-results/walk/${isHand(page) ? 'phone' : 'desk'}-${String(taken++).padStart(2, '0')}-${name}.png`;
  await page.screenshot({ path, fullPage });
}
