import { expect } from 'chai';
import { layOut, makeRun } from '#support/make-run.ts';
import { makeRandomRun } from '#support/random-run.ts';
import { drawThumbnail } from './draw-thumbnail.ts';

const readPoints = (path: string): number[][] =>
  [...path.matchAll(/[ML](-?\d+) (-?\d+)/g)].map(([, x, y]) => [Number(x), Number(y)]);

describe('a run in small', () => {
  it('is empty where nothing is laid out', () => {
    expect(drawThumbnail(layOut(makeRun([])))).to.include({ path: '', source: null });
  });

  it('has a stroke for every leg, within its frame, and begins at the source', () => {
    for (const seed of [1, 2, 3]) {
      const layout = layOut(makeRandomRun(12, seed));
      const { path, width, height, source } = drawThumbnail(layout);
      const points = readPoints(path);
      expect(points.length, `seed ${seed}`).to.be.within(2, 2 * layout.legs.size);
      for (const [x, y] of points) {
        expect(x, `seed ${seed}`).to.be.within(0, width);
        expect(y, `seed ${seed}`).to.be.within(0, height);
      }
      expect(points, `seed ${seed}`).to.deep.include([...source!]);
    }
  });

  it('draws up as up and right as down to the right, one leg not over the whole frame', () => {
    const [[x1, y1], [x2, y2]] = readPoints(drawThumbnail(layOut(makeRun([[0, 'up', 40]]))).path) as [
      [number, number],
      [number, number],
    ];
    expect(x2).to.equal(x1);
    expect(y2).to.be.below(y1);
    expect(y1 - y2).to.be.within(30, 120);
  });

  it('stays short for a run of thousands of legs', () => {
    const path = drawThumbnail(layOut(makeRandomRun(4000, 5))).path;
    expect(path.length).to.be.below(64_000);
  });
});
