import type { Page } from '@playwright/test';
import { expect } from './e2e.ts';

interface Point {
  readonly x: number;
  readonly y: number;
}

/** The points of a path made of straight strokes. */
function readPath(d: string): Point[] {
  return [...d.matchAll(/[ML]\s*(-?[\d.]+)[ ,]+(-?[\d.]+)/g)].map((match) => ({
    x: Number(match[1]),
    y: Number(match[2]),
  }));
}

/** Height of a broken line at x; null outside it. */
function getHeight(points: readonly Point[], x: number): number | null {
  for (let i = 1; i < points.length; i++) {
    const [a, b] = [points[i - 1]!, points[i]!];
    if (a.x <= x && x <= b.x) return b.x === a.x ? a.y : a.y + ((b.y - a.y) * (x - a.x)) / (b.x - a.x);
  }
  return null;
}

/** The light that shows between two lines from x to x. */
function getLight(a: readonly Point[], b: readonly Point[], from: number, to: number): number {
  let light = 0;
  for (let x = from; x <= to; x += 0.5) {
    light += Math.abs((getHeight(a, x) ?? 0) - (getHeight(b, x) ?? 0));
  }
  return light;
}

/** What the drawn light between gauge and specimen is, as an eye would judge it. */
async function seeLight(page: Page, from: number, to: number): Promise<number> {
  const [gauge, specimen] = await page
    .getByLabel('Question')
    .locator('svg[role=img] path')
    .evaluateAll((paths) => paths.map((path) => path.getAttribute('d')!));
  return getLight(readPath(gauge!), readPath(specimen!), from, to);
}

async function least<Value>(
  values: readonly Value[],
  see: (value: Value) => Promise<number>,
): Promise<Value> {
  let best = values[0] as Value;
  let seen = Infinity;
  for (const value of values) {
    const light = await see(value);
    if (light < seen) [best, seen] = [value, light];
  }
  return best;
}

/** Answers the question shown with the simulated instrument beside it, by what is drawn and said there. */
export async function answerWithSimulated(page: Page): Promise<void> {
  const card = page.getByLabel('Question');
  const readings = page.getByLabel('Readings').getByRole('listitem');
  const before = await readings.count();
  const ask = await card.getByRole('combobox').inputValue();
  switch (ask) {
    case 'diameter':
    case 'second-diameter':
      await card.getByRole('button', { name: 'Close the jaws' }).click();
      await card.getByRole('button', { name: 'Take this reading' }).click();
      break;
    case 'count':
      await card.getByRole('button', { name: 'Take this reading' }).click();
      break;
    case 'leaf': {
      const slider = card.getByRole('slider', { name: 'Leaf' });
      const count = Number(await slider.getAttribute('max')) + 1;
      const hold = (at: number) => slider.fill(String(at));
      const best = await least([...Array(count).keys()], async (at) => {
        await hold(at);
        return seeLight(page, 10, 270);
      });
      await hold(best);
      await card.getByRole('button', { name: 'fits', exact: true }).click();
      break;
    }
    case 'flank': {
      const hold = (angle: string) => card.getByRole('button', { name: `hold ${angle}°` }).click();
      const best = await least(['60', '55', '29'], async (angle) => {
        await hold(angle);
        return seeLight(page, 12, 260);
      });
      await hold(best);
      await card
        .getByRole('button', { name: new RegExp(`^${best === '29' ? 'square' : `${best}°`}`) })
        .click();
      break;
    }
    case 'seat':
      await answerSeat(page);
      break;
    default:
      await answerLook(page, ask);
  }
  await expect(readings).not.toHaveCount(before);
}

/** The seat by its outline: a cone is one of three angles, other seats have outlines of their own. */
async function answerSeat(page: Page): Promise<void> {
  const card = page.getByLabel('Question');
  const outline = (await card.locator('svg[role=img] path').nth(1).getAttribute('d'))!;
  const points = readPath(outline);
  const [a, b] = [points[0]!, points[1]!];
  const angle = Math.round((Math.atan2(b.y - a.y, b.x - a.x) * 180) / Math.PI);
  const name = outline.includes('Q')
    ? 'another: nose, ring, soft seat'
    : points.length === 7 || outline.startsWith('M40 48')
      ? 'only a broken edge'
      : outline.startsWith('M40 110')
        ? 'flat, for a washer'
        : [30, 37, 45].includes(angle)
          ? `${angle}° seat`
          : 'no seat';
  await card.getByRole('button', { name, exact: true }).click();
}

/** What the look says → what is picked. */
async function answerLook(page: Page, ask: string): Promise<void> {
  const card = page.getByLabel('Question');
  const said = (await card.locator('p', { hasText: /\.$/ }).last().innerText()).toLowerCase();
  const choices = await card.getByRole('list', { name: 'Answers' }).getByRole('button').allInnerTexts();
  const pick = (() => {
    if (ask === 'gender')
      return choices.find((text) => text.startsWith(said.includes('inside') ? 'female' : 'male'));
    if (ask === 'hand')
      return choices.find((text) => text.includes(said.includes('left') ? 'left' : 'right'));
    if (ask === 'swivel') return choices[said.includes('turns') ? 0 : 1];
    if (ask === 'taper') return choices[said.includes('slant') ? 0 : 1];
    return choices.find((text) => said.includes(text.toLowerCase()));
  })();
  if (!pick) throw new Error(`no answer to ${ask} in “${said}”`);
  await card.getByRole('button', { name: pick, exact: true }).click();
}
