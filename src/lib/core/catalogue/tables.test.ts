import { expect } from 'chai';
import { inches } from '../units/length.ts';
import { NOMINAL_SIZES, THREAD_SIZES, type NominalSize } from './size.ts';
import { PART_KINDS } from './part.ts';
import { standardCatalogue } from './standard-catalogue.ts';
import { engagementTable } from './tables/engagement.table.ts';
import { malleable150ReducingTable } from './tables/malleable-150-reducing.table.ts';
import { malleable150Table } from './tables/malleable-150.table.ts';
import { nipplesTable } from './tables/nipples.table.ts';
import { nptTable } from './tables/npt.table.ts';
import { steelPipeTable } from './tables/steel-pipe.table.ts';

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
      for (const kind of PART_KINDS)
        expect(standardCatalogue.findPart(kind, size), `${kind} ${size}`).to.exist;
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
