import { expect } from 'chai';
import { makeRandom } from '#support/random-run.ts';
import { cutIntoParts, namePart, type WeighedJob } from './cut-into-parts.ts';
import { LIMITS } from '#core/shapes';

const SEED = 20_290;
const random = makeRandom(SEED);

/** Jobs over several years, most small, some as large as a file may be. */
const makeJobs = (count: number): WeighedJob[] => {
  let at = Date.UTC(2019, 11, 30);
  return Array.from({ length: count }, (_, i) => {
    at += random() * 20 * 3_600_000;
    return {
      id: `job${i}`,
      createdAt: new Date(at).toISOString(),
      bytes: Math.ceil(random() < 0.02 ? random() * LIMITS.file * 1.2 : random() * 60_000),
    };
  });
};

describe(`all jobs in parts (seed ${SEED})`, () => {
  const jobs = makeJobs(9000);
  const parts = cutIntoParts(jobs);

  it('holds every job once, in its order and its year', () => {
    let next = 0;
    for (const part of parts) {
      const own = jobs.slice(next, next + part.jobs);
      expect([own[0]!.id, own.at(-1)!.id]).to.eql([part.first, part.last]);
      expect([own[0]!.createdAt, own.at(-1)!.createdAt]).to.eql([part.from, part.to]);
      for (const { createdAt } of own) expect(createdAt.slice(0, 4)).to.equal(String(part.year));
      next += part.jobs;
    }
    expect(next).to.equal(jobs.length);
  });

  it('makes no part larger than can be brought in, unless it is of one job', () => {
    for (const { jobs: count, bytes } of parts) {
      expect(count).to.be.at.most(LIMITS.jobsInFile);
      if (count > 1) expect(bytes).to.be.at.most(LIMITS.file);
    }
  });

  it('makes no more of them than it must: two that follow one another in a year would not fit into one', () => {
    for (const [i, part] of parts.entries()) {
      const before = parts[i - 1];
      if (before?.year !== part.year) expect(part.number).to.equal(1);
      else {
        expect(part.number).to.equal(before.number + 1);
        expect(
          before.jobs + part.jobs > LIMITS.jobsInFile || before.bytes + part.bytes > LIMITS.file / 2,
        ).to.equal(true);
      }
    }
  });

  it('is the same for the older ones when jobs are added', () => {
    const fewer = cutIntoParts(jobs.slice(0, 5000));
    expect(parts.slice(0, fewer.length - 1)).to.eql(fewer.slice(0, -1));
  });

  it('names each in its own way', () =>
    expect(new Set(parts.map(namePart)).size)
      .to.equal(parts.length)
      .and.above(8));
});
