import { expect } from 'chai';
import { makeTrapped, kiln, withParts } from '#support/make-trap.ts';
import { layOut, makeRun, type TestLeg } from '#support/make-run.ts';
import { listDrops, getTrapLengths } from '#core/traps';
import { toMillimetres } from '#core/units';
import { drawTrap, type TrapPicture } from './draw-trap.ts';

const draw = (legs: readonly TestLeg[]): TrapPicture => {
  const layout = layOut(withParts(makeRun(legs), [[1, 'valve', 0.5]]));
  return drawTrap(layout, listDrops(layout)[0]!.trap!)!;
};

describe('the trap in the lens', () => {
  it('is to scale: its stub ends where its lengths say', () => {
    const layout = layOut(makeTrapped());
    const { trap } = listDrops(layout)[0]!;
    const picture = drawTrap(layout, trap!)!;
    expect(picture.stub.length).to.be.closeTo(toMillimetres(getTrapLengths(trap!).centreToBottom!), 1e-6);
    expect(picture.stub.to.y).to.be.closeTo(-picture.stub.length, 1e-6);
    expect([picture.isPlan, picture.isAssumed]).to.deep.equal([false, false]);
  });

  it('shows what its ports do: the turn drops grit, straight through carries it on', () => {
    const works = draw([
      [0, 'down', 40],
      [1, 'right', 10, { terminal: kiln() }],
      [1, 'down', 5.155, { cap: true }],
    ]);
    expect(works.grit.map(({ stays }) => stays)).to.deep.equal([true]);
    expect(works.grit[0]!.points.at(-1)!.y).to.be.lessThan(-80);
    const straight = draw([
      [0, 'right', 40],
      [1, 'right', 10, { terminal: kiln() }],
      [1, 'down', 5.155, { cap: true }],
    ]);
    expect(straight.grit.map(({ stays }) => stays)).to.deep.equal([false]);
    expect(straight.grit[0]!.points.at(-1)).to.deep.equal(straight.gas.at(-1));
    const lifted = draw([
      [0, 'right', 40],
      [1, 'up', 10, { terminal: kiln() }],
      [1, 'down', 5.155, { cap: true }],
    ]);
    expect(lifted.grit.map(({ stays }) => stays)).to.deep.equal([true, false]);
    const level = draw([
      [0, 'right', 40],
      [1, 'back', 10, { terminal: kiln() }],
      [1, 'right', 5.155, { cap: true }],
    ]);
    expect(level.isPlan).to.equal(true);
    expect(level.grit.map(({ stays }) => stays)).to.deep.equal([false]);
  });

  it('keeps every outline inside its frame, up where up is', () => {
    for (const size of ['1/2', '3/4', '1', '2'] as const) {
      const layout = layOut(makeTrapped({ size, nipple: 8 }));
      const { shapes, frame, gas } = drawTrap(layout, listDrops(layout)[0]!.trap!)!;
      for (const { outline } of shapes)
        for (const { x, y } of outline) {
          expect(x).to.be.within(frame.left, frame.right);
          expect(y).to.be.within(frame.bottom, frame.top);
        }
      expect(gas[0]!.y).to.be.greaterThan(0);
      expect(gas.at(-1)!.x).to.be.greaterThan(0);
    }
  });
});
