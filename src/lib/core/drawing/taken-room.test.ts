import { expect } from 'chai';
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
