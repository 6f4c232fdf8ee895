import { expect } from 'chai';
import { standardCatalogue } from '#core/catalogue';
import { NOMINAL_SIZES } from '#core/ends';
import { inches } from '#core/units';
import { judgeOwnEngagement } from './judge-own-engagement.ts';

describe('judgeOwnEngagement', () => {
  for (const family of ['NPT', 'R'] as const) {
    for (const size of NOMINAL_SIZES) {
      const thread = standardCatalogue.findThread(size, family);
      if (!thread) continue;
      it(`${family} ${size}: the usual engagement is taken, more than the whole thread is refused`, () => {
        expect(judgeOwnEngagement(thread, thread.normalEngagement)).to.equal(null);
        expect(judgeOwnEngagement(thread, thread.fullLength + 1)).to.deep.equal({
          code: 'over-thread',
          most: thread.fullLength,
        });
      });
    }
  }

  for (const size of ['1/2', '3/4', '1', '1-1/4', '1-1/2', '2'] as const) {
    it(`NPT ${size}: the thread that is cut is asked about`, () => {
      const thread = standardCatalogue.findThread(size)!;
      expect(judgeOwnEngagement(thread, thread.cutLength)?.code).to.equal('thread-cut');
    });
  }

  it('1 in: 7/8 is cut, 11/16 goes in', () => {
    const thread = standardCatalogue.findThread('1')!;
    expect(judgeOwnEngagement(thread, inches(0.875))).to.deep.include({
      cut: inches(0.875),
      usual: inches(0.6875),
    });
    expect(judgeOwnEngagement(thread, inches(0.7))).to.equal(null);
  });

  it('R: the useful thread goes in nearly whole, so it is no mistake', () => {
    const thread = standardCatalogue.findThread('3/4', 'R')!;
    expect(judgeOwnEngagement(thread, thread.cutLength)).to.equal(null);
  });
});
