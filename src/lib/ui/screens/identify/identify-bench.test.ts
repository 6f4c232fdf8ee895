import { expect } from 'chai';
import { inches } from '#core/units';
import { THREAD_FAMILIES, type ThreadFamily } from '#core/ends';
import { answerQuestion } from '#support/simulated-fitter.ts';
import { standardThreads } from '#core/catalogue';
import { grade, type Grade } from '#support/identify-trial.ts';
import { makeRandom } from '#support/random-run.ts';
import { getChoices } from './choices.ts';
import { BENCH_QUESTIONS, IdentifyBench } from './identify-bench.svelte.ts';
import { MeasuredAnswer } from './measured-answer.svelte.ts';

const MEASURED = ['diameter', 'second-diameter', 'leaf', 'count', 'collar', 'marking'];

describe('the bench', () => {
  it('begins empty, with a question', () => {
    const bench = new IdentifyBench('test');
    expect([bench.verdict.kind, bench.lead, bench.readings.length]).to.deep.equal(['empty', null, 0]);
    expect(bench.question).to.equal(bench.next[0]!.question);
  });

  it('takes readings, replaces one of a kind, takes them back, and shows the next question again', () => {
    const bench = new IdentifyBench('test');
    bench.picked = 'gender';
    bench.take({ kind: 'gender', value: 'male' }, null);
    expect(bench.picked).to.equal(null);
    bench.take({ kind: 'gender', value: 'female' }, null);
    expect(bench.observations).to.deep.equal([{ kind: 'gender', value: 'female' }]);
    bench.takeBack(bench.readings[0]!.id);
    expect(bench.verdict.kind).to.equal('empty');
  });

  it('tells what an outcome would mean as if it had been read', () => {
    const bench = new IdentifyBench('test');
    bench.take({ kind: 'gender', value: 'male' }, null);
    bench.take({ kind: 'leaf', perInch: 11.5, fit: 'fits' }, 'pitch gauge');
    const outcome = bench.next[0]!.outcomes[0]!;
    const expected = bench.getLeads(outcome).map(({ thread }) => thread.id);
    bench.take(outcome.observation, null);
    expect(bench.ranking.threads[0]!.thread.id).to.equal(expected[0]);
  });

  /** A simulated fitter, whose hands slip at times, follows the suggestions; how the verdict stands against the truth. */
  const followSuggestions = (family: ThreadFamily, seed: number): Grade => {
    const random = makeRandom(seed * 100 + THREAD_FAMILIES.indexOf(family));
    const bench = new IdentifyBench('test');
    bench.drawFromTray(family, random);
    const specimen = bench.simulated!;
    for (let asked = 0; asked < 14 && bench.next[0]; asked++) {
      if (['certain', 'likely'].includes(bench.verdict.kind)) break;
      const observation = answerQuestion(bench.next[0].question, specimen, bench.observations, random);
      bench.take(observation, 'simulated', true);
    }
    expect(bench.readings.every(({ simulated }) => simulated)).to.equal(true);
    const truth = standardThreads.threads.find(({ id }) => id === specimen.truth)!;
    return grade(bench.verdict, truth).grade;
  };

  for (const family of THREAD_FAMILIES) {
    it(`a ${family} thread from the tray is identified by following the suggestions (seeds 1 to 8): never surely wrong`, () => {
      const grades = Array.from({ length: 8 }, (_, i) => followSuggestions(family, i + 1));
      expect(grades).to.not.include('certain-wrong');
      const right = grades.filter((each) => ['single', 'tie', 'wide-tie'].includes(each));
      expect(right.length, grades.join(', ')).to.be.at.least(6);
    });
  }

  it('draws from the tray the family asked for, and puts the last readings away', () => {
    const bench = new IdentifyBench('test');
    bench.take({ kind: 'gender', value: 'male' }, null);
    bench.drawFromTray('g', makeRandom(5));
    expect(bench.simulated!.truth).to.match(/^g-/);
    expect(bench.readings).to.deep.equal([]);
    const same = new IdentifyBench('test');
    same.drawFromTray('g', makeRandom(5));
    expect(same.simulated).to.deep.equal(bench.simulated);
    bench.clear();
    expect(bench.simulated).to.equal(null);
  });

  it('has choices for every question that is not measured, each an observation of it', () => {
    for (const question of BENCH_QUESTIONS) {
      const choices = getChoices(question);
      expect(choices === null, question).to.equal(MEASURED.includes(question));
      for (const { observation, text } of choices ?? []) {
        expect(observation.kind).to.equal(question);
        expect(text).to.match(/\S/);
      }
    }
  });
});

describe('a measured answer', () => {
  const answer = (
    question: ConstructorParameters<typeof MeasuredAnswer>[1],
    fill: Partial<MeasuredAnswer>,
  ) => {
    const bench = new IdentifyBench('test');
    bench.take({ kind: 'gender', value: 'male' }, null);
    return Object.assign(new MeasuredAnswer(bench, question), fill);
  };
  const code = (read: { ok: true } | { ok: false; refusal: { code: string } }) =>
    read.ok ? 'ok' : read.refusal.code;

  it('reads a diameter in the unit of the job, at its place and on its side', () => {
    const read = answer('diameter', { typed: '1.03' }).read('in');
    expect(read.ok && read.value).to.deep.equal({
      kind: 'diameter',
      side: 'outside',
      length: inches(1.03),
      instrument: 'caliper',
      place: 'first',
    });
  });

  it('asks for a second diameter at the other end', () => {
    const bench = new IdentifyBench('test');
    const first = {
      kind: 'diameter',
      side: 'outside',
      length: inches(1.05),
      instrument: 'caliper',
      place: 'last',
    } as const;
    bench.take(first, null);
    expect(new MeasuredAnswer(bench, 'second-diameter').place).to.equal('mouth');
  });

  for (const [question, fill, refusal] of [
    ['diameter', { typed: '' }, 'length-empty'],
    ['diameter', { typed: '0' }, 'reading-impossible'],
    ['diameter', { typed: '21.3' }, 'reading-other-unit'],
    ['count', { threads: 'x', typed: '0.5' }, 'count-impossible'],
    ['count', { threads: '7', typed: 'x' }, 'length-unreadable'],
    ['count', { threads: '7', typed: '0.5' }, 'ok'],
    ['marking', { typed: '  ' }, 'marking-empty'],
    ['marking', { typed: 'G 3/4' }, 'ok'],
    ['collar', { typed: '7/8' }, 'ok'],
    ['leaf', { leaf: 14 }, 'ok'],
  ] as const) {
    it(`${question} ${JSON.stringify(fill)}: ${refusal}, and what was typed stays`, () => {
      const given = answer(question, fill);
      expect(code(given.read('in'))).to.equal(refusal);
      expect(given.refusal?.code ?? 'ok').to.equal(refusal);
      expect(given).to.include(fill);
    });
  }
});
