import { expect } from 'chai';
import { makeRandom } from '#support/random-run.ts';
import { placeLabel } from './place-label.ts';
import { TakenRoom } from './taken-room.ts';

describe('places taken on a sheet', () => {
  const make = () => {
    const taken = new TakenRoom(10);
    taken.takeLine({ x: 0, y: 0 }, { x: 200, y: 0 });
    return taken;
  };

  it('are under a line and a label, and nowhere else', () => {
    const taken = make();
    expect(taken.countLabel({ at: { x: 100, y: 0 }, turn: 0 }, 60, 10)).to.be.greaterThan(3);
    expect(taken.countLabel({ at: { x: 100, y: 40 }, turn: 0 }, 60, 10)).to.equal(0);
    taken.takeLabel({ at: { x: 100, y: 40 }, turn: 0 }, 60, 10);
    expect(taken.countLine({ x: 100, y: 20 }, { x: 100, y: 60 })).to.be.greaterThan(0);
    expect(taken.countLine({ x: 180, y: 20 }, { x: 180, y: 60 })).to.equal(0);
  });

  it('are counted no further than asked', () => {
    expect(make().countLabel({ at: { x: 100, y: 0 }, turn: 0 }, 60, 10, 2)).to.equal(2);
  });

  it('never hide under one another: a smaller label in the middle of a larger one is counted, seed 20265', () => {
    const random = makeRandom(20_265);
    for (let i = 0; i < 500; i++) {
      const taken = new TakenRoom(11.2);
      const at = { x: random() * 900, y: random() * 900 };
      const turn = [0, 30, -30, 90][Math.floor(random() * 4)]!;
      const [width, height] = [40 + random() * 60, 17.6];
      taken.takeLabel({ at, turn }, width, height);
      const over = { at: { x: at.x + random() * 8 - 4, y: at.y + random() * 8 - 4 }, turn: 0 };
      expect(taken.countLabel(over, 26.2, 26.2), JSON.stringify({ at, turn, over })).to.be.greaterThan(0);
    }
  });

  it('turn with a label', () => {
    const upright = { at: { x: 100, y: 60 }, turn: 90 };
    expect(make().countLabel(upright, 140, 10)).to.be.greaterThan(0);
    expect(make().countLabel({ ...upright, turn: 0 }, 140, 10)).to.equal(0);
  });

  it('send a label to its first free place, and to the least bad where none is', () => {
    const [onLine, beside] = [0, 40].map((y) => ({ at: { x: 100, y }, turn: 0 }));
    expect(placeLabel([onLine!, beside!], 60, 10, make())).to.equal(beside);
    const partly = { at: { x: 210, y: 0 }, turn: 0 };
    expect(placeLabel([onLine!, partly], 60, 10, make())).to.equal(partly);
  });
});
