import { expect } from 'chai';
import { getVector } from '../geometry/axis.ts';
import { projectIsometric } from '../geometry/isometric.ts';
import { getAxisFrom } from '../runs/infer-fitting.ts';
import { layOut, makeRun } from '#support/make-run.ts';
import { makeRandomRun } from '#support/random-run.ts';
import { drawLine } from './draw-line.ts';
import { makeRecordingSink } from './sink.ts';

const SHEET = { width: 700, height: 500, margin: 46, letter: 16 };

function draw(doc: Parameters<typeof layOut>[0], sheet = SHEET) {
  const sink = makeRecordingSink();
  const layout = layOut(doc);
  const placed = drawLine(layout, sink, sheet, 'in');
  return { layout, shapes: sink.shapes, ...placed };
}

describe('drawLine', () => {
  it('draws one pipe, one mark and one measure per leg', () => {
    const { shapes } = draw(makeRandomRun(30, 5));
    const count = (kind: string, role: string) =>
      shapes.filter((shape) => shape.kind === kind && shape.role === role).length;
    expect([count('stroke', 'pipe'), count('mark', 'tag'), count('text', 'measure')]).to.deep.equal([
      30, 30, 30,
    ]);
  });

  it('draws every leg along its isometric direction', () => {
    const { shapes, layout } = draw(makeRandomRun(40, 11));
    for (const shape of shapes) {
      if (shape.kind !== 'stroke' || shape.role !== 'pipe') continue;
      const laid = layout.legs.get(shape.subject)!;
      const [from, to] = shape.points;
      const way = projectIsometric(getVector(getAxisFrom(laid.leg, laid.near)));
      const [dx, dy] = [to!.x - from!.x, to!.y - from!.y];
      expect(dx * way.y - dy * way.x).to.be.closeTo(0, 1e-6);
      expect(dx * way.x + dy * way.y).to.be.greaterThan(0);
    }
  });

  it('draws a face for every opening of a fitting, a bar at a cap, a ring at a bare end, an arrow at the source', () => {
    const { shapes } = draw(
      makeRun([
        [0, 'right', 30],
        [1, 'right', 25],
        [1, 'down', 20, { cap: true }],
      ]),
    );
    const roles = (role: string) => shapes.filter((shape) => shape.role === role).length;
    expect(roles('face')).to.equal(3);
    expect(roles('cap')).to.equal(2);
    expect(roles('open-end')).to.equal(1);
    expect(roles('source')).to.equal(1);
  });

  it('keeps everything inside its sheet, which grows when legs would be too close to read', () => {
    for (const sheet of [SHEET, { width: 320, height: 200, margin: 46, letter: 14 }]) {
      for (let seed = 1; seed <= 10; seed++) {
        const { shapes, width, height } = draw(makeRandomRun(25, seed), sheet);
        expect(width).to.be.at.least(sheet.width);
        for (const shape of shapes) {
          const points = shape.kind === 'stroke' ? shape.points : [shape.at];
          for (const { x, y } of points) {
            expect(x).to.be.within(0, width);
            expect(y).to.be.within(0, height);
          }
        }
      }
    }
  });

  it('draws an empty run as nothing', () => {
    const { shapes } = draw({
      ...makeRun([[0, 'right', 3]]),
      legs: {},
      nodes: {},
      measures: {},
      anchors: {},
    });
    expect(shapes).to.deep.equal([]);
  });
});
