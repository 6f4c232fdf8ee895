import { expect } from 'chai';
import { standardCatalogue } from '#core/catalogue';
import { newRun } from '#core/runs/document';
import { inches, MILLIMETRE } from '#core/units';
import { getPiece, layOut, makeIds } from '#support/make-run.ts';
import { makeRandom } from '#support/random-run.ts';
import { sayShorthandRefusal } from '#words/shorthand.ts';
import { SHORTHAND_GUIDE } from '#words/shorthand-guide.ts';
import { completeLine } from './complete-line.ts';
import { makeWrittenRun } from './make-written-run.ts';
import { readLine } from './read-line.ts';
import { writeShorthand } from './write-shorthand.ts';
import { MOST_LINES, readShorthand } from './read-shorthand.ts';
import { ALL_WORDS } from './vocabulary.ts';

function read(text: string) {
  const { sentences, problems } = readShorthand(text, 'in');
  const made = makeWrittenRun(sentences, newRun('writtenrun', standardCatalogue.version, {}), makeIds());
  return { doc: made.doc, problems: [...problems, ...made.problems] };
}
const getLeg = (text: string) => {
  const line = readLine(text, 0, 'in');
  if (!line.ok || line.sentence?.kind !== 'leg') throw new Error(`${text}: ${JSON.stringify(line)}`);
  return line.sentence;
};

