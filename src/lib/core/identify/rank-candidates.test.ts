import { share } from '#support/share.ts';
import { expect } from 'chai';
import { standardThreads, type ThreadPlace } from '#core/catalogue';
import { inches, MILLIMETRE } from '#core/units';
import { makeRandom } from '#support/random-run.ts';
import {
  answerAll,
  drawListed,
  drawOrder,
  drawUnlisted,
  followOrder,
  followSuggestions,
  FULL,
  grade,
  judgeAll,
  type Grade,
} from '#support/identify-trial.ts';
import { findNextMeasurements, findLeads } from './find-next-measurement.ts';
import { getLikelihood } from './likelihoods/likelihoods.ts';
import { getLeafChances } from './likelihoods/leaf.ts';
import type { Observation } from './observation.ts';
import { SEATS } from '#core/ends';
import { beginWeighing, rankCandidates, weighObservation } from './rank-candidates.ts';

const SEED = 20_262;

const diameter = (
  inch: number,
  place: ThreadPlace = 'first',
  side: 'outside' | 'inside' = 'outside',
): Observation => ({
  kind: 'diameter',
  side,
  length: inches(inch),
  instrument: 'caliper',
  place,
});
const leaf = (perInch: number): Observation => ({ kind: 'leaf', perInch, fit: 'fits' });
const MALE: Observation = { kind: 'gender', value: 'male' };
const rank = (...observations: Observation[]) => rankCandidates(standardThreads, observations);
const thread = (id: string) => standardThreads.findThread(id)!;

describe('likelihoods', () => {
  it('of a leaf add up to one, fall as the pitch goes off, and let the neighbour look right', () => {
    for (let off = -0.5; off <= 0.5; off += 0.01) {
      const { fits, nearly, no } = getLeafChances(off);
      expect(fits + nearly + no).to.be.closeTo(1, 1e-9);
      expect(Math.min(fits, nearly, no)).to.be.greaterThan(0);
    }
    expect(getLeafChances(11.5 / 11 - 1).fits).to.be.greaterThan(0.2);
    expect(getLeafChances(14 / 11.5 - 1).fits).to.be.lessThan(0.01);
  });

  for (const by of ['eye', 'gauge'] as const) {
    it(`of seats seen by ${by} add up to about one for every thread`, () => {
      for (const listed of standardThreads.threads) {
        const sum = SEATS.reduce(
          (total, value) => total + getLikelihood(listed, { kind: 'seat', value, by }, []),
          0,
        );
        expect(sum, listed.id).to.be.closeTo(1, 0.05);
      }
    });
  }

  it('of a diameter are densities: they add up to about one over the scale', () => {
    for (const id of ['npt-1/2-male', 'g-3/4-male', 'sae-45-1/2 tube-male', 'rc-1-female']) {
      const listed = thread(id);
      const side = listed.gender === 'male' ? 'outside' : 'inside';
      let sum = 0;
      for (let mm = 0; mm < 100; mm += 0.02) {
        const length = Math.round(mm * 100) * (MILLIMETRE / 100);
        sum +=
          0.02 *
          getLikelihood(
            listed,
            { kind: 'diameter', side, length, instrument: 'caliper', place: 'first' },
            [],
          );
      }
      expect(sum, id).to.be.closeTo(1, 0.01);
    }
  });

  it('are never zero: any single reading may be a blunder', () => {
    const random = makeRandom(SEED);
    for (let i = 0; i < share(40, 12); i++) {
      const { specimen } = drawListed(random);
      const observations = answerAll(FULL, specimen, random);
      for (const listed of [...standardThreads.threads, 'none' as const]) {
        for (const each of observations) {
          expect(getLikelihood(listed, each, [])).to.be.within(1e-9, 1e3);
        }
      }
    }
  });
});

describe('ranking', () => {
  it('gives probabilities that add up to one, whatever was seen', () => {
    const random = makeRandom(SEED);
    for (let i = 0; i < 30; i++) {
      const observations = answerAll(drawOrder(random).slice(0, i % 14), drawListed(random).specimen, random);
      const { threads, none } = rankCandidates(standardThreads, observations);
      expect(threads.reduce((sum, { probability }) => sum + probability, none)).to.be.closeTo(1, 1e-9);
    }
  });

  it('does not mind the order of what is independent, and forgets what is taken back', () => {
    const seen: Observation[] = [MALE, leaf(14), { kind: 'flank', value: '55' }, diameter(0.8)];
    const [there, back] = [rank(...seen), rank(...seen.toReversed())];
    expect(there.threads[0]!.thread.id).to.equal(back.threads[0]!.thread.id);
    expect(there.threads[0]!.probability).to.be.closeTo(back.threads[0]!.probability, 1e-9);
    expect(rank(...seen.slice(0, 2)).threads).to.deep.equal(rank(MALE, leaf(14)).threads);
  });

  it('weighs one more reading as if all were weighed again', () => {
    const seen: Observation[] = [MALE, diameter(1.03), leaf(14), diameter(1.05, 'last')];
    const stepwise = seen.reduce(weighObservation, beginWeighing(standardThreads));
    expect([...stepwise.threads]).to.deep.equal([
      ...seen.reduce(weighObservation, beginWeighing(standardThreads)).threads,
    ]);
    expect(stepwise.observations).to.deep.equal(seen);
  });
});

