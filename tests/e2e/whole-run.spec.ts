import type { Locator, Page } from '@playwright/test';
import { expect, makeJob, onServer, openRun, readLegs, test } from '#support/e2e.ts';

/** A hand waits until the picture stands: a press into a busy page is a long press, which is another thing. */
async function waitForPicture(page: Page): Promise<void> {
  await page.evaluate(
    () =>
      new Promise<void>((resolve) =>
        requestAnimationFrame(() => requestAnimationFrame(() => setTimeout(resolve))),
      ),
  );
}

/** Hands of one kind: the thumb taps what is on the screen, the keyboard never touches a pointer. */
interface Hands {
  press(button: Locator): Promise<void>;
  direction(way: string): Promise<void>;
  measure(typed: string): Promise<void>;
}

const KEYS: Readonly<Record<string, string>> = {
  up: 'u',
  down: 'd',
  left: 'l',
  right: 'r',
  out: 'o',
  back: 'b',
};

function useKeyboard(page: Page): Hands {
  const field = page.getByLabel('Measure, centre to centre');
  return {
    press: async (button) => {
      await button.focus();
      await page.keyboard.press('Enter');
    },
    direction: async (way) => {
      await field.focus();
      await page.keyboard.press(KEYS[way]!);
    },
    measure: async (typed) => {
      await field.focus();
      await page.keyboard.type(typed);
    },
  };
}

function useThumb(page: Page): Hands {
  const rose = page.getByRole('group', { name: 'Direction of the leg' });
  const pad = page.getByRole('group', { name: 'Measure keypad' });
  return {
    press: async (button) => {
      await waitForPicture(page);
      await button.tap();
    },
    direction: (way) => rose.getByRole('button', { name: new RegExp(`^${way}\\b`) }).tap(),
    measure: async (typed) => {
      for (const digit of typed) await pad.getByRole('button', { name: digit, exact: true }).tap();
    },
  };
}

/**
 * Two branches, running dimensions from a datum, two reducing tees, a valve of measured length, a union by eye, a rolling
 * offset and a street elbow. Cuts by hand, from published lengths less engagement (1 in: 0.6875, 3/4: 0.5625):
 *
 * 1  riser 48, valve 3 in long, its middle 30 on: 30 − (1.5 − 0.6875) = 29.1875, and 18 − 2 × 0.8125 = 16.375
 * 2  60 − 0.8125 (elbow) − 0.6825 (run of a 1 × 1 × 3/4 tee, 1.37 − 0.6875) = 58.505
 * 3  108 from the corner, so 48: less 2 × 0.6825 = 46.635; the line stands at 105.14, marked 105 1/8, less 58 1/2: 46 5/8
 * 4  144 from the corner, so 36: less 0.6825 and 0.8125 = 34.505; at 139.645, marked 139 5/8, less 105 1/8: 34 1/2
 * 5  street elbow in the elbow: 2.14 + 1.5 − 0.6875 = 2.9525, no pipe
 * 6  20 − 0.8125 = 19.1875
 * 7  3/4: 20 − 0.8875 (branch, 1.45 − 0.5625) − 0.4175 (45°, 0.98 − 0.5625) = 18.695
 * 8  set 6, roll 8: true set 10, travel 14.1421; less 2 × 0.4175 = 13.3071
 * 9  24, union 2.06 half way: 12 − 0.4175 − 0.4675 = 11.115, then 12 − 0.4675 = 11.5325; at 22.6475, marked 22 5/8
 * 10 36 − 0.8875 = 35.1125
 */
const EXPECTED: readonly string[] = [
  '1 4 ft 1 up, valve 2 ft 5 3/16 in 1 ft 4 3/8 in 90° elbow',
  '2 5 ft 1 right 4 ft 10 1/2 in reducing tee',
  '3 4 ft 1 right 3 ft 10 5/8 in reducing tee',
  '4 3 ft 1 right 2 ft 10 1/2 in 90° elbow',
  '5 2 15/16 in 1 down no pipe street 90° elbow',
  '6 1 ft 8 in 1 out 1 ft 7 3/16 in open end',
  '10 3 ft 3/4 out 2 ft 11 1/8 in open end',
  '7 1 ft 8 in 3/4 down 1 ft 6 11/16 in 45° elbow',
  '8 1 ft 2 1/8 in 3/4 offset 45° 1 ft 1 5/16 in 45° elbow',
  '9 2 ft 3/4 down, union 11 1/8 in 11 1/2 in open end',
];

