import { expect } from 'chai';
import { standardTubes } from '#core/catalogue';
import { inches, MILLIMETRE } from '#core/units';
import { checkTubeFit, findNearestHoles, getInchHoles } from './tube-fit.ts';

const mm = (value: number) => Math.round(value * MILLIMETRE);

describe('tube in a hole', () => {
  const holes = getInchHoles(standardTubes);
  for (const [tube, hole, verdict, off] of [
    [8, '5/16', 'fits', 0.0625],
    [10, '3/8', 'refuse', 0.475],
    [12, '1/2', 'refuse', -0.7],
    [15, '5/8', 'refuse', -0.875],
    [16, '5/8', 'warn', 0.125],
    [6, '1/4', 'refuse', -0.35],
  ] as const) {
    it(`${tube} mm against ${hole}: ${verdict}`, () => {
      const found = findNearestHoles(mm(tube), holes)[0]!;
      expect(found.hole.name).to.equal(hole);
      expect(found.fit.verdict).to.equal(verdict);
      expect(found.fit.off / MILLIMETRE).to.be.closeTo(off, 1e-9);
    });
  }
  it('8 mm is refused for 3/8', () => {
    expect(checkTubeFit(mm(8), inches(0.375)).verdict).to.equal('refuse');
    const [right, wrong] = findNearestHoles(mm(8), holes);
    expect([right!.hole.name, wrong!.hole.name, wrong!.fit.verdict]).to.deep.equal(['5/16', '3/8', 'refuse']);
  });
  it('grips to 0.10 mm and doubts to 0.15 mm, both included', () => {
    const verdicts = [0.1, 0.1001, 0.15, 0.1501].map((off) => checkTubeFit(mm(10 + off), mm(10)).verdict);
    expect(verdicts).to.deep.equal(['fits', 'warn', 'warn', 'refuse']);
  });
});
