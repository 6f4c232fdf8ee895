import { expect } from 'chai';
import fc from 'fast-check';
import { INCH, inches } from '../units/length.ts';
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
    for (const said of [{ set: inches(10) }, { run: inches(10) }]) {
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

  it('says the most a set could be', () => {
    const solved = solveOffset({ set: inches(20), travel: inches(15) });
    expect(!solved.ok && solved.refusal).to.include({
      part: 'set',
      within: 'travel',
      most: Math.round(inches(15) * Math.SQRT1_2),
    });
  });
});
