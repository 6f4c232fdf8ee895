import { getTaperEnd } from './taper-end.ts';
import { expect } from 'chai';
import { inches, millimetres } from '#core/units';
import { NOMINAL_SIZES, THREAD_SIZES, type NominalSize } from '#core/ends';
import { findReach, getPlusMinus } from './part.ts';
import { PART_KINDS, type BoughtKind } from './part-kinds.ts';
import { standardCatalogue } from './standard-catalogue.ts';
import { bspMalleableTable } from './tables/bsp-malleable.table.ts';
import { bspTable } from './tables/bsp.table.ts';
import { bushingsPlugsTable } from './tables/bushings-plugs.table.ts';
import { engagementTable } from './tables/engagement.table.ts';
import { malleable150ReducingTable } from './tables/malleable-150-reducing.table.ts';
import { malleable150Table } from './tables/malleable-150.table.ts';
import { nipplesTable } from './tables/nipples.table.ts';
import { nptTable } from './tables/npt.table.ts';
import { steelPipeTable } from './tables/steel-pipe.table.ts';
import { unionsTable } from './tables/unions.table.ts';

const TABLES = { nptTable, steelPipeTable, malleable150Table, engagementTable };

describe('published tables', () => {
  for (const [name, table] of Object.entries(TABLES)) {
    it(`${name}: every size once, smallest first, each with its source`, () => {
      expect(table.map(({ size }) => size)).to.deep.equal([
        ...(name === 'nptTable' ? THREAD_SIZES : NOMINAL_SIZES),
      ]);
      for (const row of table) expect(row.source).to.match(/\S/);
    });
  }

  for (const row of nptTable) {
    it(`NPT ${row.size}: E0, E1, L2, E2, V, L4, L5 and K0 follow from D, n and L1`, () => {
      const { D, n, E0, E1, L1, L2, E2, V, L4, L5, K0 } = row;
      const p = 1 / n;
      expect(E0).to.be.closeTo(D - (0.05 * D + 1.1) / n, 0.0001);
      expect(E1).to.be.closeTo(E0 + L1 / 16, 0.0001);
      expect(L2).to.be.closeTo((0.8 * D + 6.8) / n, 0.0001);
      expect(E2).to.be.closeTo(E0 + L2 / 16, 0.0001);
      expect(V).to.be.closeTo(3.47 * p, 0.0003);
      expect(L4).to.be.closeTo(L2 + V, 0.0001);
      expect(L5).to.be.closeTo(L2 - 2 * p, 0.0001);
      expect(K0).to.be.closeTo(E0 - 0.8 * p, 0.0002);
    });
  }

  for (const row of steelPipeTable) {
    it(`pipe ${row.size}: bore, area and weight follow from outside and wall`, () => {
      expect(row.bore).to.be.closeTo(row.outside - 2 * row.wall, 0.0005);
      expect(row.boreArea).to.be.closeTo((Math.PI / 4) * row.bore ** 2, 0.006);
      expect(row.poundsPerFoot).to.be.closeTo(10.69 * (row.outside - row.wall) * row.wall, 0.02);
    });

    it(`pipe ${row.size} has the outside diameter of its thread`, () => {
      expect(nptTable.find(({ size }) => size === row.size)!.D).to.equal(row.outside);
    });
  }

  for (const row of malleable150Table) {
    it(`fittings ${row.size}: reaches are longer than what goes in, tee and elbow alike, bands outside the pipe`, () => {
      const { normal } = engagementTable.find(({ size }) => size === row.size)!;
      expect(row.elbow90A).to.equal(row.teeA);
      expect(row.elbow90A).to.be.greaterThan(normal);
      expect(row.couplingW / 2).to.be.greaterThan(normal - 0.0001);
      expect(row.capP).to.be.greaterThan(normal);
      expect(row.bandH).to.be.greaterThan(nptTable.find(({ size }) => size === row.size)!.D);
    });
  }

  for (const row of malleable150Table) {
    it(`elbows ${row.size}: a 45 is shorter than a 90, a street elbow is female as its plain one and longer on its male side`, () => {
      const { normal } = engagementTable.find(({ size }) => size === row.size)!;
      if (row.elbow45C !== null) expect(row.elbow45C).to.be.within(normal, row.elbow90A);
      if (row.streetJ !== null) {
        expect(row.streetA).to.equal(row.elbow90A);
        // The male end must clear the female one's face by its thread.
        expect(row.streetJ).to.be.greaterThan(row.elbow90A + normal / 2);
      }
      if (row.street45K !== null) {
        expect(row.street45C).to.equal(row.elbow45C);
        expect(row.street45K).to.be.greaterThan(row.elbow45C!);
        expect(row.street45K).to.be.lessThan(row.streetJ!);
        expect(row.doubtful).to.include('street45K');
      }
    });
  }

  for (const row of unionsTable) {
    it(`union ${row.size}: typical within the range met, longer than both threads and than a coupling, typical in the catalogue`, () => {
      const { normal } = engagementTable.find(({ size }) => size === row.size)!;
      const coupling = malleable150Table.find(({ size }) => size === row.size)!.couplingW;
      expect(row.endToEnd).to.be.within(row.least, row.most);
      expect(row.endToEnd).to.be.greaterThan(2 * normal);
      expect(row.endToEnd).to.be.greaterThan(coupling);
      const { ports } = standardCatalogue.findPart('union', row.size)!;
      const over = ports.reduce((sum, port) => sum + findReach(port)!, 0);
      expect(over).to.be.closeTo(inches(row.endToEnd), 1);
      expect(ports.map(({ reach }) => reach.standing)).to.deep.equal(['typical', 'typical']);
      const spread = ports.reduce((sum, { reach }) => sum + getPlusMinus(reach), 0);
      expect(inches(row.endToEnd) + spread).to.be.at.least(inches(row.most) - 1);
      expect(inches(row.endToEnd) - spread).to.be.at.most(inches(row.least) + 1);
    });
  }

  it('unions, bushings and plugs rise with their size', () => {
    const rises = (values: readonly (number | null)[]) => {
      const known = values.filter((value) => value !== null);
      expect(known).to.deep.equal(known.toSorted((a, b) => a - b));
    };
    rises(unionsTable.map(({ endToEnd }) => endToEnd));
    for (const field of ['threadA', 'hexHead', 'plugHead'] as const)
      rises(bushingsPlugsTable.map((row) => row[field]));
  });

  for (const row of bushingsPlugsTable) {
    it(`bushings and plug ${row.size}: thread long enough for the joint, one of each down to the smallest that is made`, () => {
      const { normal } = engagementTable.find(({ size }) => size === row.size)!;
      expect(row.threadA).to.be.at.least(normal - 0.01);
      const smaller = NOMINAL_SIZES.slice(0, NOMINAL_SIZES.indexOf(row.size));
      for (const small of smaller) {
        for (const kind of ['hex-bushing', 'face-bushing'] as const) {
          const part = standardCatalogue.findSized(kind, [small, row.size]);
          const isMade =
            row.downTo !== null && NOMINAL_SIZES.indexOf(small) >= NOMINAL_SIZES.indexOf(row.downTo);
          if (!isMade || (kind === 'hex-bushing' && row.hexHead === null)) expect(part).to.equal(null);
          else {
            // How far a face bushing stands out is fixed nowhere.
            const length = kind === 'hex-bushing' ? inches(row.threadA + row.hexHead!) : null;
            expect(part!.ports.map(({ end }) => getTaperEnd(end).gender)).to.deep.equal(['female', 'male']);
            expect(part!.ports.map(findReach)).to.deep.equal([0, length]);
          }
        }
        // Never the wrong way round: a bushing reduces.
        expect(standardCatalogue.findSized('hex-bushing', [row.size, small])).to.equal(null);
      }
      const plug = standardCatalogue.findPart('plug', row.size)!;
      expect(plug.ports.map(findReach)).to.deep.equal([inches(row.threadA + row.plugHead)]);
    });
  }

  for (const row of bspMalleableTable) {
    it(`R in Rp ${row.size}: centre to face less engagement is centre to pipe end, and the thread is long enough`, () => {
      expect(row.a - row.engagement).to.equal(row.z);
      const thread = bspTable.find(({ size }) => size === row.size)!;
      expect(row.engagement).to.be.greaterThan(thread.gaugeLength!);
      // The useful thread is for the basic gauge length; a fitting at its limit takes a turn more.
      expect(row.engagement).to.be.lessThan(thread.usefulThread! + 25.4 / thread.n);
      const found = standardCatalogue.findThread(row.size, 'R')!;
      expect(found.normalEngagement).to.equal(millimetres(row.engagement));
      expect(standardCatalogue.findPart('elbow-90', row.size, 'R')!.ports.map(findReach)).to.deep.equal([
        millimetres(row.a),
        millimetres(row.a),
      ]);
      expect(standardCatalogue.findPart('elbow-90', row.size)!.ports[0]!.end).to.include({
        family: 'npt',
        gender: 'female',
      });
    });
  }

  it('no two parts of the catalogue have one id, and every port says its length or that it is not known', () => {
    const ids = standardCatalogue.parts.map(({ id }) => id);
    expect(new Set(ids).size).to.equal(ids.length);
    for (const { id, ports } of standardCatalogue.parts) {
      for (const port of ports) expect(findReach(port) ?? 0, id).to.be.at.least(0);
    }
  });

  for (const row of malleable150ReducingTable) {
    it(`reducing ${row.kind} ${row.sizes.join(' x ')}: square openings add up to those of the equal elbows`, () => {
      const a = (size: NominalSize) => malleable150Table.find((each) => each.size === size)!.elbow90A;
      /** Centre to the end of one opening with another square to it, as an elbow of the two has it. */
      const beside = (size: NominalSize, other: NominalSize): number | undefined => {
        if (size === other) return a(size);
        const elbow = malleable150ReducingTable.find(
          ({ kind, sizes }) => kind === 'elbow-90' && sizes.includes(size) && sizes.includes(other),
        );
        return elbow?.ends[elbow.sizes.indexOf(size)];
      };
      const [run, second, branch] =
        row.kind === 'tee' ? row.sizes : [row.sizes[0], row.sizes[0], row.sizes[1]];
      const last = row.ends.length - 1;
      // The larger run end and the branch clear each other; the smaller run end only has to clear the branch.
      expect(row.ends[0]! + row.ends[last]!).to.be.closeTo(a(run!) + a(branch!), 0.0301);
      const expected = beside(second!, branch!);
      if (row.kind === 'tee' && expected !== undefined) expect(row.ends[1]).to.be.closeTo(expected, 0.0301);
      expect(new Set(row.sizes).size).to.be.greaterThan(1);
      expect(row.ends).to.have.length(row.sizes.length);
    });
  }

  for (const row of nipplesTable) {
    it(`nipples ${row.size}: the close one holds two effective threads and no more than two whole ones, the others rise`, () => {
      const { L2, L4 } = nptTable.find(({ size }) => size === row.size)!;
      expect(row.close).to.be.within(2 * L2, 2 * L4);
      const lengths = [row.close, ...row.standard];
      expect(lengths).to.deep.equal(lengths.toSorted((a, b) => a - b));
      expect(new Set(lengths).size).to.equal(lengths.length);
    });
  }

  it('reducing fittings are listed once each', () => {
    const keys = malleable150ReducingTable.map(({ kind, sizes }) => `${kind} ${sizes.join(' ')}`);
    expect(new Set(keys).size).to.equal(keys.length);
  });

  for (const row of engagementTable) {
    it(`engagement ${row.size}: between hand-tight and the full thread, cut thread long enough for it`, () => {
      const { L1, L4, n } = nptTable.find(({ size }) => size === row.size)!;
      expect(row.normal).to.be.within(L1, L4);
      expect(row.cutThread ?? L4).to.be.greaterThan(row.normal);
      if (row.cutThread !== null) {
        expect(row.cutThread * n).to.be.closeTo(row.threadsToCut!, 0.55);
      }
    });
  }
});

