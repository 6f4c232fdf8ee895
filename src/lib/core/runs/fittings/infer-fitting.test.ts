import { getTaperEnd, standardCatalogue, malleable150ReducingTable } from '#core/catalogue';
import { getEndSize, NOMINAL_SIZES, type LegSize, rankSize } from '#core/ends';
import { expect } from 'chai';
import { inches } from '#core/units';
import { AXES, getOpposite, getVector, type Axis, dot, getWayVector, WAYS } from '#core/geometry';
import { findPort } from './fitting.ts';
import { inferFitting } from './infer-fitting.ts';
import type { Leg, RunNode } from '#core/runs/document';

const node: RunNode = { id: 'node', part: { kind: 'auto' }, terminal: null };
const makeLeg = (axis: Axis, i: number, from = 'node'): Leg => ({
  id: `leg${i}`,
  from,
  to: from === 'node' ? `far${i}` : 'node',
  geometry: { kind: 'axis', axis: from === 'node' ? axis : getOpposite(axis) },
  size: '3/4',
  material: 'black-iron',
  stock: 'length',
  system: 'threaded-steel',
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

  const sized = (...legs: readonly (readonly [Axis, LegSize])[]) =>
    inferFitting(
      node,
      legs.map(([axis, size], i) => ({ ...makeLeg(axis, i), size })),
      standardCatalogue,
    );

  it('refuses sizes that no part has, with the nearest that is made', () => {
    expect(sized(['left', '4'], ['right', '1/8'])).to.deep.equal({
      kind: 'none',
      refusal: { code: 'fitting-unequal-sizes', part: 'coupling', sizes: ['4', '1/8'], nearest: ['4', '4'] },
    });
    const tee = sized(['left', '1'], ['right', '1/2'], ['down', '1/4']);
    expect(tee.kind === 'none' && tee.refusal).to.deep.include({ sizes: ['1', '1/2', '1/4'] });
  });

  it('agrees with brute force on the nearest: no other part needs less bushing', () => {
    const rank = (size: LegSize) => rankSize(size);
    for (const a of NOMINAL_SIZES) {
      for (const b of NOMINAL_SIZES) {
        const found = sized(['left', a], ['up', b]);
        if (found.kind !== 'none' || found.refusal.code !== 'fitting-unequal-sizes') continue;
        const costs = standardCatalogue.parts
          .filter(({ kind }) => kind === 'elbow-90')
          .flatMap(({ ports: [x, y] }) => [
            [rank(getTaperEnd(x!.end).size) - rank(a), rank(getTaperEnd(y!.end).size) - rank(b)],
            [rank(getTaperEnd(y!.end).size) - rank(a), rank(getTaperEnd(x!.end).size) - rank(b)],
          ])
          .filter((over) => over.every((steps) => steps >= 0))
          .map(([x, y]) => x! + y!);
        const { nearest } = found.refusal;
        const cost = nearest ? rank(nearest[0]!) - rank(a) + rank(nearest[1]!) - rank(b) : Infinity;
        expect(cost).to.equal(costs.length > 0 ? Math.min(...costs) : Infinity);
      }
    }
  });

  for (const row of malleable150ReducingTable) {
    it(`takes the reducing ${row.kind} ${row.sizes.join(' x ')}, whichever leg comes first, each leg at its own end`, () => {
      const axes: Axis[] = row.kind === 'tee' ? ['left', 'right', 'down'] : ['left', 'up'];
      const ways = axes.map((axis, i) => [axis, row.sizes[i]!] as const);
      const orders =
        row.kind === 'tee'
          ? [ways, [ways[1]!, ways[0]!, ways[2]!], ways.toReversed()]
          : [ways, ways.toReversed()];
      for (const order of orders) {
        const legs = order.map(([axis, size], i) => ({ ...makeLeg(axis, i), size }));
        const fitting = inferFitting(node, legs, standardCatalogue);
        if (fitting.kind !== 'part') throw new Error(JSON.stringify(fitting));
        for (const leg of legs) {
          const port = findPort(fitting, leg.id)!;
          expect(getEndSize(port.end)).to.equal(leg.size);
          const at = row.sizes.indexOf(leg.size);
          const reach = port.reach.standing === 'unknown' ? 0 : port.reach.length;
          if (row.sizes.filter((size) => size === leg.size).length === 1)
            expect(reach).to.equal(inches(row.ends[at]!));
        }
      }
    });
  }

  it('joins two in line with a reducing coupling, half its length from each face', () => {
    const fitting = sized(['left', '3/4'], ['right', '1/2']);
    if (fitting.kind !== 'part') throw new Error('no coupling');
    expect(fitting.part.id).to.equal('malleable-150/coupling/3/4x1/2');
    expect(fitting.part.ports.map(({ reach }) => reach.standing !== 'unknown' && reach.length)).to.deep.equal(
      [inches(0.72), inches(0.72)],
    );
  });

  it('turns two ways at 45° with a 45° elbow, and by no other angle', () => {
    for (const a of WAYS) {
      for (const b of WAYS) {
        const legs = [a, b].map((way, i) => ({
          ...makeLeg('up', i),
          geometry: { kind: 'axis', axis: way } as const,
        }));
        const fitting = inferFitting(node, legs, standardCatalogue);
        const degrees = Math.round(
          (Math.acos(Math.max(-1, Math.min(1, dot(getWayVector(a), getWayVector(b))))) * 180) / Math.PI,
        );
        const expected =
          { 0: 'fitting-legs-overlap', 90: 'elbow-90', 135: 'elbow-45', 180: 'coupling' }[degrees] ??
          'fitting-angle-not-made';
        const found =
          fitting.kind === 'part'
            ? fitting.part.kind
            : fitting.kind === 'none'
              ? fitting.refusal.code
              : 'open';
        expect(found, `${a} ${b}`).to.equal(expected);
      }
    }
  });

  it('makes a street elbow, a bushing or a plug of a male end, by the way the run goes on', () => {
    const male = {
      ...makeLeg('left', 0),
      geometry: { kind: 'made-up', axis: 'left', male: 'from' } as const,
    };
    const kind = (...legs: Leg[]) => {
      const fitting = inferFitting(node, legs, standardCatalogue);
      return fitting.kind === 'part'
        ? fitting.part.kind
        : fitting.kind === 'none'
          ? fitting.refusal.code
          : 'open';
    };
    expect(kind(male)).to.equal('fitting-undecided');
    expect(kind(male, makeLeg('up', 1))).to.equal('street-90');
    expect(kind(male, { ...makeLeg('up', 1), geometry: { kind: 'axis', axis: 'up-right' } })).to.equal(
      'street-45',
    );
    expect(kind(male, { ...makeLeg('right', 1), size: '1/2' })).to.equal('hex-bushing');
    expect(kind(male, makeLeg('right', 1))).to.equal('fitting-male-not-made');
    expect(kind(male, { ...makeLeg('right', 1), size: '1' })).to.equal('fitting-male-not-made');
    expect(kind(male, makeLeg('up', 1), makeLeg('right', 2))).to.equal('fitting-male-not-made');
    const plugged = { ...node, terminal: { kind: 'plug' } as const };
    const fitting = inferFitting(plugged, [male], standardCatalogue);
    expect(fitting.kind === 'part' && fitting.part.kind).to.equal('plug');
  });

  it('caps an end only when a cap was chosen', () => {
    const capped = { ...node, terminal: { kind: 'cap' } as const };
    expect(inferFitting(node, [makeLeg('left', 0)], standardCatalogue).kind).to.equal('open');
    const fitting = inferFitting(capped, [makeLeg('left', 0)], standardCatalogue);
    expect(fitting.kind === 'part' && fitting.part.kind).to.equal('cap');
  });
});
