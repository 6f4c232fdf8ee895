import { expect } from 'chai';
import { makeRandom } from '#support/random-run.ts';
import { mustBe } from '#support/make-run.ts';
import { formatLength } from './format-length.ts';
import { FOOT, INCH, MILLIMETRE } from './length.ts';
import { parseLength } from './parse-length.ts';
import { getMeasureFormat, getTypedFormat } from './written-length.ts';

const SEED = 14_006;
const TIMES = 2000;

describe(`written lengths (${TIMES} random lengths, seed ${SEED})`, () => {
  const random = makeRandom(SEED);
  const lengths = Array.from({ length: TIMES }, (_, i) => {
    const length = Math.round(random() * 30 * FOOT) - 2 * FOOT;
    const step = [1, INCH / 64, MILLIMETRE, 254_000][i % 4]!;
    return Math.round(length / step) * step;
  });

  it('are the nearest mark of a tape where they are shown, and a 64th where they fall on one', () => {
    for (const length of lengths)
      for (const unit of ['in', 'mm'] as const) {
        const said = formatLength(length, getMeasureFormat(length, unit));
        expect(said).to.not.include('.');
        const shown = mustBe(parseLength(said.replace('-', ''), unit)).length;
        const off = Math.abs(shown - Math.abs(length));
        if (unit === 'in' && length % (INCH / 64) === 0) expect(off, said).to.equal(0);
        else expect(off, said).to.be.at.most(unit === 'in' ? INCH / 32 : MILLIMETRE / 2);
      }
  });

  it('are given back by reading them where they are typed over', () => {
    for (const length of lengths)
      for (const unit of ['in', 'mm'] as const) {
        const said = formatLength(length, getTypedFormat(length, unit));
        const read = mustBe(parseLength(said.replace('-', ''), unit)).length;
        const isMark = length % (unit === 'in' ? INCH / 64 : MILLIMETRE) === 0;
        const within = isMark ? 0 : unit === 'in' ? INCH / 2000 : MILLIMETRE / 200;
        expect(Math.abs(read - Math.abs(length)), said).to.be.at.most(within);
      }
  });
});
