import { expect } from 'chai';
import { planPutPart, planAddMeasure, planRemoveMeasure } from '#core/runs/commands';
import { getPieces, type RunLayout } from '#core/runs/layout';
import { centreOf, type RunDoc } from '#core/runs/document';
import { INCH, inches, toInches, type Length } from '#core/units';
import { applyPlan, getLeg, layOut, makeIds, makeRun, mustBe, offset } from '#support/make-run.ts';
import { makeRandom } from '#support/random-run.ts';
import { planRandomCommand } from '#support/random-command.ts';
import { getFarCentre, planDrag, planReading } from './move-mark.ts';
import { getMarks, layTape, type Tape, type TapeMark } from './lay-tape.ts';

const newId = makeIds('tapething');
const tapeOf = (layout: RunLayout, tag: number): Tape => layTape(layout, getLeg(layout.doc, tag).id)!;
/** The marks of the station in a given place, by what they are. */
const markOf = (tape: Tape, order: number, at: TapeMark['ref']['at'], looks: TapeMark['looks']): TapeMark => {
  const found = getMarks(tape).find(
    (each) => each.order === order && each.ref.at === at && each.looks === looks,
  );
  if (!found) throw new Error(`no ${at} at ${order}`);
  return found;
};
const read = (layout: RunLayout, tape: Tape, hook: TapeMark, mark: TapeMark, value: Length) =>
  planReading(layout, tape, { hook, mark, value, typed: String(toInches(value)), unit: 'in' }, newId);
const cutOf = (layout: RunLayout, tag: number) =>
  layout.pieces.get(getLeg(layout.doc, tag).id)![0]!.cut!.exact;

/** Everything cut, and every leg with a cut from centre to centre; with the cuts that are known, by their ids. */
function sumUp(layout: RunLayout) {
  const known = [...getPieces(layout)].filter(({ cut }) => cut !== null);
  return {
    pieces: known.map(({ id }) => id).join(),
    cuts: known.reduce((sum, { cut }) => sum + cut!.exact, 0),
    legs: known.reduce((sum, { centreToCentre }) => sum + centreToCentre!, 0),
  };
}

/** 3/4, three legs round two elbows; the middle one 3 ft 7-1/4 in. */
const elbows = (): RunDoc =>
  makeRun([
    [0, 'up', 20],
    [1, 'right', 43.25],
    [2, 'down', 12],
  ]);