describe('the next measurement', () => {
  it('agrees with brute force: the gain of a listed question is the expected fall of entropy', () => {
    const weights = [MALE, diameter(0.815), leaf(14)].reduce(
      weighObservation,
      beginWeighing(standardThreads),
    );
    const ranking = rankCandidates(standardThreads, weights.observations);
    const entropy = (chances: number[]) => {
      const total = chances.reduce((sum, each) => sum + each, 0);
      return chances.reduce(
        (sum, each) => (each > 0 ? sum - (each / total) * Math.log2(each / total) : sum),
        0,
      );
    };
    const flank = findNextMeasurements(ranking).find(({ question }) => question === 'flank')!;
    const before = [...ranking.threads.map(({ probability }) => probability), ranking.none];
    let after = 0;
    for (const value of ['60', '55', '29'] as const) {
      const then = rankCandidates(standardThreads, [...ranking.observations, { kind: 'flank', value }]);
      const chance =
        ranking.threads.reduce(
          (sum, each) =>
            sum +
            each.probability * getLikelihood(each.thread, { kind: 'flank', value }, ranking.observations),
          0,
        ) +
        ranking.none * getLikelihood('none', { kind: 'flank', value }, ranking.observations);
      after += chance * entropy([...then.threads.map(({ probability }) => probability), then.none]);
    }
    expect(flank.gain).to.be.closeTo(entropy(before) - after, 0.02);
  });

  it('asks for what parts the twins, and says what each outcome would mean', () => {
    const seen: Observation[] = [
      MALE,
      diameter(0.815),
      leaf(14),
      { kind: 'hand', value: 'right' },
      diameter(0.838, 'last'),
      { kind: 'seat', value: 'none', by: 'gauge' },
    ];
    const [next] = findNextMeasurements(rank(...seen));
    expect(next!.question).to.be.oneOf(['flank', 'crest', 'country']);
    const weights = seen.reduce(weighObservation, beginWeighing(standardThreads));
    const lead = (value: '55' | '60') =>
      findLeads(weights, { observation: { kind: 'flank', value }, chance: 1 })[0]!.thread.id;
    expect([lead('60'), lead('55')]).to.deep.equal(['npt-1/2-male', 'r-1/2-male']);
  });

  it('asks nothing that was answered, and nothing when nothing more would tell', () => {
    const random = makeRandom(SEED);
    for (let i = 0; i < 20; i++) {
      const { specimen } = drawListed(random);
      const asked = answerAll(FULL, specimen, random);
      const more = findNextMeasurements(rankCandidates(standardThreads, asked));
      expect(more.map(({ question }) => question).filter((each) => each !== 'leaf')).to.deep.equal([]);
    }
  });
});

describe(`identification, 300 specimens, seed ${SEED}`, function () {
  this.timeout(60_000);

  it('finds the thread, or a tie of two look-alikes, in 98 per cent; never surely wrong', () => {
    const random = makeRandom(SEED);
    const grades = new Map<Grade, number>();
    for (let i = 0; i < 300; i++) {
      const { thread: truth, specimen } = drawListed(random);
      const { grade: found, alike } = grade(judgeAll(answerAll(FULL, specimen, random)), truth);
      if (found === 'tie') expect(alike, truth.id).not.to.equal(null);
      grades.set(found, (grades.get(found) ?? 0) + 1);
    }
    const right = (grades.get('single') ?? 0) + (grades.get('tie') ?? 0);
    expect(right / 300, JSON.stringify([...grades])).to.be.at.least(0.98);
    expect(grades.get('certain-wrong') ?? 0).to.equal(0);
  });

  it('calls threads of no list "none of these" in 95 per cent', () => {
    const random = makeRandom(SEED + 1);
    let none = 0;
    for (let i = 0; i < 300; i++) {
      const verdict = judgeAll(answerAll(FULL, drawUnlisted(random), random));
      if (verdict.kind === 'none') none++;
      expect(verdict.kind).not.to.equal('certain');
    }
    expect(none / 300).to.be.at.least(0.95);
  });

  it('needs fewer readings by its suggestions than in the best of 20 fixed orders', () => {
    const random = makeRandom(SEED + 2);
    const specimens = Array.from({ length: share(300, 100) }, () => drawListed(random).specimen);
    const measure = (counts: number[]) => {
      const sorted = counts.toSorted((a, b) => a - b);
      const mean = counts.reduce((sum, each) => sum + each, 0) / counts.length;
      return { mean, p95: sorted[Math.floor(0.95 * counts.length)]! };
    };
    const suggested = measure(specimens.map((each) => followSuggestions(each, random).readings));
    // The orders take turns with the specimens: each is tried on thirty of them.
    const orders = Array.from({ length: 20 }, () => drawOrder(random)).map((order, k) =>
      measure(
        specimens
          .filter((_, i) => (i + k) % 10 === 0)
          .map((each) => followOrder(order, each, random).readings),
      ),
    );
    expect(suggested.mean).to.be.lessThan(Math.min(...orders.map(({ mean }) => mean)));
    expect(suggested.p95).to.be.lessThan(Math.min(...orders.map(({ p95 }) => p95)));
  });
});
