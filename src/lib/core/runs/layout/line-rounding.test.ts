import { expect } from 'chai';
import { STOCK_LENGTHS, resolveRules, type RuleChoices } from '#core/house-rules';
import { TAPE_GRADUATIONS, type TapeGraduation, INCH, inches, type Length } from '#core/units';
import { getLeg, layOut, makeRun, type TestLeg } from '#support/make-run.ts';
import { makeRandom } from '#support/random-run.ts';
import { standardCatalogue } from '#core/catalogue';
import { NO_FACTS } from '#core/runs/changes';
import { getPieces, layOutRun } from './lay-out-run.ts';
import { newRun, type RunDoc } from '#core/runs/document';

/** A straight header of pieces with lengths that lie between the marks of any tape. */
function makeHeader(seed: number, count: number, choices: RuleChoices): RunDoc {
  const random = makeRandom(seed);
  const legs = Array.from({ length: count }, (_, i): TestLeg => [
    i,
    'right',
    14 + Math.floor(random() * 4000) / 1000,
  ]);
  return { ...makeRun(legs, '1'), ruleChoices: choices };
}

describe('rounding along a line', () => {
  for (const graduation of Object.keys(TAPE_GRADUATIONS) as TapeGraduation[]) {
    it(`${graduation}: each piece is off by at most one mark, and the line never ends more than half a mark off`, () => {
      const tick = TAPE_GRADUATIONS[graduation];
      for (let seed = 1; seed <= 20; seed++) {
        const choices = { 'tape-rounding': { option: graduation } } as const;
        let [exact, marked]: [Length, Length] = [0, 0];
        for (const { cut } of getPieces(layOut(makeHeader(seed, 12, choices)))) {
          if (!cut) throw new Error('no cut');
          exact += cut.exact;
          marked += cut.onTape.length;
          expect(Math.abs(cut.onTape.error), `seed ${seed}`).to.be.at.most(tick);
          expect(Math.abs(marked - exact), `seed ${seed}`).to.be.at.most(tick / 2);
          expect(cut.farEndOff).to.equal(marked - exact);
          expect(cut.onTape.length % tick).to.equal(0);
        }
      }
    });
  }

  it('puts the error of a bought nipple into the next cut piece', () => {
    // Between two 3/4 couplings the allowances take 2 × 0.1975: 5.395 + 0.04 leaves a 5 in nipple 0.04 short.
    const doc = makeRun([
      [0, 'right', 20],
      [1, 'right', 5.395 + 0.04],
      [2, 'right', 20],
      [3, 'down', 9],
    ]);
    const [, nipple, next] = [...getPieces(layOut(doc))];
    expect(nipple!.cut!.nipple).to.equal(inches(5));
    expect(nipple!.cut!.onTape.error).to.be.closeTo(-inches(0.04), 1);
    const { cut } = next!;
    expect(Math.abs(cut!.farEndOff)).to.be.at.most(INCH / 32);
    expect(cut!.onTape.length).to.be.greaterThan(cut!.exact);
  });

  it('is to a mark of the tape, also after a nipple in inches on a metric tape and after a cut that was off', () => {
    const legs: TestLeg[] = [
      [0, 'right', 20],
      [1, 'right', 5.395 + 0.04],
      [2, 'right', 20.011],
      [3, 'right', 17.3],
    ];
    const doc = { ...makeRun(legs), ruleChoices: { 'tape-rounding': { option: '1 mm' } } as const };
    const rules = resolveRules(doc.ruleChoices);
    const [first] = [...getPieces(layOut(doc))];
    const slip = new Map([
      [first!.id, { length: first!.cut!.onTape.length + 12_345, by: 'A', at: '', event: 'e' }],
    ]);
    for (const facts of [NO_FACTS, { ...NO_FACTS, asCut: slip }]) {
      const [, nipple, ...cuts] = [...getPieces(layOutRun(doc, standardCatalogue, rules, facts))];
      expect(nipple!.cut!.onTape.length).to.equal(inches(5));
      for (const { cut } of cuts) {
        expect(cut!.onTape.length % TAPE_GRADUATIONS['1 mm']).to.equal(0);
        expect(cut!.onTape.error).to.equal(cut!.onTape.length - cut!.exact);
        expect(Math.abs(cut!.farEndOff)).to.be.at.most(TAPE_GRADUATIONS['1 mm'] / 2);
      }
    }
  });

  it('begins anew at a turn', () => {
    const doc = makeRun([
      [0, 'right', 20.03],
      [1, 'down', 20.03],
    ]);
    for (const { cut } of getPieces(layOut(doc))) expect(cut!.farEndOff).to.equal(cut!.onTape.error);
  });

  it('a piece cut otherwise than asked is made good by the next in its line, and by no other', () => {
    const doc = makeRun([
      [0, 'right', 20],
      [1, 'right', 20],
      [2, 'down', 20],
    ]);
    const plain = [...getPieces(layOut(doc))];
    const long = plain[0]!.cut!.onTape.length + INCH / 4;
    const asCut = new Map([[plain[0]!.id, { length: long, by: 'A', at: '', event: 'e' }]]);
    const facts = { ...NO_FACTS, asCut };
    const after = [...getPieces(layOutRun(doc, standardCatalogue, resolveRules({}), facts))];
    expect(after[0]!.cut!.onTape).to.deep.equal(plain[0]!.cut!.onTape);
    expect(after[1]!.cut!.onTape.length).to.equal(plain[1]!.cut!.onTape.length - INCH / 4);
    expect(after[2]!.cut!.onTape).to.deep.equal(plain[2]!.cut!.onTape);
  });
});

