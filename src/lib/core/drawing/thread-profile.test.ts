import { expect } from 'chai';
import { makeThreadProfile, type ThreadForm } from './thread-profile.ts';

const form = (more: Partial<ThreadForm>): ThreadForm => ({
  gender: 'male',
  perInch: 14,
  flank: 60,
  crest: 'flat',
  mouth: 20,
  slope: 0,
  cap: null,
  ...more,
});

describe('the profile of a thread', () => {
  for (const [flank, crest] of [
    [60, 'flat'],
    [60, 'sharp'],
    [55, 'rounded'],
    [29, 'flat'],
  ] as const) {
    for (const gender of ['male', 'female'] as const) {
      it(`${flank}° ${crest} ${gender}: goes forward, repeats each pitch, flanks at their angle`, () => {
        const p = 25.4 / 14;
        const points = makeThreadProfile(form({ flank, crest, gender }), 3);
        points.slice(1).forEach(({ x }, i) => expect(x).to.be.at.least(points[i]!.x - 1e-9));
        const one = points.length / 3;
        points.slice(0, one).forEach(({ x, y }, i) => {
          expect(points[i + one]!.x).to.be.closeTo(x + p, 1e-9);
          expect(points[i + one]!.y).to.be.closeTo(y, 1e-9);
        });
        const steepest = Math.max(
          ...points.slice(1).map(({ x, y }, i) => Math.abs((y - points[i]!.y) / (x - points[i]!.x || 1e9))),
        );
        expect((Math.atan(1 / steepest) * 180) / Math.PI).to.be.closeTo(flank / 2, 0.6);
        const radii = points.map(({ y }) => y);
        expect(gender === 'male' ? Math.max(...radii) : Math.min(...radii)).to.be.closeTo(10, 1e-9);
      });
    }
  }
  it('tapers with the slope and stops at the pipe', () => {
    const points = makeThreadProfile(form({ slope: 1 / 16, cap: 20.2 }), 6);
    const crests = [0, 5, 10, 15].map((i) => points[i]!.y);
    expect(crests[1]! - crests[0]!).to.be.closeTo(25.4 / 14 / 32, 1e-9);
    expect(Math.max(...points.map(({ y }) => y))).to.equal(10.1);
  });
});
