import { expect } from 'chai';
import { standardThreads, type ThreadPlace, getCrestRange } from '#core/catalogue';
import { inches, INCH, MILLIMETRE } from '#core/units';
import { makeRandom } from '#support/random-run.ts';
import { answerAll, drawListed, FULL, grade, judgeAll } from '#support/identify-trial.ts';
import { judge } from './judge.ts';
import { findLookAlike } from './look-alikes.ts';
import type { Observation } from './observation.ts';
import { getSupport, rankCandidates } from './rank-candidates.ts';

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
const say = (...observations: Observation[]) => judge(rank(...observations));
const thread = (id: string) => standardThreads.findThread(id)!;

describe('the verdict', () => {
  it('on nothing is that nothing was measured', () => {
    expect(say()).to.deep.equal({ kind: 'empty' });
  });

  for (const size of ['1/2', '3/4'] as const) {
    it(`with diameter and count only, ${size} NPT and R are both in the running, whatever reads alike on both`, () => {
      const random = makeRandom(SEED);
      const [npt, r] = [thread(`npt-${size}-male`), thread(`r-${size}-male`)];
      const [low, high] = [
        Math.max(getCrestRange(npt, 'first')[0], getCrestRange(r, 'first')[0]),
        Math.min(getCrestRange(npt, 'first')[1], getCrestRange(r, 'first')[1]),
      ];
      for (let i = 0; i < 60; i++) {
        const length = Math.round((low + (high - low) * random()) * MILLIMETRE);
        const ranking = rank(
          MALE,
          { kind: 'diameter', side: 'outside', length, instrument: 'caliper', place: 'first' },
          { kind: 'count', threads: 7, over: INCH / 2, instrument: 'rule' },
        );
        const found = judge(ranking);
        const chance = (id: string) => ranking.threads.find((each) => each.thread.id === id)!.probability;
        const odds = chance(npt.id) / chance(r.id);
        if (odds > 1000 || odds < 1 / 1000) continue;
        const named = found.kind === 'tie' ? found.among.map((each) => each.thread.id) : [];
        expect(found.kind, `${length}`).to.equal('tie');
        expect(named).to.include(npt.id).and.to.include(r.id);
      }
    });

    it(`${size} male: flank angle, crest, origin and marking part NPT from R; without the marking they are over a hundred to one`, () => {
      const seen = (american: boolean): Observation[] => [
        MALE,
        diameter((size === '1/2' ? 0.815 : 1.024) - (american ? 0 : 0.006)),
        leaf(14),
        { kind: 'taper', value: 'taper' },
        diameter((size === '1/2' ? 0.838 : 1.047) - (american ? 0 : 0.006), 'last'),
        { kind: 'flank', value: american ? '60' : '55' },
        { kind: 'crest', value: american ? 'flat' : 'rounded' },
        { kind: 'country', value: american ? 'north-america' : 'uk-ireland' },
        { kind: 'marking', text: american ? 'NPT' : 'R' },
      ];
      for (const american of [true, false]) {
        const [best, next] = rank(...seen(american).slice(0, -1)).threads;
        expect(best!.thread.id).to.equal(`${american ? 'npt' : 'r'}-${size}-male`);
        expect(best!.probability / next!.probability).to.be.greaterThan(100);
        expect(say(...seen(american)).kind).to.be.oneOf(['certain', 'likely']);
      }
    });
  }

  it('does not call 1-1/4 pipe 1-1/2, which the quarter-inch check does', () => {
    for (const read of [1.64, 1.65, 1.66]) {
      const { threads } = rank(MALE, diameter(read, 'last'), leaf(11.5));
      expect(threads[0]!.thread.size).to.equal('1-1/4');
      expect(threads.find((each) => each.thread.id === 'npt-1-1/2-male')!.probability).to.be.lessThan(1e-4);
    }
  });

  it('a twin that the profile gauge has ruled out is not named again', () => {
    for (const value of ['60', '55'] as const) {
      const off = value === '60' ? 0 : 0.006;
      const seen = [MALE, diameter(0.815 - off), leaf(14), diameter(0.838 - off, 'last')];
      const flanks = (...more: Observation[]): number[] => {
        const found = say(...seen, ...more);
        const named = 'among' in found ? found.among : 'found' in found ? [found.found] : [];
        return [...new Set(named.map((each) => each.thread.flank))];
      };
      expect(flanks()).to.have.members([60, 55]);
      expect(flanks({ kind: 'flank', value })).to.deep.equal([Number(value)]);
    }
  });

  it('while the hand was not tried it is taken as right, and what it is otherwise is named; never certain', () => {
    const seen: Observation[] = [
      MALE,
      diameter(0.515),
      diameter(0.515, 'last'),
      leaf(19),
      { kind: 'flank', value: '55' },
      { kind: 'taper', value: 'parallel' },
      { kind: 'crest', value: 'rounded' },
      { kind: 'country', value: 'uk-ireland' },
    ];
    const open = say(...seen);
    expect('ifLeft' in open && open.ifLeft.map((each) => each.thread.hand)).to.deep.equal(['left']);
    expect(open.kind).to.not.equal('certain');
    const left = say(...seen, { kind: 'hand', value: 'left' });
    expect('found' in left && left.found.thread.hand).to.equal('left');
    const right = say(...seen, { kind: 'hand', value: 'right' });
    expect('ifLeft' in right && right.ifLeft).to.deep.equal([]);
  });

  it(`everything asked but the hand: 97 of 100 come out as one or as two that are named (seed ${SEED})`, () => {
    const random = makeRandom(SEED);
    const asked = FULL.filter((question) => question !== 'hand');
    let [right, wrong] = [0, 0];
    for (let i = 0; i < 600; i++) {
      const { thread: truth, specimen } = drawListed(random);
      const found = grade(judgeAll(answerAll(asked, specimen, random)), truth).grade;
      if (found === 'single' || found === 'tie') right++;
      if (found === 'certain-wrong') wrong++;
    }
    expect(right).to.be.at.least(0.97 * 600);
    expect(wrong).to.equal(0);
  }).timeout(30_000);

  it('names the readings that contradict what is found', () => {
    const found = say(
      MALE,
      diameter(0.815),
      diameter(0.838, 'last'),
      leaf(14),
      leaf(14),
      { kind: 'flank', value: '60' },
      { kind: 'count', threads: 14, over: INCH, instrument: 'caliper' },
      { kind: 'seat', value: '45', by: 'gauge' },
      { kind: 'country', value: 'north-america' },
    );
    expect(found.kind).to.equal('likely');
    if (found.kind === 'likely') expect(found.against.map(({ kind }) => kind)).to.deep.equal(['seat']);
  });

  it('says none of these of a lathe thread, with what does not agree', () => {
    const found = say(MALE, diameter(0.95, 'first'), leaf(9), diameter(0.95, 'last'), {
      kind: 'count',
      threads: 9,
      over: INCH,
      instrument: 'caliper',
    });
    expect(found.kind).to.equal('none');
    if (found.kind === 'none') expect(found.disagree.length).to.be.greaterThan(0);
  });

  it('tells what speaks for and against', () => {
    const support = getSupport(thread('npt-3/4-male'), [leaf(14), leaf(27), { kind: 'flank', value: '55' }]);
    expect(support.map(({ says }) => says)).to.deep.equal(['for', 'against', 'against']);
  });

  for (const [a, b, alike] of [
    ['npt-1/2-male', 'nptf-1/2-male', 'sister'],
    ['npt-1/2-male', 'r-1/2-male', 'american-british'],
    ['npt-3/4-male', 'g-3/4-male', 'american-british'],
    ['r-1-male', 'g-1-male', 'taper-parallel'],
    ['rc-1/2-female', 'rp-1/2-female', 'taper-parallel'],
    ['sae-45-1/2 tube-male', 'jic-37--8 (1/2 tube)-male', 'same-thread'],
    ['npt-1-male', 'r-1-male', 'neighbouring-pitch'],
    ['npt-1/2-male', 'npt-3/4-male', null],
    ['sae-45-3/8 tube-male', 'jic-37--6 (3/8 tube)-male', null],
    ['npt-1/2-male', 'npt-1/2-female', null],
  ] as const) {
    it(`${a} and ${b}: ${alike ?? 'no look-alikes'}`, () => {
      expect(findLookAlike(thread(a), thread(b))).to.equal(alike);
      expect(findLookAlike(thread(b), thread(a))).to.equal(alike);
    });
  }
});
