import { expect } from 'chai';
import { inches, millimetres } from '#core/units';
import { makeBend } from './bend.ts';
import { develop } from './bent-path.ts';

/** What a fitter can check with a pocket calculator, worked out apart from the code. */
const FIGURES = [
  { radius: inches(1.5), unit: inches(1), degrees: 90, setback: 1.5, arc: 2.3562, gain: 0.6438 },
  { radius: inches(1.5), unit: inches(1), degrees: 45, setback: 0.6213, arc: 1.1781, gain: 0.0645 },
  { radius: inches(15 / 16), unit: inches(1), degrees: 90, setback: 0.9375, arc: 1.4726, gain: 0.4024 },
  { radius: millimetres(30), unit: millimetres(1), degrees: 90, setback: 30, arc: 47.124, gain: 12.876 },
] as const;

describe('a bend', () => {
  for (const { radius, unit, degrees, ...wanted } of FIGURES)
    it(`of ${degrees}° at a radius of ${radius / unit}: setback, arc and gain as published`, () => {
      const bend = makeBend(radius, degrees)!;
      for (const [name, value] of Object.entries(wanted))
        expect(bend[name as keyof typeof wanted] / unit, name).to.be.closeTo(
          value,
          unit === inches(1) ? 6e-5 : 6e-4,
        );
    });

  it('has no crossing from 150° on', () => {
    expect(makeBend(inches(1), 149.9)).not.to.equal(null);
    for (const degrees of [150, 170, 180]) expect(makeBend(inches(1), degrees)).to.equal(null);
    const turn = { degrees: 150, radius: inches(1), rotation: 0 };
    expect(develop({ straights: [inches(10), inches(10)], turns: [turn] })).to.equal(null);
  });

  it('develops to the sum of the straights less the gains, with three marks each', () => {
    const turn = { degrees: 90, radius: inches(1.5), rotation: 0 };
    const straights = [inches(10), inches(20), inches(8)];
    const { length, bends, left } = develop({ straights, turns: [turn, turn] })!;
    expect(length / inches(1)).to.be.closeTo(38 - 2 * 0.6438, 2e-4);
    expect(left.map((each) => each / inches(1))).to.deep.equal([8.5, 17, 6.5]);
    const marks = bends.map(({ start, centre, end }) => [start, centre, end].map((at) => at / inches(1)));
    expect(marks[0]![0]).to.be.closeTo(8.5, 1e-9);
    expect(marks[0]![1]).to.be.closeTo(8.5 + 1.1781, 1e-4);
    expect(marks[0]![2]).to.be.closeTo(8.5 + 2.3562, 1e-4);
    expect(marks[1]![0]).to.be.closeTo(8.5 + 2.3562 + 17, 1e-4);
  });

  it('says by how much two bends run into each other', () => {
    const turn = { degrees: 90, radius: inches(3), rotation: 0 };
    const { left } = develop({ straights: [inches(10), inches(5), inches(10)], turns: [turn, turn] })!;
    expect(left[1]! / inches(1)).to.be.closeTo(-1, 1e-6);
  });
});
