import { expect } from 'chai';
import { standardCatalogue } from '#core/catalogue';
import { NOMINAL_SIZES } from '#core/ends';
import { INCH, inches } from '#core/units';
import { makeRandom } from '#support/random-run.ts';
import { findStops, getEngagementAt, getTarget } from './clocking.ts';
import { getUsualWindow, USUAL_WINDOWS } from '#core/house-rules';

const thread = (size: (typeof NOMINAL_SIZES)[number]) => standardCatalogue.findThread(size)!;
const T = inches(0.75);
/** Degrees between two directions, 0 to 180. */
const between = (a: number, b: number) => Math.abs(((((a - b) % 360) + 540) % 360) - 180);

/** Angle (degrees) at which a fitting points after so many turns past hand-tight. */
const getAngleAt = (handTight: number, turns: number): number =>
  (((handTight + turns * 360) % 360) + 360) % 360;

describe('clocking', () => {
  it('1/2: hand-tight at 90°, wanted up: 2¾ turns, the only stop in 2 to 3½, and what that engages', () => {
    const found = findStops(thread('1/2'), 90, 0, T);
    expect(found.ok && found.value.stops.map(({ turns }) => turns)).to.deep.equal([2.75]);
    expect(found.ok && found.value.best.engagement).to.equal(
      Math.round(thread('1/2').handTight + (2.75 * INCH) / 14),
    );
  });

  it('a window of a turn and a half holds one stop or two; the best lies nearest the middle of the target', () => {
    const two = findStops(thread('3/4'), 0, 90, T);
    expect(two.ok && two.value.stops.map(({ turns }) => turns)).to.deep.equal([2.25, 3.25]);
    expect(two.ok && two.value.best.turns).to.equal(2.25);
    expect(getTarget(USUAL_WINDOWS.upTo2in)).to.deep.equal({ least: 2.5, most: 3 });
  });

  it('a window narrower than a turn may hold none: it says what lies under and over it', () => {
    const none = findStops(thread('1/2'), 0, 0, T, { least: 2.25, most: 2.75 });
    expect(none).to.deep.equal({
      ok: false,
      refusal: { code: 'no-clocking-stop', window: { least: 2.25, most: 2.75 }, under: 2, over: 3 },
    });
    const loosest = findStops(thread('1/2'), 0, 180, T, { least: 0, most: 0.25 });
    expect(loosest).to.have.nested.property('refusal.under', null);
    expect(loosest).to.have.nested.property('refusal.over', 0.5);
  });

  const SEED = 20_273;
  it(`agrees with a brute force over angles, seed ${SEED}`, () => {
    const random = makeRandom(SEED);
    for (let i = 0; i < 400; i++) {
      const size = NOMINAL_SIZES[Math.floor(random() * NOMINAL_SIZES.length)]!;
      const [hand, wanted] = [Math.floor(random() * 720) - 180, Math.floor(random() * 720) - 180];
      const least = Math.floor(random() * 8) / 4;
      const window = { least, most: least + Math.floor(random() * 9) / 4 };
      // Turn the fitting degree by degree from hand-tight on, and note where it points as wanted.
      const brute: number[] = [];
      for (let degrees = 0; degrees <= window.most * 360; degrees++) {
        if (degrees >= window.least * 360 && between(hand + degrees, wanted) === 0) brute.push(degrees / 360);
      }
      const found = findStops(thread(size), hand, wanted, T, window);
      expect(found.ok).to.equal(brute.length > 0);
      if (!found.ok) {
        const { under, over } = found.refusal;
        expect(over).to.be.above(window.most);
        expect(between(getAngleAt(hand, over), wanted)).to.be.below(1e-6);
        if (under !== null) expect(under).to.be.below(window.least);
        continue;
      }
      const { stops, best } = found.value;
      expect(stops.length).to.equal(brute.length);
      for (const [k, { turns, engagement, tightness }] of stops.entries()) {
        expect(turns).to.be.closeTo(brute[k]!, 1e-9);
        expect(engagement).to.equal(getEngagementAt(thread(size), turns));
        expect(tightness.turnsPastHandTight).to.be.closeTo(turns, 1e-6);
        expect(between(getAngleAt(hand, turns), wanted)).to.be.below(1e-6);
      }
      const target = getTarget(window);
      const off = (turns: number) => Math.abs(turns - (target.least + target.most) / 2);
      expect(stops.every(({ turns }) => off(turns) >= off(best.turns) - 1e-9)).to.equal(true);
    }
  });

  it('every size has a stop in its own window, whatever the angle; none is reached by backing off', () => {
    for (const size of NOMINAL_SIZES) {
      for (let wanted = 0; wanted < 360; wanted += 15) {
        const found = findStops(thread(size), 40, wanted, T);
        expect(
          found.ok &&
            found.value.stops.every(
              ({ turns }) => turns >= getUsualWindow({ size, family: 'NPT' }).least - 1e-9,
            ),
        ).to.equal(true);
      }
    }
  });
});
