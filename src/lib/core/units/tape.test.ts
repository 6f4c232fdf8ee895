import { expect } from 'chai';
import fc from 'fast-check';
import { FOOT, INCH, inches } from './length.ts';
import { putOnTape, TAPE_GRADUATIONS, type TapeGraduation } from './tape.ts';

describe('putOnTape', () => {
  it('puts 41.755 in on the tape as 41 3/4, short by 0.005 in', () => {
    expect(putOnTape(inches(41.755), '1/16')).to.deep.equal({ length: 41.75 * INCH, error: -inches(0.005) });
  });

  for (const graduation of Object.keys(TAPE_GRADUATIONS) as TapeGraduation[]) {
    it(`lands on a mark of ${graduation}, off by at most half of it`, () => {
      fc.assert(
        fc.property(fc.integer({ min: -10 * FOOT, max: 1000 * FOOT }), (exact) => {
          const { length, error } = putOnTape(exact, graduation);
          const step = TAPE_GRADUATIONS[graduation];
          expect(Math.abs(length % step)).to.equal(0);
          expect(length - exact).to.equal(error);
          expect(Math.abs(error) * 2).to.be.at.most(step);
        }),
      );
    });
  }
});