describe('the tape', () => {
  it('has centre, face and pipe end at both ends, where the allowance puts them', () => {
    const layout = layOut(elbows());
    const marks = getMarks(tapeOf(layout, 2)).map(({ ref, at }) => [ref.at, at]);
    expect(marks).to.deep.equal([
      ['centre', 0],
      ['end', inches(0.7475)],
      ['face', inches(1.31)],
      ['face', inches(43.25 - 1.31)],
      ['end', inches(43.25 - 0.7475)],
      ['centre', inches(43.25)],
    ]);
  });

  it('is hooked on where the leg was measured from', () => {
    const doc = elbows();
    expect(tapeOf(layOut(doc), 2).hook.ref).to.deep.equal(centreOf(getLeg(doc, 2).from));
    const tape = tapeOf(layOut(doc), 2);
    const byFaces = mustBe(
      read(layOut(doc), tape, markOf(tape, 0, 'face', 1), markOf(tape, 1, 'face', -1), inches(40)),
    );
    const hook = tapeOf(byFaces.layout, 2).hook;
    expect([hook.ref.at, hook.at]).to.deep.equal(['face', inches(1.31)]);
  });

  it('says the same leg whichever marks it is read between: worked example of 3/4 in, 41.755 in', () => {
    const layout = layOut(elbows());
    const tape = tapeOf(layout, 2);
    const allowance = { centre: 0, face: 1.31, end: 0.7475 };
    for (const from of ['centre', 'face', 'end'] as const) {
      for (const to of ['centre', 'face', 'end'] as const) {
        const hook = markOf(tape, 0, from, from === 'centre' ? 0 : 1);
        const mark = markOf(tape, 1, to, to === 'centre' ? 0 : -1);
        const value = inches(43.25 - allowance[from] - allowance[to]);
        const move = mustBe(read(layout, tape, hook, mark, value));
        expect(cutOf(move.layout, 2), `${from} to ${to}`).to.equal(inches(41.755));
        const [measure] = Object.values(move.layout.doc.measures).filter(({ to }) => to.id === mark.ref.id);
        expect([measure!.from.at, measure!.to.at, measure!.value]).to.deep.equal([from, to, value]);
      }
    }
  });

  it('takes a leg off a datum: the leg before keeps its length', () => {
    const layout = layOut(
      makeRun([
        [0, 'right', 20],
        [1, 'right', 30],
        [2, 'right', 40],
      ]),
    );
    const tape = tapeOf(layout, 3);
    const datum = tape.hooks.find(({ order }) => order === -2)!;
    expect(datum.at).to.equal(inches(-50));
    const move = mustBe(read(layout, tape, datum, getFarCentre(tape), inches(92)));
    expect(
      [1, 2, 3].map((tag) => move.layout.legs.get(getLeg(layout.doc, tag).id)!.centreToCentre),
    ).to.deep.equal([inches(20), inches(30), inches(42)]);
    // The near end read from the datum: the leg before follows, this one keeps its own measure.
    const near = mustBe(read(layout, tape, datum, markOf(tape, 0, 'centre', 0), inches(51)));
    expect(
      [1, 2, 3].map((tag) => near.layout.legs.get(getLeg(layout.doc, tag).id)!.centreToCentre),
    ).to.deep.equal([inches(20), inches(31), inches(40)]);
  });

  it('places a part in the pipe, read to any of its points from either side; the leg keeps its length', () => {
    let doc = elbows();
    doc = applyPlan(doc, mustBe(planPutPart(doc, getLeg(doc, 2).id, 'union', { share: 0.5 }, newId)));
    const layout = layOut(doc);
    const tape = tapeOf(layout, 2);
    const union = tape.stations[1]!;
    expect(union.marks.map(({ ref }) => ref.at)).to.deep.equal(['face', 'end', 'centre', 'end', 'face']);
    for (const mark of union.marks) {
      for (const hook of [markOf(tape, 0, 'face', 1), markOf(tape, 2, 'centre', 0)]) {
        const { layout: moved } = mustBe(read(layout, tape, hook, mark, inches(15)));
        const then = tapeOf(moved, 2);
        const place = getMarks(then).find(({ id }) => id === mark.id)!;
        expect(Math.abs(place.at! - hook.at!), mark.id).to.equal(inches(15));
        expect(moved.legs.get(tape.leg.id)!.centreToCentre).to.equal(inches(43.25));
        expect(moved.solved.contradictions).to.deep.equal([]);
      }
    }
  });

  it('a leg not measured yet has its near marks, and takes its first measure', () => {
    const doc = elbows();
    const measure = Object.values(doc.measures).find(({ to }) => to.id === getLeg(doc, 2).to)!;
    const layout = layOut(applyPlan(doc, mustBe(planRemoveMeasure(doc, measure.id))));
    const tape = tapeOf(layout, 2);
    expect(getMarks(tape).map(({ at }) => at === null)).to.deep.equal([
      false,
      false,
      false,
      true,
      true,
      true,
    ]);
    const move = mustBe(read(layout, tape, tape.hook, markOf(tape, 1, 'face', -1), inches(43.25 - 1.31)));
    expect(cutOf(move.layout, 2)).to.equal(inches(41.755));
  });

  it('dragging goes by graduations; the fitting the tape is hooked on takes its end with it', () => {
    const layout = layOut(elbows());
    const tape = tapeOf(layout, 2);
    const far = mustBe(
      planDrag(layout, tape, tape.hook, markOf(tape, 1, 'end', -1), inches(43), 'in', newId),
    );
    const [measure] = Object.values(far.layout.doc.measures).filter(({ to }) => to.id === tape.leg.far);
    expect([measure!.to.at, measure!.value, measure!.typed]).to.deep.equal(['end', inches(43), '3 ft 7 in']);
    const near = mustBe(
      planDrag(layout, tape, tape.hook, markOf(tape, 0, 'face', 1), inches(1.31 - 2), 'in', newId),
    );
    expect(near.layout.legs.get(tape.leg.id)!.centreToCentre).to.equal(inches(45.25));
  });

  it('refuses what no measure moves', () => {
    const long = layOut(makeRun([[0, 'right', 300]]));
    const stock = tapeOf(long, 1);
    expect(stock.stations[1]!.isStock).to.equal(true);
    expect(read(long, stock, stock.hook, stock.stations[1]!.marks[0]!, inches(9))).to.deep.equal({
      ok: false,
      refusal: { code: 'mark-of-stock' },
    });
    const layout = layOut(elbows());
    const tape = tapeOf(layout, 2);
    expect(read(layout, tape, tape.hook, markOf(tape, 0, 'face', 1), INCH)).to.have.nested.property(
      'refusal.code',
      'mark-at-the-hook',
    );
    expect(read(layout, tape, tape.hook, getFarCentre(tape), -INCH)).to.have.nested.property(
      'refusal.code',
      'mark-passes-hook',
    );
    const slanted = layOut(
      makeRun([
        [0, 'right', 20],
        [1, 'right', null, { geometry: offset('right', ['up', 12]) }],
      ]),
    );
    const travel = tapeOf(slanted, 2);
    expect(read(slanted, travel, travel.hook, getFarCentre(travel), inches(20))).to.have.nested.property(
      'refusal.code',
      'leg-length-follows',
    );
    expect(layTape(layout, 'no-such-leg')).to.equal(null);
  });

  it('a mark that two measures hold says so', () => {
    let doc = makeRun([
      [0, 'right', 20],
      [1, 'right', 30],
    ]);
    const to = centreOf(getLeg(doc, 2).to);
    const from = centreOf(getLeg(doc, 1).from);
    const measure = { id: newId(), from, to, along: null, value: inches(50), typed: '50', instrument: null };
    doc = applyPlan(doc, mustBe(planAddMeasure(doc, measure)));
    const layout = layOut(doc);
    const tape = tapeOf(layout, 2);
    expect(
      read(layout, tape, markOf(tape, 0, 'centre', 0), getFarCentre(tape), inches(31)),
    ).to.have.nested.property('refusal.code', 'mark-held');
  });

  const SEED = 20_271;
  it(`on random runs every reading it takes stands there afterwards, and the cuts go with it, seed ${SEED}`, () => {
    const random = makeRandom(SEED);
    let [taken, tried, compared] = [0, 0, 0];
    for (let run = 0; run < 120; run++) {
      const ids = makeIds(`run${run}x`);
      let doc = makeRun([[0, 'right', 40]]);
      for (let i = 0; i < 14; i++) {
        const planned = planRandomCommand(doc, random, ids);
        if (planned) doc = applyPlan(doc, planned);
      }
      const layout = layOut(doc);
      for (const leg of [...layout.legs.keys()].flatMap((id) => [id, id, id])) {
        const tape = layTape(layout, leg)!;
        const marks = getMarks(tape);
        const mark = marks[Math.floor(random() * marks.length)]!;
        const hook = tape.hooks[Math.floor(random() * tape.hooks.length)]!;
        if (hook.at === null || mark.at === null || hook.ref.id === mark.ref.id) continue;
        tried++;
        const value = Math.abs(mark.at - hook.at) + INCH;
        const move = read(layout, tape, hook, mark, value);
        if (!move.ok) continue;
        taken++;
        const [before, after] = [sumUp(layout), sumUp(move.value.layout)];
        if (before.pieces !== after.pieces) continue;
        compared++;
        expect(after.cuts - before.cuts).to.be.closeTo(after.legs - before.legs, 50);
        expect(move.value.layout.solved.contradictions.length).to.be.at.most(
          layout.solved.contradictions.length,
        );
      }
    }
    expect([tried, compared].every((count) => count > 100)).to.equal(true);
    expect(taken / tried).to.be.above(0.6);
  });
});
