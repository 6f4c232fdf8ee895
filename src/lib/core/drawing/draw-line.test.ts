import { newAppliance, getVectorFrom, centreOf } from '#core/runs/document';
import { expect } from 'chai';
import { projectIsometric } from '#core/geometry';
import { applyPlan, getLeg, layOut, makeIds, makeRun, mustBe, offset } from '#support/make-run.ts';
import { planPutPart, planReferMeasure } from '#core/runs/commands';
import { inches } from '#core/units';
import { makeRandomRun } from '#support/random-run.ts';
import { getTextWidth } from './draw-labels.ts';
import { drawDraft, drawLine } from './draw-line.ts';
import type { Sheet } from './place-line.ts';
import { findDrawingFrame } from './find-drawing-frame.ts';
import { makeRecordingSink } from './sink.ts';

const SHEET = { width: 700, height: 500, margin: 46, letter: 16, quarters: 0 } as const;

function draw(doc: Parameters<typeof layOut>[0], sheet: Sheet = SHEET) {
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
      const way = projectIsometric(getVectorFrom(laid.leg, laid.near));
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

  it('draws parts in legs, offsets with the box they lie in, dimension lines for running measures, names of appliances', () => {
    let doc = makeRun([
      [0, 'up', 30],
      [1, 'right', 60],
      [2, 'right', 40],
      [3, 'right', null, { geometry: offset('right', ['up', 10]) }],
      [4, 'right', 20, { terminal: newAppliance('kiln 3') }],
    ]);
    const newId = makeIds('parts');
    doc = applyPlan(doc, mustBe(planPutPart(doc, getLeg(doc, 1).id, 'valve', { share: 0.5 }, newId)));
    doc = applyPlan(doc, mustBe(planPutPart(doc, getLeg(doc, 2).id, 'union', { share: 0.5 }, newId)));
    const third = Object.values(doc.measures).find(({ to }) => to.id === getLeg(doc, 3).to)!;
    const running = planReferMeasure(doc, third.id, {
      from: centreOf(getLeg(doc, 1).to),
      value: inches(100),
      typed: '100',
    });
    doc = applyPlan(doc, mustBe(running));
    const { shapes } = draw(doc);
    const roles = (role: string) => shapes.filter((shape) => shape.role === role).length;
    expect(roles('valve')).to.equal(1);
    expect(roles('union')).to.equal(1);
    expect(roles('construction')).to.equal(1);
    expect(roles('appliance')).to.equal(1);
    // Two lines out, the line between, and a tick at each end.
    expect(roles('dimension')).to.equal(5);
    const texts = shapes.flatMap((shape) => (shape.kind === 'text' ? [shape.text] : []));
    expect(texts).to.include.members(['8 ft 4 in', 'kiln 3', '3/4', '1 ft 2 1/8 in']);
    expect(texts).not.to.include('3 ft 4 in');
  });

  it('writes no measure over an appliance, however near the drops stand', () => {
    const kiln = { terminal: newAppliance('kiln') } as const;
    for (let apart = 8; apart <= 60; apart += 4) {
      const { shapes } = draw(
        makeRun([
          [0, 'right', apart],
          [1, 'down', 25, kiln],
          [1, 'right', apart],
          [3, 'down', 30, kiln],
          [3, 'right', apart],
          [5, 'down', 20],
          [6, 'down', 20, kiln],
        ]),
      );
      const boxes = shapes.flatMap((shape) =>
        shape.kind === 'stroke' && shape.role === 'appliance' ? [shape.points] : [],
      );
      expect(boxes).to.have.length(3);
      for (const shape of shapes) {
        if (shape.kind !== 'text' || shape.role !== 'measure' || shape.turn !== 0) continue;
        const half = getTextWidth(shape.text, SHEET.letter) / 2;
        for (const box of boxes) {
          const [left, right] = [Math.min(...box.map(({ x }) => x)), Math.max(...box.map(({ x }) => x))];
          const [top, bottom] = [Math.min(...box.map(({ y }) => y)), Math.max(...box.map(({ y }) => y))];
          const isOver =
            shape.at.x + half > left && shape.at.x - half < right && shape.at.y > top && shape.at.y < bottom;
          expect(isOver, `${shape.text}, drops ${apart} in apart`).to.equal(false);
        }
      }
    }
  });

  it('draws a leg being tried out where it will be, and nothing else', () => {
    const doc = makeRun([[0, 'right', 30]]);
    const before = draw(doc);
    const grown = makeRun([
      [0, 'right', 30],
      [1, 'down', 30],
    ]);
    const sink = makeRecordingSink();
    drawDraft(layOut(grown), getLeg(grown, 2).id, before, sink, SHEET, 'in');
    const after = draw(grown);
    expect(after.scale).to.equal(before.scale);
    const pipe = sink.shapes.find((shape) => shape.role === 'pipe');
    const drawn = after.shapes.find(
      (shape) => shape.role === 'pipe' && shape.subject === getLeg(grown, 2).id,
    );
    expect(pipe).to.deep.equal(drawn);
    expect(
      sink.shapes.every(({ subject }) => [getLeg(grown, 2).id, getLeg(grown, 2).to].includes(subject)),
    ).to.equal(true);
  });

  it('moves nothing that is drawn when a leg is added at the same scale', () => {
    const [before, after] = [makeRandomRun(40, 3), makeRandomRun(41, 3)].map((doc) => draw(doc));
    expect(after!.scale).to.equal(before!.scale);
    for (const [id, place] of before!.points) expect(after!.points.get(id)).to.deep.equal(place);
  });

  it('frames everything that was drawn, lettering included', () => {
    for (let seed = 1; seed <= 10; seed++) {
      const { shapes } = draw(makeRandomRun(25, seed));
      const frame = findDrawingFrame(shapes, 16)!;
      for (const shape of shapes) {
        for (const { x, y } of shape.kind === 'stroke' ? shape.points : [shape.at]) {
          expect(x).to.be.within(frame.x, frame.x + frame.width);
          expect(y).to.be.within(frame.y, frame.y + frame.height);
        }
      }
    }
    expect(findDrawingFrame([], 16)).to.equal(null);
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
