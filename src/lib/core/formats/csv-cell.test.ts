import { expect } from 'chai';
import fc from 'fast-check';
import { guardCell, unguardCell } from './csv-cell.ts';

describe('a cell of a table', () => {
  for (const cell of ['-0.0625', '-3', '0', '12.5', '3/4', 'Ada', '', 'a=b', '½', '1e5'])
    it(`stays “${cell}”`, () => expect(guardCell(cell)).to.equal(cell));
  for (const cell of ['=1+1', '+1', '@SUM(A1)', '-2+3', '-', '--1', '-1-', '＝1', '-cmd|x', '-1e5', '-.5'])
    it(`is no formula: ${JSON.stringify(cell)}`, () => expect(guardCell(cell)).to.equal(`'${cell}`));

  it('is no formula where a semicolon, a tab or a line parts cells either', () => {
    for (const [cell, guarded] of [
      ['x;=1+1', "x;'=1+1"],
      ['a,+1', "a,'+1"],
      ['a\t@x', "a\t'@x"],
      ['a\n=1', "a\n'=1"],
      ['\t=1', "\t'=1"],
      ['\r=1', "\r'=1"],
      ["'=1", "''=1"],
      ['; =1', ";' =1"],
    ] as const)
      expect(guardCell(cell), cell).to.equal(guarded);
    // Nowhere is a sign the first thing after what may part cells.
    fc.assert(
      fc.property(
        fc.array(fc.constantFrom('=', '+', '-', '@', ';', ',', "'", ' ', '\t', '\n', 'a', '1', '＝', '"'), {
          maxLength: 12,
        }),
        (signs) => {
          const cell = signs.join('');
          expect(unguardCell(guardCell(cell))).to.equal(cell);
          if (!/^-?\d+$/.test(cell)) expect(guardCell(cell)).not.to.match(/(?:^|[;,\t\r\n|]) *[=+\-@＝]/);
        },
      ),
      { seed: 13_024, numRuns: 3000 },
    );
  });
});
