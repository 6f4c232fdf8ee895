import { expect } from 'chai';
import { joinHistory } from './fetch-history.ts';

const steps = (from: number, to: number): { revision: number }[] =>
  Array.from({ length: to - from + 1 }, (_, i) => ({ revision: from + i }));

describe('the history of a run, page by page', () => {
  it('is put together without a gap, whichever page comes', () => {
    expect(joinHistory([], steps(5, 9))).to.eql(steps(5, 9));
    expect(joinHistory(steps(5, 9), steps(1, 4))).to.eql(steps(1, 9));
    expect(joinHistory(steps(5, 9), steps(8, 12))).to.eql(steps(5, 12));
    expect(joinHistory(steps(5, 9), steps(10, 12))).to.eql(steps(5, 12));
    expect(joinHistory(steps(5, 9), [])).to.eql(steps(5, 9));
  });

  it('is begun anew where more happened than a page holds: nothing is rewound over what is not there', () => {
    expect(joinHistory(steps(5, 9), steps(20, 29))).to.eql(steps(20, 29));
    expect(joinHistory(steps(20, 29), steps(5, 9))).to.eql(steps(20, 29));
  });
});
