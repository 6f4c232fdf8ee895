import { expect } from 'chai';
import { makeRandom } from '#support/random-run.ts';
import { AXES, getVector } from './axis.ts';
import { getSeenAxis, projectIsometric, type Quarters } from './isometric.ts';
import { findSegmentDistance } from './segment-distance.ts';
import { addScaled, dot, magnitude, subtract, type Vector } from './vector.ts';
import { findDiagonal, getOppositeWay, getSquareWays, getWayVector, isAxis, WAYS } from './way.ts';

describe('ways', () => {
  it('are unit vectors, each with its opposite', () => {
    for (const way of WAYS) {
      expect(magnitude(getWayVector(way))).to.be.closeTo(1, 1e-12);
      expect(dot(getWayVector(way), getWayVector(getOppositeWay(way)))).to.be.closeTo(-1, 1e-12);
      expect(getOppositeWay(getOppositeWay(way))).to.equal(way);
    }
  });

  it('between two square ways lie halfway, and nowhere else', () => {
    for (const a of AXES) {
      for (const b of AXES) {
        const diagonal = findDiagonal(a, b);
        const isSquare = dot(getVector(a), getVector(b)) === 0;
        expect(diagonal !== null, `${a} ${b}`).to.equal(isSquare);
        if (!diagonal) continue;
        expect(dot(getWayVector(diagonal), getVector(a))).to.be.closeTo(Math.SQRT1_2, 1e-12);
        expect(getSquareWays(diagonal)).to.have.members([a, b]);
      }
    }
    expect(WAYS.filter(isAxis)).to.deep.equal([...AXES]);
  });

  it('are seen after quarter turns where the drawing puts them', () => {
    for (const quarters of [0, 1, 2, 3] as Quarters[]) {
      for (const axis of AXES) {
        const seen = projectIsometric(getVector(getSeenAxis(axis, quarters)));
        const drawn = projectIsometric(getVector(axis), quarters);
        expect(drawn.x).to.be.closeTo(seen.x, 1e-12);
        expect(drawn.y).to.be.closeTo(seen.y, 1e-12);
      }
    }
  });
});

describe('findSegmentDistance', () => {
  it('agrees with the least of many pairs of points, seed 77', () => {
    const random = makeRandom(77);
    const point = (): Vector => ({ x: random() * 10, y: random() * 10, z: random() * 10 });
    for (let i = 0; i < 60; i++) {
      const [a, b, c] = [point(), point(), point()];
      // One in four lies parallel, one in eight is no longer than a point.
      const d = i % 4 === 0 ? addScaled(c, subtract(b, a), random() - 0.5) : i % 8 === 1 ? c : point();
      let least = Infinity;
      for (let s = 0; s <= 100; s++) {
        for (let t = 0; t <= 100; t++) {
          const p = addScaled(a, subtract(b, a), s / 100);
          const q = addScaled(c, subtract(d, c), t / 100);
          least = Math.min(least, magnitude(subtract(p, q)));
        }
      }
      const found = findSegmentDistance(a, b, c, d);
      expect(found, `case ${i}`).to.be.at.most(least + 1e-9);
      expect(found, `case ${i}`).to.be.greaterThan(least - 0.2);
    }
  });
});
