import { expect } from 'chai';
import { standardCatalogue } from '#core/catalogue';
import { type NominalSize, NOMINAL_SIZES } from '#core/ends';
import { findEngagement } from '#core/allowances';
import { INCH, inches } from '#core/units';
import { getHouseWindow, getUsualWindow, USUAL_WINDOWS, type HowTightChoice } from '#core/house-rules';
import { findAsked, findFaceGap, getTightness } from './tightness.ts';
import { getWrench } from './wrench.ts';

const thread = (size: NominalSize) => standardCatalogue.findThread(size)!;

describe('getTightness', () => {
  /** Turns past hand-tight that the shop table implies, as the trade states them. */
  const IMPLIED: readonly [NominalSize, number][] = [
    ['1/8', 2.4], ['1/4', 2.65], ['3/8', 2.4], ['1/2', 2.5], ['3/4', 3.1], ['1', 3.3],
    ['1-1/4', 3.1], ['1-1/2', 3.1], ['2', 3.6], ['2-1/2', 2.0], ['3', 1.9], ['4', 2.25],
  ]; // prettier-ignore
  for (const [size, turns] of IMPLIED) {
    it(`${size}: the shop table means about ${turns} turns past hand-tight`, () => {
      const { normalEngagement, cutLength } = thread(size);
      expect(getTightness(thread(size), normalEngagement, cutLength).turnsPastHandTight).to.be.closeTo(
        turns,
        0.06,
      );
    });
  }

  /** Threads showing on a full standard thread hand-tight and after three turns, and on a shop-cut one after three. */
  const SHOWING: readonly [NominalSize, number | null, number | null, number][] = [
    ['1/2', 6.5, 3.5, 3.0],
    ['3/4', 6.4, 3.4, 2.8],
    ['1', 6.7, 3.7, 2.5],
    ['1-1/4', null, null, 3.7],
    ['1-1/2', null, null, 3.7],
    ['2', null, null, 3.5],
  ];
  for (const [size, handTight, three, shopCut] of SHOWING) {
    it(`${size}: threads showing at hand-tight and after three turns`, () => {
      const t = thread(size);
      const after = (turns: number) => t.handTight + (turns * INCH) / t.threadsPerInch;
      const show = (turns: number, length: number) => getTightness(t, after(turns), length).threadsShowing;
      if (handTight !== null) expect(show(0, t.fullLength)).to.be.closeTo(handTight, 0.06);
      if (three !== null) expect(show(3, t.fullLength)).to.be.closeTo(three, 0.06);
      expect(show(3, t.cutLength)).to.be.closeTo(shopCut, 0.06);
    });
  }

  it('knows its window: 2 to 3½ up to 2 in, 1½ to 3 above; R 1½ to 2¾, to 3¼ at 2 in, to 4 above', () => {
    expect(getUsualWindow(thread('3'))).to.deep.equal({ least: 1.5, most: 3 });
    const british = (size: NominalSize) => getUsualWindow({ size, family: 'R' }).most;
    expect((['1/2', '1-1/2', '2', '2-1/2', '4'] as const).map(british)).to.deep.equal([
      2.75, 2.75, 3.25, 4, 4,
    ]);
  });

  for (const family of ['NPT', 'R'] as const) {
    for (const size of NOMINAL_SIZES) {
      const of = standardCatalogue.findThread(size, family);
      if (!of) continue;
      it(`${family} ${size}: the usual engagement lies in the usual window to a quarter turn, and no count is negative`, () => {
        const found = getTightness(of, of.normalEngagement, of.cutToScratch);
        expect(found.inWindow, String(found.turnsPastHandTight)).to.equal(true);
        expect(found.threadsShowing).to.be.above(0);
        const turn = INCH / of.threadsPerInch;
        const over = getTightness(of, of.handTight + (found.window.most + 0.5) * turn, of.cutToScratch);
        expect(over.inWindow).to.equal(false);
      });
    }
  }

  it('R 3/4 shows its run-out: 14.5 mm useful and two pitches, 15 mm in', () => {
    const of = standardCatalogue.findThread('3/4', 'R')!;
    const { threadsShowing } = getTightness(of, of.normalEngagement, of.cutToScratch);
    expect(threadsShowing).to.be.closeTo((14.5 + (2 * 25.4) / 14 - 15) / (25.4 / 14), 0.01);
  });
});

describe('findEngagement', () => {
  it('takes the shop table', () => {
    expect(findEngagement(thread('3/4'), { option: 'shop-table' })).to.deep.equal({
      ok: true,
      value: inches(0.5625),
    });
  });

  for (const size of NOMINAL_SIZES) {
    it(`${size}: hand-tight plus turns gives those turns back`, () => {
      const choice = { option: 'hand-tight-plus-turns', upTo2in: 3, above2in: 2 } as const;
      const found = findEngagement(thread(size), choice);
      const large = ['2-1/2', '3', '3-1/2', '4'].includes(size);
      expect(found.ok && getTightness(thread(size), found.value, 0).turnsPastHandTight).to.be.closeTo(
        large ? 2 : 3,
        1e-6,
      );
    });
  }

  it('refuses an own figure that has not been measured', () => {
    const choice = { option: 'own-measured', figures: { '1/2': inches(0.52) } } as const;
    expect(findEngagement(thread('1/2'), choice)).to.deep.equal({ ok: true, value: inches(0.52) });
    expect(findEngagement(thread('3/4'), choice)).to.deep.equal({
      ok: false,
      refusal: { code: 'engagement-not-measured', size: '3/4' },
    });
  });
});

