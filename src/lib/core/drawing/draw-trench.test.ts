import { expect } from 'chai';
import { getLeg, layOut, makeRun } from '#support/make-run.ts';
import { listTrenches } from '#core/ground';
import type { RunDoc } from '#core/runs/document';
import { inches, toMillimetres } from '#core/units';
import { drawRiser, drawTrenchPlan, drawTrenchSection } from './draw-trench.ts';

const pe = { material: 'pe-stabbed', size: '1 IPS SDR 11' } as const;
const mm = (inch: number): number => toMillimetres(inches(inch));
const plain = makeRun(
  [
    [0, 'down', 20, { size: '1' }],
    [1, 'right', 240, pe],
    [2, 'back', 120, pe],
    [3, 'up', 24, { size: '1' }],
  ],
  '1',
);
const [begin, end] = [getLeg(plain, 2).from, getLeg(plain, 3).to];
const doc: RunDoc = {
  ...plain,
  covers: { [begin]: { id: begin, cover: inches(18), typed: '18' } },
  prints: { [begin]: { id: begin, text: '', bury: inches(12), typed: '12' } },
};
const [trench] = listTrenches(layOut(doc));

describe('a trench drawn', () => {
  it('along its length is to scale: the pipe under its cover, the wire beside it and never on it, the tape above', () => {
    const section = drawTrenchSection(trench!)!;
    expect(section.length).to.be.closeTo(mm(360), 1e-6);
    expect(section.marks.map(({ at }) => Math.round(at.x))).to.deep.equal(
      [0, mm(240), mm(360)].map(Math.round),
    );
    // What was not said is drawn as deep as what was, and is said to be not known.
    expect(section.marks.map(({ cover }) => cover)).to.deep.equal([inches(18), null, null]);
    for (const [i, { at }] of section.marks.entries()) {
      expect(at.y).to.be.closeTo(-mm(18), 1e-6);
      expect(section.pipe[i]!.y).to.be.closeTo(at.y - section.outside / 2, 1e-6);
      expect(section.tape[i]!.y).to.be.greaterThan(at.y).and.lessThan(0);
    }
    const lying = section.wire.filter(({ y }) => y < 0);
    for (const { y } of lying) expect(y).to.be.greaterThan(-mm(18));
    expect(section.bottom).to.be.lessThan(Math.min(...section.pipe.map(({ y }) => y)));
  });

  it('from above goes its legs, north up; without a length it is not drawn', () => {
    const plan = drawTrenchPlan(trench!)!;
    expect(plan.line.map(({ x, y }) => [Math.round(x), Math.round(y)])).to.deep.equal(
      [
        [0, 0],
        [mm(240), 0],
        [mm(240), mm(120)],
      ].map((at) => at.map(Math.round)),
    );
    const [unmeasured] = listTrenches(layOut({ ...doc, measures: {} }));
    expect([drawTrenchSection(unmeasured!), drawTrenchPlan(unmeasured!)]).to.deep.equal([null, null]);
  });

  it('a riser says its cover and the most it may be buried, lit where that is passed; none stands at a bend', () => {
    const [first, bend, last] = trench!.points;
    const riser = drawRiser(trench!, first!)!;
    // 18 in of cover and the pipe are over 12.
    expect(riser.bury).to.deep.include({ length: inches(12), isOver: true });
    expect([riser.cover.length, riser.isHeadAssumed]).to.deep.equal([inches(18), true]);
    expect(riser.cover.to).to.be.closeTo(-mm(18), 1e-6);
    expect(riser.frame.bottom).to.be.lessThan(riser.cover.to);
    expect(drawRiser(trench!, last!)!.bury).to.equal(null);
    expect([drawRiser(trench!, bend!), last!.laid.id]).to.deep.equal([null, end]);
    for (const { outline } of riser.shapes)
      for (const { x, y } of outline) expect(Number.isFinite(x) && Number.isFinite(y)).to.equal(true);
  });
});
