import { expect } from 'chai';
import { checkJoint } from '#core/joints';
import { COPPER_SIZES, LEG_SIZES, type LegSize } from '#core/ends';
import { INCH, toMillimetres } from '#core/units';
import { PART_KINDS } from './part-kinds.ts';
import { TUBE_JOINS } from './part.ts';
import { standardCatalogue } from './standard-catalogue.ts';
import { standardTubes } from './standard-threads.ts';
import { getTubeOf } from './tube-joins.ts';
import { isButtJoint } from './tube-parts.ts';
import {
  CSST_SIZES,
  getCopperName,
  getCopperOutside,
  getFirstOfOutside,
  isCopperSize,
} from './tube-sizes.ts';

const { tubes, ends, findPartById } = standardCatalogue;

describe('sizes of copper', () => {
  for (const size of COPPER_SIZES)
    it(`${size} is as thick as the published row says`, () => {
      const [name, of] = size.split(' ') as [string, string];
      const row = standardTubes.copper.find(
        (each) => each.name === name && (of === 'mm' ? each.type === 'metric' : each.type.startsWith(of)),
      )!;
      const published = row.outside * (row.unit === 'in' ? 25.4 : 1);
      // 3/16 and 5/16 are published to a thousandth of an inch.
      expect(toMillimetres(getCopperOutside(size))).to.be.closeTo(published, 0.02);
      expect(getCopperOutside(getFirstOfOutside(size))).to.equal(getCopperOutside(size));
      for (const stock of ['coil', 'length', 'annealed'] as const)
        expect(
          ends.figure({
            kind: 'tube',
            of: 'copper',
            name: getCopperName(size, stock),
            prepared: 'plain',
            temper: null,
          }).kind,
        ).to.equal('tube');
    });

  it('8 mm goes in what is made for 5/16, and no other metric size in an inch fitting', () => {
    const off = (metric: LegSize, inch: LegSize): number =>
      Math.abs(getCopperOutside(metric as '8 mm') - getCopperOutside(inch as '3/8 ACR')) / 1e6;
    expect(off('8 mm', '5/16 ACR')).to.be.lessThan(0.1);
    for (const [metric, inch] of [
      ['8 mm', '3/8 ACR'],
      ['10 mm', '3/8 ACR'],
      ['12 mm', '1/2 ACR'],
      ['15 mm', '5/8 ACR'],
      ['6 mm', '1/4 ACR'],
    ] as const)
      expect(off(metric, inch)).to.be.greaterThan(0.15);
  });

  it('of corrugated tubing are those of the table', () => {
    expect(standardTubes.csst.map(({ size }) => size)).to.deep.equal(CSST_SIZES);
  });
});

