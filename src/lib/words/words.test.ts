import { expect } from 'chai';
import { standardCatalogue } from '#core/catalogue';
import { checkRun, type Finding } from '#core/checks';
import { planChooseRule } from '#core/runs/commands';
import { getEnds, getPieces } from '#core/runs/layout';
import { explain } from '#core/runs/explaining';
import { parseMeasure, inches, INCH } from '#core/units';
import { layOut, makeRun } from '#support/make-run.ts';
import { withParts } from '#support/make-trap.ts';
import { describeRun } from './describe-run.ts';
import { sayFinding, sayOfOnePiece } from './findings.ts';
import { FORMULAS, sayValues } from './formulas.ts';
import { sayTurns } from './tightness.ts';
import { sayError, sayExact, sayLength, sayTyped } from './length-text.ts';
import { isKnownRefusal, sayRefusal } from './refusals.ts';
import { sayWholeChange } from './change-details.ts';
import { sayChange } from './changes.ts';
import { sayChoice } from './house-rules.ts';

describe('refusals in words', () => {
  it('say what was read and what to do', () => {
    const say = (typed: string) => {
      const result = parseMeasure(typed, 'in');
      return result.ok ? 'taken' : sayRefusal(result.refusal);
    };
    expect(say('3 7 1/4')).to.include('“3 7 1/4”').and.include('3-7 1/4');
    expect(say('3-14')).to.include('3 ft and 14 in').and.include('under 12');
    expect(say('1,098')).to.include('1.098');
    expect(say('4 mm 3 in')).to.include('“4 mm 3 in”');
    expect(say('5000 ft')).to.include('5000 ft').and.include('1000 ft');
  });

  it('know what came over the wire from what did not', () => {
    expect(isKnownRefusal({ code: 'run-unknown', run: 'x' })).to.equal(true);
    for (const other of [null, 'run-unknown', {}, { code: 'constructor' }, { code: 5 }]) {
      expect(isKnownRefusal(other)).to.equal(false);
    }
  });
});

describe('lengths in words', () => {
  it('are marks of a tape, a 64th where they fall on one; what is typed again keeps its decimals', () => {
    expect(sayLength(inches(43.25), 'in')).to.equal('3 ft 7 1/4 in');
    expect(sayLength(INCH / 64, 'in')).to.equal('1/64 in');
    expect(sayLength(inches(43.27), 'in')).to.equal('3 ft 7 1/4 in');
    expect(sayTyped(inches(43.25), 'in')).to.equal('3 ft 7 1/4 in');
    expect(sayTyped(inches(43.27), 'in')).to.equal('43.270 in');
    expect(sayLength(1_098_000_000, 'mm')).to.equal('1098 mm');
    expect(sayLength(inches(1), 'mm')).to.equal('25 mm');
    expect(sayTyped(inches(1), 'mm')).to.equal('25.40 mm');
    expect(sayExact(inches(0.7475), 'in')).to.equal('0.7475 in');
    expect(sayError(-inches(0.005), 'in')).to.equal('tape reads 0.005 in shorter than exact');
  });

  it('count turns in quarters', () => {
    expect([0.5, 1, 2.52, 3.31, 2.99, 0].map(sayTurns)).to.deep.equal([
      '½ turns',
      '1 turn',
      '2½ turns',
      '3¼ turns',
      '3 turns',
      '0 turns',
    ]);
  });
});

describe('a run in words', () => {
  const layout = layOut(
    makeRun([
      [0, 'up', 30],
      [1, 'right', 43.25],
      [2, 'down', 1.2, { cap: true }],
    ]),
  );

  it('is told leg by leg from the source', () => {
    expect(describeRun(layout, 'in')).to.deep.equal([
      'A run of 3 legs.',
      'Leg 1, 3/4: from the source, up, 2 ft 6 in, to a 90° elbow.',
      'Leg 2, 3/4: from the 90° elbow at the end of leg 1, right, 3 ft 7 1/4 in, to a 90° elbow.',
      'Leg 3, 3/4: from the 90° elbow at the end of leg 2, down, 1 3/16 in, to a cap.',
    ]);
  });

  it('names its findings with their numbers', () => {
    const [finding] = checkRun(layout);
    expect(sayFinding(finding!, 'in')).to.equal(
      'Leg 3: less than 1/16 in is too short to thread (two threads and the vise’s grip need 2 1/2 in), and no nipple is as long. Make the leg 1 5/16 in longer for a nipple 1 3/8 in, or make it 2 1/2 in longer to cut it from pipe.',
    );
  });

  it('speaks of the one piece there is without the number of a leg', () => {
    const [finding] = checkRun(layout);
    expect(sayOfOnePiece(finding!, 'in')).to.match(/^Less than 1\/16 in is too short to thread \(two/);
    const longer = {
      code: 'longer-than-stock',
      severity: 'note',
      subject: 'leg',
      mark: '1',
      stock: inches(252),
      couplings: 1,
    } as unknown as Finding;
    expect(sayOfOnePiece(longer, 'in')).to.match(/^The piece is longer than a stock length \(21 ft\)/);
    const union = layOut(withParts(makeRun([[0, 'right', 30]]), [[1, 'union', 0.5]]));
    const said = checkRun(union).map((each) => sayOfOnePiece(each, 'in'));
    expect(said.some((text) => text.includes('typical only'))).to.equal(true);
    for (const text of said) expect(text).to.not.match(/\b[Ll]egs? \d/);
  });

  it('puts every value into its formula', () => {
    for (const id of [
      ...[...getPieces(layout)].map(({ id }) => id),
      ...[...getEnds(layout)].map((end) => end.id),
    ]) {
      for (const working of explain(layout, id)?.workings ?? []) {
        expect(sayValues(working, 'in')).not.to.match(/[#?]/);
        const places = new Set(FORMULAS[working.formula].values.match(/#\d/g));
        if (places.size > 0) expect(places.size).to.equal(working.terms.length);
      }
    }
  });
});

describe('changes and choices in words', () => {
  it('say what was done, taken back and done again', () => {
    const label = { command: 'add-leg', leg: 4, turn: null } as const;
    expect(sayChange(label)).to.equal('leg 4 added');
    expect(sayChange({ ...label, turn: 'undo' })).to.equal('taken back: leg 4 added');
    expect(sayChange({ ...label, turn: 'redo' })).to.equal('done again: leg 4 added');
    const chosen = planChooseRule(makeRun([[0, 'right', 30]]), 'leak-fluid', { option: 'soap' });
    expect(sayWholeChange(chosen, 'in', standardCatalogue)).to.equal('house rule chosen: leak fluid');
  });

  it('name the school with what it was set to', () => {
    const choice = { option: 'hand-tight-plus-turns', upTo2in: 2.75, above2in: 2.25 } as const;
    expect(sayChoice('engagement-figure', choice, 'in')).to.equal(
      'Hand-tight plus turns (2.75 up to size 2, 2.25 above)',
    );
    expect(sayChoice('tape-rounding', { option: '1/16' }, 'in')).to.equal('sixteenths of an inch');
  });
});
