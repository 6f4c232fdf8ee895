import { expect } from 'chai';
import { standardThreads } from '#core/catalogue';
import { checkByHandAll } from './by-hand-check.ts';

describe('the quarter-inch check', () => {
  it('over the outside lies at 1-1/4, 3 and 3-1/2, and says so size by size', () => {
    const rows = checkByHandAll(standardThreads.taper, 'outside');
    const lies = rows.filter(({ holds }) => !holds);
    expect(
      lies.filter(({ says }) => says.length === 1).map(({ size, says }) => [size, ...says]),
    ).to.deep.include(['1-1/4', '1-1/2']);
    expect(rows.filter(({ says }) => says.length === 2).map(({ size }) => size)).to.deep.equal([
      '3',
      '3-1/2',
    ]);
  });
  it('over the bore of a female holds for every size', () => {
    for (const row of checkByHandAll(standardThreads.taper, 'bore'))
      expect(row.holds, row.size).to.equal(true);
  });
});