describe('a line of shorthand', () => {
  const lengths: [string, number][] = [
    ['right 48', 48],
    ['R 3-7 1/4', 43.25],
    ['rt 3 ft 7 1/4 in', 43.25],
    [`right 3' 7 1/4"`, 43.25],
    ['right 7½ of 3/4', 7.5],
    ['3: right, 48 , of 1', 48],
  ];
  for (const [text, length] of lengths) {
    it(`reads the measure of “${text}”`, () => {
      expect([getLeg(text).measure?.value, getLeg(text).geometry]).to.deep.equal([
        inches(length),
        { kind: 'axis', axis: 'right' },
      ]);
    });
  }

  it('takes metric measures, and figures in the unit the text names', () => {
    expect(getLeg('up 1.5 m').measure?.value).to.equal(1500 * MILLIMETRE);
    const { doc } = read('units mm\nup 1500 of 3/4');
    expect(Object.values(doc.measures)[0]?.value).to.equal(1500 * MILLIMETRE);
  });

  it('takes a way at 45° however its two sides are joined', () => {
    for (const way of ['up-right', 'right-up', 'up/right', 'ur', 'ru', 'UP+RIGHT']) {
      expect(getLeg(`${way} 12`).geometry, way).to.deep.equal({ kind: 'axis', axis: 'up-right' });
    }
  });

  const problems: [string, number, RegExp][] = [
    ['rihgt 48', 0, /Read “rihgt”.*“right”/],
    ['right', 5, /a measure is missing/],
    ['right 48, unoin 40%', 10, /Did you mean “union”/],
    ['right 3 7 1/4', 6, /3 7 1\/4|two numbers|“3”/],
    ['right 48 of', 11, /a pipe size/],
    ['right 48 of 5/8', 12, /Read “5\/8”.*pipe size/],
    ['right 48 up', 9, /Read “up”/],
    ['right 48 cap cap', 13, /said twice/],
    ['offset down, set 6 down', 0, /square/],
    ['off 9, right 12', 4, /no leg 9/],
    ['right 0', 6, /0/],
    ['valve', 5, /way/],
    ['Item\tQty\tPrice', 0, /Read “Item”/],
    ['{"schema": 3, "id": "x"}', 0, /Read “\{"schema":”|Read “\{/],
  ];
  for (const [text, at, says] of problems) {
    it(`says what is wrong with “${text}”, at its place`, () => {
      const found = read(`up 12 of 3/4\n${text}`).problems.find(({ line }) => line === 1);
      expect(found, text).to.not.equal(undefined);
      expect(sayShorthandRefusal(found!.refusal)).to.match(says);
      expect(found!.from).to.equal(at);
    });
  }

  it('asks for a measure where one is missing, and for none where it was said, left open, or not of the leg', () => {
    const next = (text: string): readonly string[] => {
      const line = readLine(text, 0, 'in');
      if (line.ok) return line.next;
      const { refusal } = line.problem;
      return refusal.code === 'word-missing' ? refusal.expected : [];
    };
    for (const text of ['right', 'route up', 'loose up', 'up of 3/4', 'up valve'])
      expect(next(text), text).to.include('length');
    for (const text of ['right 48', 'up ?', 'route up 48', 'no-pipe up', 'offset down', 'connector up'])
      expect(next(text), text).to.not.include('length');
    expect(next('measure 3 from source')).to.deep.equal(['to']);
    expect(next('measure 3')).to.deep.equal(['from']);
    expect(next('marked part 1 of 3')).to.deep.equal(['text']);
    // A share is no measure, on whichever side its sign stands.
    expect(next('right valve 50%')).to.include('length');
  });

  it('reads “no pipe” as one word, and a “no” before anything else as none', () => {
    expect(getLeg('no pipe up').geometry).to.deep.equal(getLeg('no-pipe up').geometry);
    for (const text of ['no up', 'up 48 no valve', 'right pipe 48']) {
      const line = readLine(text, 0, 'in');
      expect(!line.ok && line.problem.refusal.code, text).to.equal('word-unknown');
    }
    expect(getLeg('up 48 with a valve'.replace(' a ', ' ')).parts).to.deep.equal(getLeg('up 48 valve').parts);
  });

  it('says what is marked, and where parts stand, as it is read', () => {
    const line = readLine('marked part 1 of 3 "1 IPS"', 0, 'in');
    expect(line.ok && line.sentence).to.deep.include({
      kind: 'marking',
      part: { number: 1, tag: 3 },
      text: '1 IPS',
    });
    const { doc } = read('up 48 of 3/4 valve 25% union 75%\nright 20');
    const text = writeShorthand(doc, 'in');
    expect(text)
      .to.match(/valve 25%/)
      .and.to.match(/union 75%/);
    const odd = {
      ...doc,
      parts: Object.fromEntries(
        Object.entries(doc.parts).map(([id, part]) => [id, { ...part, share: part.share / 7 }]),
      ),
    };
    expect(writeShorthand(odd, 'in')).to.match(/share 0\.0357142857/);
  });

  it('takes a measure from where the leg begins or to where it ends, unless it says otherwise; of what is not there none', () => {
    const ends = (text: string) => {
      const { doc, problems: wrong } = read(`up 12 of 3/4\n${text}`);
      expect(wrong).to.deep.equal([]);
      const leg = Object.values(doc.legs).find(({ tag }) => tag === 2)!;
      const own = Object.values(doc.measures).find(({ value }) => value === inches(48))!;
      const say = (id: string) => (id === leg.from ? 'from' : id === leg.to ? 'to' : 'other');
      return [own.from, own.to].map(({ id, at }) => `${at} ${say(id)}`);
    };
    expect(ends('right 48')).to.deep.equal(['centre from', 'centre to']);
    expect(ends('right 48 from face of 1 to its face')).to.deep.equal(['face from', 'face to']);
    const codes = (text: string) => read(text).problems.map(({ refusal }) => refusal);
    expect(codes('up 12 valve\nmeasure 3 from source to part 2 of 1')[0]).to.deep.include({
      code: 'part-not-there',
      there: 1,
    });
    expect(codes('up 12\nmeasure 3 from source to part 1 of 7')[0]).to.deep.equal({
      code: 'leg-not-there',
      tag: 7,
    });
    expect(codes('up 12\nmeasure 3 from source to 7')[0]).to.deep.equal({ code: 'leg-not-there', tag: 7 });
  });

  it('reads the other lines when one cannot be read', () => {
    const { doc, problems: wrong } = read('up 48 of 3/4\nnonsense\nright 12');
    expect([Object.keys(doc.legs).length, wrong.length]).to.deep.equal([2, 1]);
  });

  it('refuses a ring, a number given twice, and a part that is not there', () => {
    const codes = (text: string) => read(text).problems.map(({ refusal }) => refusal.code);
    expect(codes('up 12\nright 12\ndown 12 joins source')).to.deep.equal(['closes-a-ring']);
    expect(codes('1: up 12\n1: right 12')).to.deep.equal(['number-twice']);
    expect(codes('up 12 union\nmeasure 3 from source to part 2 of 1')).to.deep.equal(['part-not-there']);
    expect(codes('up 12\n'.repeat(MOST_LINES + 1))).to.deep.equal(['too-much-text']);
  });

  it('says the run of the trade’s figures: a 3/4 leg of 30 in between 90s is cut 28 1/2', () => {
    const { doc } = read('up 12 of 3/4\nright 30\ndown 12');
    // 30 less twice the take-off: centre to end 1.31 less engagement 0.5625, as every cut of the run.
    expect(getPiece(layOut(doc), 2).cut?.exact).to.equal(inches(30 - 2 * (1.31 - 0.5625)));
  });
});

describe('what can follow', () => {
  it('is offered by the words that fit there', () => {
    expect(completeLine('', 'in').words).to.include.members(['up', 'off', 'offset', 'measure']);
    expect(completeLine('ri', 'in')).to.deep.equal({ from: 0, words: ['right'] });
    expect(completeLine('right 48 of ', 'in').words).to.include.members(['3/4', '1-1/4']);
    expect(completeLine('right 48 ', 'in').words).to.include.members(['of', 'from', 'valve', 'cap']);
    expect(completeLine('right 48 va', 'in')).to.deep.equal({ from: 9, words: ['valve'] });
    expect(completeLine('offset down, set 6 ', 'in').words).to.include('left');
    expect(completeLine('"nonsense" ', 'in').words).to.deep.equal([]);
  });

  it('reads on: each word offered at the end of a line that reads is understood there', () => {
    for (const begun of [
      '',
      'right ',
      'right 48 ',
      'off ',
      'offset down ',
      'no-pipe up ',
      'right 48 from ',
    ]) {
      for (const word of completeLine(begun, 'in').words) {
        const line = readLine(`${begun}${word}`, 0, 'in');
        const isUnknown = !line.ok && line.problem.refusal.code === 'word-unknown';
        expect(isUnknown, `${begun}${word}`).to.equal(false);
      }
    }
  });
});

describe('the guide to the shorthand', () => {
  for (const { title, example } of SHORTHAND_GUIDE) {
    it(`reads: ${title}`, () => {
      expect(read(example).problems).to.deep.equal([]);
    });
  }
});

const SEED = 4_041;
describe(`nonsense (seed ${SEED})`, () => {
  it('gets a sentence, never a crash: 300 texts of words, figures and signs in any order', () => {
    const random = makeRandom(SEED);
    const pick = <Value>(values: readonly Value[]): Value => values[Math.floor(random() * values.length)]!;
    const signs = [
      '"',
      '\\',
      '\t',
      '#',
      '1/2',
      '48',
      '3-7',
      '%',
      '-',
      '99999999999',
      '{',
      '—',
      '½',
      '',
      '\u0000',
      '🔧',
      '1:',
      '__proto__',
      'constructor',
    ];
    for (let i = 0; i < 300; i++) {
      const text = Array.from(
        { length: 1 + Math.floor(random() * 30) },
        () => `${pick(random() < 0.6 ? ALL_WORDS : signs)}${pick([' ', ' ', ', ', '\n', ''])}`,
      ).join('');
      const { doc, problems: wrong } = read(text);
      for (const { refusal, from, to, line } of wrong) {
        expect(sayShorthandRefusal(refusal), text).to.match(/^[A-Z“0-9].*[.?]$/s);
        expect(from >= 0 && to >= from && line >= 0, text).to.equal(true);
      }
      expect(() => layOut(doc), text).to.not.throw();
    }
  });
});