describe('getWrench', () => {
  it('has a wrench for every size, never shorter for a larger one', () => {
    const sizes = NOMINAL_SIZES.map((size) => getWrench(size).most);
    expect(sizes).to.deep.equal([...sizes].sort((a, b) => a - b));
  });
});

describe('how tight, by the house', () => {
  const choices: HowTightChoice[] = [
    { option: 'threads-left' },
    { option: 'couple-left' },
    { option: 'own-window', ...USUAL_WINDOWS, upTo2in: { least: 2.25, most: 2.75 } },
  ];

  it('"leave four" and three turns agree on a full thread to a thread; "a couple" is two turns tighter', () => {
    for (const size of ['1/2', '3/4', '1'] as const) {
      const t = thread(size);
      const of = (option: 'threads-left' | 'couple-left') => getHouseWindow({ option }, t, t.fullLength);
      const four = of('threads-left');
      expect((four.least + four.most) / 2).to.be.closeTo(3, 0.8);
      expect(of('couple-left').least - four.least).to.be.closeTo(2, 1e-9);
    }
  });

  it('"leave four" on a thread cut short is an under-made joint, and is said to be', () => {
    const t = thread('1/2');
    const asked = findAsked({ option: 'threads-left' }, t, t.normalEngagement, t.cutLength)!;
    // Three turns show 3.0 on it: four left are two turns, at the foot of the window.
    expect(asked.turns).to.be.closeTo(2, 0.1);
    const shorter = findAsked({ option: 'threads-left' }, t, t.normalEngagement, t.cutLength - inches(0.05))!;
    expect(shorter.against).to.equal('under');
    expect(shorter.difference).to.be.below(asked.difference);
  });

  it('what is asked, made so, shows as many threads as were asked', () => {
    for (const size of NOMINAL_SIZES) {
      const t = thread(size);
      for (const [option, left] of [
        ['threads-left', 4],
        ['couple-left', 2],
      ] as const) {
        const asked = findAsked({ option }, t, t.normalEngagement, t.cutLength)!;
        const made = getTightness(t, asked.engagement, t.cutLength);
        expect(made.threadsShowing).to.be.closeTo(left, 1e-3);
        expect(made.turnsPastHandTight).to.be.closeTo(asked.turns, 1e-3);
        expect(asked.difference).to.equal(asked.engagement - t.normalEngagement);
      }
    }
  });

  it('the usual window and the hand ask for nothing else than what is worked with', () => {
    const t = thread('3/4');
    for (const option of ['window', 'feel'] as const) {
      expect(findAsked({ option }, t, t.normalEngagement, t.cutLength)).to.equal(null);
      expect(getHouseWindow({ option }, t, t.cutLength)).to.deep.equal({ least: 2, most: 3.5 });
    }
    for (const choice of choices)
      expect(findAsked(choice, t, t.normalEngagement, t.cutLength)).to.not.equal(null);
  });

  it('a window of the house decides what is inside it', () => {
    const t = thread('1/2');
    const own = getHouseWindow(choices[2]!, t, t.cutLength);
    expect(getTightness(t, t.normalEngagement, t.cutLength, own)).to.deep.include({
      window: own,
      inWindow: true,
    });
    const narrow = { least: 2.9, most: 3 };
    expect(getTightness(t, t.normalEngagement, t.cutLength, narrow).inWindow).to.equal(false);
  });

  it('between the faces of a close nipple lies what both ends leave; a long one is counted by its threads', () => {
    const t = thread('1/2');
    const end = { thread: t, engagement: inches(0.5) };
    expect(findFaceGap(inches(1.125), [end, end])).to.equal(inches(0.125));
    expect(findFaceGap(2 * t.fullLength, [end, end])).to.equal(null);
    expect(findFaceGap(inches(3), [end, end])).to.equal(null);
  });
});

describe('in the window', () => {
  /** A joint made up so many turns past hand-tight. */
  const inWindow = (turns: number, window: { least: number; most: number }): boolean => {
    const { handTight, threadsPerInch } = thread('3/4');
    return getTightness(
      thread('3/4'),
      Math.round(handTight + (turns * INCH) / threadsPerInch),
      inches(1),
      window,
    ).inWindow;
  };
  it('turns are told to a quarter, and a quarter beyond either end is about right; more is not', () => {
    const window = { least: 2, most: 3.5 };
    for (const [turns, is] of [
      [2, true],
      [3.5, true],
      [2.7, true],
      // Told as a quarter beyond.
      [1.75, true],
      [1.64, true],
      [3.75, true],
      [3.86, true],
      // Told as half a turn beyond.
      [1.61, false],
      [1.5, false],
      [3.89, false],
      [4, false],
      [0, false],
      [9, false],
    ] as const)
      expect(inWindow(turns, window), String(turns)).to.equal(is);
  });
});
