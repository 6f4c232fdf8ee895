import { expect } from 'chai';
import { standardCatalogue } from '#core/catalogue';
import { NOMINAL_SIZES } from '#core/ends';
import { INCH, inches } from '#core/units';
import { makeRandom } from '#support/random-run.ts';
import { NIPPLE_TOLERANCES } from '#core/house-rules';
import { findNearestNipple } from './find-nipple.ts';

const SEED = 31;

describe('the nearest nipple', () => {
  it(`agrees with brute force, seed ${SEED}`, () => {
    const random = makeRandom(SEED);
    for (let i = 0; i < 400; i++) {
      const size = NOMINAL_SIZES[Math.floor(random() * NOMINAL_SIZES.length)]!;
      const lengths = standardCatalogue.getNippleLengths(size);
      const cut = Math.round(random() * 13 * INCH);
      const found = findNearestNipple(cut, lengths, NIPPLE_TOLERANCES.in);
      const best = Math.min(...lengths.map((length) => Math.abs(length - cut)));
      expect(found === null ? Infinity : Math.abs(found.off), `${size} ${cut}`).to.equal(best);
      if (found) expect(found.fits).to.equal(best <= NIPPLE_TOLERANCES.in);
    }
  });
  it('of two equally near is the longer, and none where none is bought', () => {
    expect(findNearestNipple(inches(2.25), [inches(2), inches(2.5)], NIPPLE_TOLERANCES.in)?.length).to.equal(
      inches(2.5),
    );
    expect(findNearestNipple(inches(2.25), [inches(2.5), inches(2)], NIPPLE_TOLERANCES.in)?.length).to.equal(
      inches(2.5),
    );
    expect(
      findNearestNipple(inches(3), standardCatalogue.getNippleLengths('3/4', 'R'), NIPPLE_TOLERANCES.in),
    ).to.equal(null);
  });
  it('fits within a sixteenth, both ways, and no further', () => {
    const fits = (off: number) => findNearestNipple(inches(2) + off, [inches(2)], NIPPLE_TOLERANCES.in)!.fits;
    expect([INCH / 16, -INCH / 16, INCH / 16 + 1, -INCH / 16 - 1].map(fits)).to.deep.equal([
      true,
      true,
      false,
      false,
    ]);
  });
});
