import { expect } from 'chai';
import { standardCatalogue } from '../catalogue/standard-catalogue.ts';
import { AXES, getOpposite, getVector, type Axis } from '../geometry/axis.ts';
import { findPort, inferFitting } from './infer-fitting.ts';
import type { Leg, RunNode } from './run.ts';

const node: RunNode = { id: 'node', part: { kind: 'auto' }, terminal: null };
const makeLeg = (axis: Axis, i: number, from = 'node'): Leg => ({
  id: `leg${i}`,
  from,
  to: from === 'node' ? `far${i}` : 'node',
  geometry: { kind: 'axis', axis: from === 'node' ? axis : getOpposite(axis) },
  size: '3/4',
  material: 'black-iron',
  specs: {},
  inline: {},
  rank: `a${i}`,
  tag: i + 1,
});

/** Every choice of up to four ways out of a node, with repetition. */
function* chooseAxes(count: number): Generator<Axis[]> {
  if (count === 0) yield [];
  else for (const rest of chooseAxes(count - 1)) for (const axis of AXES) yield [...rest, axis];
}

/** What the shapes of the fittings say, by angles between their openings instead of by cases. */
function expectKind(axes: readonly Axis[]): string {
  const dot = (a: Axis, b: Axis) => {
    const [u, v] = [getVector(a), getVector(b)];
    return u.x * v.x + u.y * v.y + u.z * v.z;
  };
  const angles = axes
    .flatMap((a, i) => axes.slice(i + 1).map((b) => dot(a, b)))
    .sort()
    .join(' ');
  if (angles.split(' ').includes('1')) return 'fitting-legs-overlap';
  return { '-1': 'coupling', '0': 'elbow-90', '-1 0 0': 'tee' }[angles] ?? 'fitting-directions-not-made';
}

describe('inferFitting', () => {
  for (const count of [2, 3, 4]) {
    it(`names the fitting for every choice of ${count} ways, whichever way the legs were drawn`, () => {
      for (const axes of chooseAxes(count)) {
        const legs = axes.map((axis, i) => makeLeg(axis, i, i % 2 === 0 ? 'node' : `far${i}`));
        const fitting = inferFitting(node, legs, standardCatalogue);
        const kind =
          fitting.kind === 'part'
            ? fitting.part.kind
            : fitting.kind === 'none'
              ? fitting.refusal.code
              : 'open';
        expect(kind, axes.join(' ')).to.equal(expectKind(axes));
      }
    });
  }

  it('puts the branch port of a tee on the leg square to the run, whatever their order', () => {
    for (const order of [
      [0, 1, 2],
      [2, 0, 1],
      [1, 2, 0],
      [0, 2, 1],
    ]) {
      const axes: Axis[] = ['left', 'right', 'down'];
      const legs = order.map((i) => makeLeg(axes[i]!, i));
      const fitting = inferFitting(node, legs, standardCatalogue);
      expect(findPort(fitting, 'leg2')?.id).to.equal('branch');
    }
  });

  it('refuses sizes that differ, naming them', () => {
    const legs = [makeLeg('left', 0), { ...makeLeg('right', 1), size: '1/2' as const }];
    expect(inferFitting(node, legs, standardCatalogue)).to.deep.equal({
      kind: 'none',
      refusal: { code: 'fitting-unequal-sizes', part: 'coupling', sizes: ['3/4', '1/2'] },
    });
  });

  it('caps an end only when a cap was chosen', () => {
    const capped = { ...node, terminal: { kind: 'cap' } as const };
    expect(inferFitting(node, [makeLeg('left', 0)], standardCatalogue).kind).to.equal('open');
    const fitting = inferFitting(capped, [makeLeg('left', 0)], standardCatalogue);
    expect(fitting.kind === 'part' && fitting.part.kind).to.equal('cap');
  });
});