describe('standardCatalogue', () => {
  it('carries every size, and every kind of fitting in it', () => {
    expect(standardCatalogue.sizes).to.deep.equal([...NOMINAL_SIZES]);
    for (const size of NOMINAL_SIZES) {
      const row = malleable150Table.find((each) => each.size === size)!;
      const notListed: Partial<Record<BoughtKind, boolean>> = {
        'elbow-45': row.elbow45C === null,
        'street-90': row.streetJ === null,
        'street-45': row.street45K === null,
        union: !unionsTable.some((each) => each.size === size),
        // A bushing reduces: it has no single size.
        'hex-bushing': true,
        'face-bushing': true,
        // For tube only.
        'slip-coupling': true,
        adapter: true,
        flange: true,
        'reducing-set': true,
        manifold: true,
        riser: true,
        // Between two ends only.
        nipple: true,
        converter: true,
        swivel: true,
        'dielectric-union': true,
        'threaded-flange': true,
        'connector-fitting': true,
        connector: true,
        hose: true,
        'cooker-hose': true,
        'clipped-hose': true,
        'cylinder-regulator': true,
        'first-stage-regulator': true,
        'second-stage-regulator': true,
        tail: true,
      };
      for (const kind of PART_KINDS) {
        const part = standardCatalogue.findPart(kind, size);
        expect(part === null, `${kind} ${size}`).to.equal(notListed[kind] ?? false);
      }
    }
  });

  it('gives half a coupling to each side, and marks doubted caps as typical', () => {
    const coupling = standardCatalogue.findPart('coupling', '3/4')!;
    expect(coupling.ports.map(({ reach }) => 'length' in reach && reach.length)).to.deep.equal([
      inches(0.76),
      inches(0.76),
    ]);
    const standing = (size: '1/8' | '1/2') =>
      standardCatalogue.findPart('cap', size)!.ports[0]!.reach.standing;
    expect([standing('1/8'), standing('1/2')]).to.deep.equal(['typical', 'published']);
  });
});