describe('fittings for tube', () => {
  const all = TUBE_JOINS.flatMap((join) =>
    LEG_SIZES.flatMap((size) =>
      PART_KINDS.flatMap((kind) => {
        const part = tubes.find(kind, join, [size]);
        return part ? [{ part, join, size }] : [];
      }),
    ),
  );
  const adapters = TUBE_JOINS.flatMap((join) =>
    LEG_SIZES.flatMap((size) =>
      tubes.listThreads(join, size).flatMap(({ system, size: thread }) =>
        (['male', 'female'] as const).map((gender) => ({
          join,
          size,
          part: tubes.findAdapter('adapter', join, size, { system, size: thread, gender })!,
        })),
      ),
    ),
  );

  it('are many, and each is found again by its id as the very same', () => {
    expect(all.length).to.be.greaterThan(250);
    expect(adapters.length).to.be.greaterThan(150);
    for (const { part } of [...all, ...adapters]) expect(findPartById(part.id), part.id).to.equal(part);
    // By their ids alone, in a catalogue that made none of them yet.
    for (const id of [
      'tube/flare/tee/3-8-ACR',
      'tube/csst/adapter/1-2/NPT-1-2-male',
      'tube/compression/elbow-90/22-mmx15-mm',
      'tube/csst/flange/1-2/NPT-1-2-male',
      'tube/compression/reducing-set/8-mmx15-mm',
      'tube/csst/manifold/NPT-3-4x1-2x1-2x3-8',
    ])
      expect(findPartById(id)?.id).to.equal(id);
    for (const id of [
      'tube/flare/tee/nosuch',
      'tube/glue/tee/1-2',
      'tube/flare/adapter/3-8-ACR/NPT-4-male',
      'tube/flare/flange/3-8-ACR/NPT-3-8-male',
      'tube/compression/reducing-set/15-mmx8-mm',
      'tube/csst/manifold/1-2x1-2',
      'tube/flare/manifold/3-8-ACRx3-8-ACRx3-8-ACRx3-8-ACR',
      'tube',
    ])
      expect(findPartById(id)).to.equal(null);
  });

  it('take their own tube, prepared as it must be, by the one judge of pairs', () => {
    for (const { part, join, size } of [...all, ...adapters])
      for (const { end, id } of part.ports.filter(({ id: port }) => port !== 'thread')) {
        const tube = {
          kind: 'tube',
          ...getTubeOf(join, size),
          prepared: join === 'flare' ? 'flared' : 'plain',
          temper: isCopperSize(size) ? 'soft' : null,
        } as const;
        const verdict = checkJoint(ends.figure(tube), ends.figure(end));
        expect(verdict.joint, `${part.id} ${id}`).not.to.equal(null);
      }
  });

  it('say of no length that it is fixed; a flare takes more by the formula, from published flares', () => {
    for (const { part } of all)
      for (const { reach } of part.ports)
        // Two pipes melted end to end meet in a plane.
        expect(reach.standing, part.id).to.equal(isButtJoint(part) ? 'published' : 'unknown');
    const extra = (size: LegSize): number => {
      const { depth } = tubes.find('coupling', 'flare', [size])!.ports[0]!;
      return depth && 'length' in depth ? depth.length / INCH : NaN;
    };
    // About 0.02 in for 1/4, 0.03 for 1/2.
    expect(extra('1/4 ACR')).to.be.closeTo(0.02, 0.003);
    expect(extra('1/2 ACR')).to.be.closeTo(0.03, 0.003);
  });

  it('reduce within one system, and are not made otherwise', () => {
    expect(tubes.find('tee', 'compression', ['15 mm', '15 mm', '8 mm'])!.ports).to.have.length(3);
    expect(tubes.find('tee', 'compression', ['8 mm', '15 mm', '8 mm'])).to.equal(null);
    expect(tubes.find('coupling', 'capillary', ['15 mm', '5/8 ACR'])).to.equal(null);
    expect(tubes.find('union', 'flare', ['3/8 ACR'])).to.equal(null);
    expect(tubes.find('valve', 'csst', ['1/2'])).to.equal(null);
    expect(tubes.find('elbow-90', 'flare', ['15 mm'])).to.equal(null);
  });

  it('a reducing set goes in the body as its tube would, and takes a smaller one; none is made the other way', () => {
    for (const [small, large] of [
      ['8 mm', '15 mm'],
      ['15 mm', '22 mm'],
      ['3/8 ACR', '1/2 ACR'],
    ] as const) {
      const set = tubes.find('reducing-set', 'compression', [small, large])!;
      const [takes, goes] = set.ports;
      const body = tubes.find('tee', 'compression', [large])!.ports[0]!;
      expect(checkJoint(ends.figure(goes!.end), ends.figure(body.end)).joint).to.equal('compression');
      const tube = tubes.find('coupling', 'compression', [small])!.ports[0]!;
      expect(takes!.end).to.deep.equal(tube.end);
      for (const sizes of [[large, small], [small], [small, '28 mm L']])
        expect(tubes.find('reducing-set', 'compression', sizes as LegSize[]), sizes.join()).to.equal(null);
      expect(tubes.find('reducing-set', 'flare', [small, large])).to.equal(null);
    }
  });

  it('a manifold has a pipe thread where it is asked for, and nothing of it is known before it is measured', () => {
    const thread = { system: 'NPT', size: '3/4', gender: 'female' } as const;
    const part = tubes.findManifold('csst', [thread, '1/2', '1/2', '3/8'])!;
    expect(part.ports.map(({ end }) => end.kind)).to.deep.equal(['thread', 'socket', 'socket', 'socket']);
    expect(part.ports.every(({ reach }) => reach.standing === 'unknown')).to.equal(true);
    expect(tubes.findManifold('csst', [thread, thread, thread, thread])).to.equal(null);
    expect(tubes.findManifold('csst', ['1/2', '1/2', '1/2'])).to.equal(null);
    expect(tubes.findManifold('compression', ['8 mm', '8 mm', '8 mm', '8 mm'])).to.equal(null);
  });
});
