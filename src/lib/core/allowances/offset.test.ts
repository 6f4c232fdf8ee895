import { expect } from 'chai';
import fc from 'fast-check';
import { INCH, inches } from '#core/units';
import { getOffsetLengths, solveOffset, type Offset, type OffsetPart } from './offset.ts';

const PAIRS: readonly (readonly OffsetPart[])[] = [
  ['set', 'roll'],
  ['set', 'run'],
  ['set', 'travel'],
  ['roll', 'run'],
  ['roll', 'travel'],
];
const sides = fc.tuple(fc.integer({ min: 1, max: 2000 }), fc.integer({ min: 1, max: 2000 }));

describe('solveOffset', () => {
  for (const pair of PAIRS) {
    it(`finds the whole offset from its ${pair.join(' and ')}`, () => {
      fc.assert(
        fc.property(sides, ([set, roll]) => {
          const whole = getOffsetLengths((set * INCH) / 16, (roll * INCH) / 16);
          const said = Object.fromEntries(pair.map((part) => [part, whole[part]])) as Partial<Offset>;
          const solved = solveOffset(said);
          if (!solved.ok) throw new Error(JSON.stringify(solved.refusal));
          // A side from a difference of squares loses what rounding the longer figure to 1 nm leaves: well under 1 µm here.
          for (const part of ['set', 'roll', 'run', 'travel'] as const)
            expect(solved.value[part]).to.be.closeTo(whole[part], 100_000);
        }),
        { seed: 41, numRuns: 300 },
      );
    });
  }

  it('one figure alone is an offset in one plane', () => {
    for (const said of [
      { set: inches(10) },
      { run: inches(10) },
      { travel: Math.round(inches(10) * Math.SQRT2) },
    ]) {
      expect(solveOffset(said)).to.deep.equal({
        ok: true,
        value: { set: inches(10), roll: 0, run: inches(10), travel: Math.round(inches(10) * Math.SQRT2) },
      });
    }
  });

  for (const [name, said, refusal] of [
    ['a set longer than the travel', { set: 20, travel: 15 }, 'offset-cannot-be'],
    ['a roll longer than the run', { roll: 20, run: 15 }, 'offset-cannot-be'],
    ['a run longer than the travel', { run: 20, travel: 15 }, 'offset-cannot-be'],
    ['a run and travel that make 30°', { run: 20, travel: 40 / Math.sqrt(3) }, 'offset-angle-not-made'],
    ['a travel that disagrees with set and roll', { set: 3, roll: 4, travel: 9 }, 'offset-cannot-be'],
    ['a roll alone', { roll: 5 }, 'offset-set-missing'],
    ['nothing', {}, 'offset-too-little-said'],
  ] as const) {
    it(`refuses ${name}`, () => {
      const lengths = Object.fromEntries(
        Object.entries(said).map(([part, value]) => [part, Math.round(value * INCH)]),
      );
      const solved = solveOffset(lengths);
      expect(solved.ok ? 'solved' : solved.refusal.code).to.equal(refusal);
    });
  }

  it('takes a run and a travel that make 45° within half a degree, and says the angle they make where they do not', () => {
    const at = (degrees: number) => {
      const travel = inches(20);
      return solveOffset({ run: Math.round(travel * Math.cos((degrees * Math.PI) / 180)), travel });
    };
    for (const degrees of [44.51, 45, 45.49]) {
      const solved = at(degrees);
      expect(solved.ok && solved.value.roll, String(degrees)).to.equal(0);
      expect(solved.ok && solved.value.set).to.equal(solved.ok && solved.value.run);
    }
    for (const degrees of [44.49, 45.51, 60]) {
      const solved = at(degrees);
      if (solved.ok || solved.refusal.code !== 'offset-angle-not-made')
        throw new Error(`${degrees} was taken`);
      expect(solved.refusal.degrees).to.be.closeTo(degrees, 1e-4);
    }
  });

  it('names which figure cannot be, within which, and what it comes to', () => {
    const refused = (said: Partial<Offset>) => {
      const solved = solveOffset(said);
      return solved.ok ? null : solved.refusal;
    };
    expect(refused({ run: inches(20), travel: inches(15) })).to.deep.equal({
      code: 'offset-cannot-be',
      part: 'run',
      length: inches(20),
      within: 'travel',
      most: Math.round(inches(15) * Math.SQRT1_2),
    });
    expect(refused({ roll: inches(20), run: inches(15) })).to.deep.equal({
      code: 'offset-cannot-be',
      part: 'roll',
      length: inches(20),
      within: 'run',
      most: inches(15),
    });
    // 3 and 4 make 5: run 5, travel 7.071.
    expect(refused({ set: inches(3), roll: inches(4), run: inches(6) })).to.deep.equal({
      code: 'offset-cannot-be',
      part: 'run',
      length: inches(6),
      within: 'set',
      most: inches(5),
    });
    expect(refused({ set: inches(3), roll: inches(4), run: inches(5) + 254_000 })).to.equal(null);
    expect(refused({ set: inches(3), roll: inches(4), run: inches(5) + 254_001 })).to.not.equal(null);
  });

  it('takes a set as long as the run: an offset in one plane', () => {
    for (const within of [{ run: inches(10) }, { travel: Math.round(inches(10) * Math.SQRT2) }]) {
      const solved = solveOffset({ set: inches(10), ...within });
      expect(solved.ok && solved.value.roll).to.be.below(50_000);
    }
  });

  it('says the most a set could be', () => {
    const solved = solveOffset({ set: inches(20), travel: inches(15) });
    expect(!solved.ok && solved.refusal).to.include({
      part: 'set',
      within: 'travel',
      most: Math.round(inches(15) * Math.SQRT1_2),
    });
  });
});