describe('a line after an edit', () => {
  const doc = makeRun([
    [0, 'right', 20.03],
    [1, 'right', 20.03],
    [2, 'right', 20.03],
    [3, 'down', 20.03],
    [4, 'down', 20.03],
  ]);
  const rules = resolveRules({});
  const before = layOutRun(doc, standardCatalogue, rules, NO_FACTS);
  const said = (layout: ReturnType<typeof layOutRun>) =>
    [...getPieces(layout)].map(({ mark, cut }) => [mark, cut!.exact, cut!.onTape, cut!.farEndOff]);

  it('goes on beyond it as one laid from nothing: where the mark moves, and where only what it is off by does', () => {
    const own = Object.values(doc.measures).find(({ from }) => from.id === getLeg(doc, 1).from)!;
    for (const by of [-0.03, 0.01, 0.02, 0.5, 1]) {
      const now = {
        ...doc,
        measures: { ...doc.measures, [own.id]: { ...own, value: own.value + inches(by) } },
      };
      const after = layOutRun(now, standardCatalogue, rules, NO_FACTS, before);
      expect(said(after), String(by)).to.deep.equal(said(layOutRun(now, standardCatalogue, rules, NO_FACTS)));
      // Beyond the turn the pieces are the very same.
      expect([...getPieces(after)].at(-1)).to.equal([...getPieces(before)].at(-1));
    }
  });

  it('is made good on after a cut that was off', () => {
    const [first] = [...getPieces(before)];
    for (const off of [INCH / 16, INCH / 4]) {
      const asCut = new Map([
        [first!.id, { length: first!.cut!.onTape.length + off, by: 'A', at: '', event: 'e' }],
      ]);
      const facts = { ...NO_FACTS, asCut };
      const after = layOutRun(doc, standardCatalogue, rules, facts, before);
      expect(said(after)).to.deep.equal(said(layOutRun(doc, standardCatalogue, rules, facts)));
    }
  });
});

describe('pipe longer than the stock', () => {
  for (const option of ['21 ft', '10 ft', '6 m'] as const) {
    it(`${option}: whole lengths and a rest joined by couplings, which add up to the leg`, () => {
      const stock = STOCK_LENGTHS[option];
      const random = makeRandom(8);
      for (let i = 0; i < 60; i++) {
        const feet = 22 + random() * 90;
        const doc: RunDoc = {
          ...makeRun(
            [
              [0, 'up', 30],
              [1, 'right', Math.round(feet * 192) / 16],
              [2, 'up', 9],
            ],
            '1',
          ),
          ruleChoices: { 'stock-length': { option } },
        };
        const layout = layOut(doc);
        const { id } = getLeg(doc, 2);
        const pieces = layout.pieces.get(id)!;
        const { inline, centreToCentre } = layout.legs.get(id)!;
        expect(inline.map((each) => each.id)).to.deep.equal(inline.map((_, k) => `${id}#${k + 1}`));
        for (const { cut } of pieces) expect(cut!.exact).to.be.within(INCH * 2, stock);
        const cuts = pieces.reduce((sum, { cut }) => sum + cut!.exact, 0);
        const taken = pieces.flatMap(({ ends }) => ends).reduce((sum, { takeOff }) => sum + takeOff!, 0);
        expect(cuts + taken).to.equal(centreToCentre);
        expect(new Set(pieces.map((piece) => piece.id)).size).to.equal(pieces.length);
      }
    });
  }

  it('an empty run has no pieces', () => {
    expect([...getPieces(layOut(newRun('emptyrun0', '1', {})))]).to.deep.equal([]);
  });
});