async function layOutWholeRun(page: Page, hands: Hands): Promise<void> {
  const entry = page.getByRole('form', { name: 'Next leg' });
  const add = async (way: string, measure: string) => {
    await hands.direction(way);
    await hands.measure(measure);
    await hands.press(entry.getByRole('button', { name: /^Add leg/ }));
  };
  await entry.getByLabel('size').selectOption('1');
  await add('up', '48');
  await add('right', '60');
  // From here on the header is marked out from the corner.
  await hands.press(entry.getByRole('button', { name: /^Measured centre to centre/ }));
  const points = page.getByRole('dialog', { name: 'Measured from where to where' });
  await points.getByLabel(/^from/).selectOption({ label: 'datum: 90° elbow at leg 1' });
  await hands.press(points.getByRole('button', { name: 'Done' }));
  await add('right', '108');
  await add('right', '144');
  await hands.press(entry.getByRole('button', { name: /from the centre of the 90° elbow at leg 1/ }));
  await hands.press(points.getByRole('button', { name: 'Centre to centre' }));
  await hands.press(points.getByRole('button', { name: 'Done' }));
  // A street elbow straight into the elbow at the end.
  await hands.press(entry.getByRole('button', { name: /^no pipe/ }));
  await hands.press(
    page.getByRole('group', { name: 'Direction of the leg' }).getByRole('button', { name: 'down' }),
  );
  await hands.press(entry.getByRole('button', { name: 'Add fitting: down' }));
  await add('out', '20');
  // The first branch, with its offset past a post.
  await hands.press(page.getByRole('button', { name: 'Grow from the coupling at the end of leg 2' }));
  await entry.getByLabel('size').selectOption('3/4');
  await add('down', '20');
  await hands.press(entry.getByRole('button', { name: /^offset/ }));
  await entry.getByLabel('set to the side').selectOption('left');
  await entry.getByLabel('roll to the side').selectOption('out');
  await entry.getByRole('textbox', { name: 'set', exact: true }).fill('6');
  await entry.getByRole('textbox', { name: 'roll', exact: true }).fill('8');
  await expect(entry.getByText(/Travel 14\.14214 in, run 10 in/)).toBeVisible();
  await hands.press(entry.getByRole('button', { name: 'Add offset' }));
  await add('down', '24');
  // The second branch.
  await hands.press(page.getByRole('button', { name: 'Grow from the coupling at the end of leg 3' }));
  await entry.getByLabel('size').selectOption('3/4');
  await add('out', '36');
}

async function putInParts(page: Page, hands: Hands): Promise<void> {
  await hands.press(page.getByRole('button', { name: /^1 4 ft/ }));
  await hands.press(page.getByRole('button', { name: 'Change leg 1' }));
  const one = page.getByRole('dialog', { name: 'Leg 1' });
  await one.getByLabel('put in a').selectOption('valve');
  await one.getByLabel('to its middle').fill('30');
  await one.getByLabel('to its middle').press('Tab');
  await expect(one.getByText('2 ft 6 in from the near end')).toBeVisible();
  await one.getByLabel(/^end to end/).fill('3');
  await one.getByLabel(/^end to end/).press('Tab');
  await hands.press(one.getByRole('button', { name: 'Close', exact: true }));
  await hands.press(page.getByRole('button', { name: /^9 2 ft/ }));
  await hands.press(page.getByRole('button', { name: 'Change leg 9' }));
  const nine = page.getByRole('dialog', { name: 'Leg 9' });
  await hands.press(nine.getByRole('button', { name: 'Half way, by eye' }));
  await expect(nine.getByText('by eye', { exact: false }).first()).toBeVisible();
  await hands.press(nine.getByRole('button', { name: 'Close', exact: true }));
}

test('two branches, a rolling offset, reducing tees, a union, a valve and a street elbow, from a datum', async ({
  page,
  request,
  app,
}, { project }) => {
  test.setTimeout(120_000);
  const run = await makeJob(request, app.url);
  await openRun(page, run.layOut);
  const hands = project.name === 'phone' ? useThumb(page) : useKeyboard(page);
  await layOutWholeRun(page, hands);
  await putInParts(page, hands);
  await expect.poll(() => readLegs(page)).toEqual(EXPECTED);
  await expect(onServer(page)).toBeVisible();
  // Every step comes back, and every step goes again.
  const undo = page.getByRole('button', { name: 'Undo' });
  for (let i = 0; i < 13; i++) await hands.press(undo);
  await expect(undo).toBeDisabled();
  const redo = page.getByRole('button', { name: 'Redo' });
  for (let i = 0; i < 13; i++) await hands.press(redo);
  await expect.poll(() => readLegs(page)).toEqual(EXPECTED);
  await expect(onServer(page)).toBeVisible();
  await page.reload();
  await expect.poll(() => readLegs(page)).toEqual(EXPECTED);
});
