import { expect } from 'chai';
import { standardThreads, getCrestRange } from '#core/catalogue';
import { THREAD_FAMILIES } from '#core/ends';
import { inches, MILLIMETRE } from '#core/units';
import { filterThreads, type ThreadFilter } from './filter-threads.ts';

const { threads } = standardThreads;
const filter = (more: Partial<ThreadFilter>) =>
  filterThreads(threads, { family: null, gender: null, perInch: null, diameter: null, ...more });

describe('the filter of the thread chart', () => {
  it('asks for nothing when nothing is said', () => {
    expect(filter({})).to.deep.equal([...threads]);
  });
  it('splits the list by family, and by gender', () => {
    const counts = THREAD_FAMILIES.map((family) => filter({ family }).length);
    expect(Math.min(...counts)).to.be.greaterThan(0);
    expect(counts.reduce((sum, count) => sum + count, 0)).to.equal(threads.length);
    expect(filter({ gender: 'male' }).length + filter({ gender: 'female' }).length).to.equal(threads.length);
  });
  it('finds every thread by what a caliper reads on it and its pitch', () => {
    for (const thread of threads) {
      const [low, high] = getCrestRange(thread, 'first');
      const diameter = Math.round(((low + high) / 2) * MILLIMETRE);
      expect(filter({ diameter, perInch: thread.perInch }), thread.id).to.include(thread);
    }
  });
  it('leaves out what measures otherwise', () => {
    const ids = filter({ diameter: inches(0.83), perInch: 14 }).map(({ id }) => id);
    expect(ids).to.include('npt-1/2-male').and.not.to.include('npt-3/4-male');
    expect(filter({ perInch: Number.NaN })).to.deep.equal([]);
    expect(filter({ diameter: 5.4 * 25_400_000 })).to.deep.equal([]);
  });
});
