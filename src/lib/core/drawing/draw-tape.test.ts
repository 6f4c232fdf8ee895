import { expect } from 'chai';
import { standardCatalogue } from '#core/catalogue';
import { layTape } from '#core/tape';
import { FOOT, INCH, inches, MILLIMETRE, toMillimetres } from '#core/units';
import { getLeg, layOut, makeRun } from '#support/make-run.ts';
import { getBodies, getGraduations, getPipes } from './draw-tape.ts';

describe('the tape as it is drawn', () => {
  for (const unit of ['in', 'mm'] as const) {
    it(`graduations in ${unit}: evenly spaced, never too near, every figure what the tape reads there`, () => {
      for (const scale of [0.02, 0.1, 0.4, 1, 3, 12]) {
        const hook = 37.5;
        const made = getGraduations(hook, unit, { from: -100, to: 1200 }, scale);
        const gaps = made.slice(1).map(({ at }, i) => (at - made[i]!.at) * scale);
        expect(Math.min(...gaps), `scale ${scale}`).to.be.at.least(4);
        expect(Math.max(...gaps) - Math.min(...gaps)).to.be.below(1e-6);
        const figures = made.filter(({ figure }) => figure !== null);
        expect(figures.length).to.be.above(0);
        for (const { at, figure } of figures) {
          const value = Math.round(Math.abs(at - hook) * MILLIMETRE);
          const foot = /^(\d+) ft$/.exec(figure!);
          if (unit === 'mm') expect(Number(figure) * MILLIMETRE).to.equal(value);
          else if (foot) expect(Number(foot[1]) * FOOT).to.be.closeTo(value, 1);
          else expect(Number(figure) * INCH).to.be.closeTo(value % FOOT, 1);
        }
        const set = figures.slice(1).map(({ at }, i) => (at - figures[i]!.at) * scale);
        if (set.length > 0) expect(Math.min(...set)).to.be.at.least(unit === 'in' ? 26 : 38);
      }
    });
  }

  it('pipe ends, thread and what is inside lie where the cut is worked out', () => {
    const doc = makeRun([
      [0, 'up', 20],
      [1, 'right', 43.25],
      [2, 'down', 12],
    ]);
    const layout = layOut(doc);
    const tape = layTape(layout, getLeg(doc, 2).id)!;
    const [pipe] = getPipes(tape, standardCatalogue);
    const piece = tape.pieces[0]!;
    expect(pipe!.to - pipe!.from).to.be.closeTo(toMillimetres(piece.cut!.exact), 1e-6);
    for (const { from, to } of pipe!.engaged) expect(to - from).to.be.closeTo(0.5625 * 25.4, 1e-6);
    for (const { from, to } of pipe!.threads)
      expect(to - from).to.be.closeTo(toMillimetres(piece.ends[0].thread!.cutLength), 1e-6);
    const [near, far] = getBodies(tape, standardCatalogue);
    const reach = toMillimetres(inches(1.31));
    expect(Math.max(...near!.blocks.map(({ to }) => to))).to.be.closeTo(reach, 1e-6);
    expect(Math.min(...far!.blocks.map(({ from }) => from))).to.be.closeTo(43.25 * 25.4 - reach, 1e-6);
    expect(near!.stubs.length).to.equal(1);
  });
});
