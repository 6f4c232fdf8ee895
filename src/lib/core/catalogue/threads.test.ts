import { expect } from 'chai';
import { readFraction } from './list-threads.ts';
import { getCrestRange, getPitch, isTaper, THREAD_PLACES } from './listed-thread.ts';
import { standardThreads, standardTubes } from './standard-threads.ts';
import { bspTable } from './tables/bsp.table.ts';
import { flare37Table } from './tables/flare-37.table.ts';
import { flare45Table } from './tables/flare-45.table.ts';
import { lookAlikesTable } from './tables/look-alikes.table.ts';
import { npsmTable } from './tables/npsm.table.ts';
import { nptTable } from './tables/npt.table.ts';

const find = (id: string) => {
  const thread = standardThreads.findThread(id);
  if (!thread) throw new Error(`no thread ${id}`);
  return thread;
};

describe('tables of threads', () => {
  for (const row of bspTable) {
    it(`BSP ${row.size}: depth from pitch, sizes rising, lengths where a taper is made`, () => {
      const pitch = 25.4 / row.n;
      expect(row.major - row.minor).to.be.closeTo(2 * 0.640327 * pitch, 0.002);
      if (row.series === 'G only') expect(row.gaugeLength).to.equal(null);
      else {
        expect(row.usefulThread!).to.be.greaterThan(row.gaugeLength!);
        // A turn either way, to what the table is rounded to.
        expect(row.gaugeTolerance! / pitch).to.be.within(0.95, 1.6);
      }
    });
  }
  it('BSP majors rise with the size', () => {
    const majors = bspTable.map(({ major }) => major);
    expect(majors).to.deep.equal(majors.toSorted((a, b) => a - b));
  });

  for (const row of npsmTable) {
    it(`NPSM ${row.size}: threads as NPT, narrower than the pipe, limits in order`, () => {
      const npt = nptTable.find(({ size }) => size === row.size)!;
      expect(row.n).to.equal(npt.n);
      expect(row.majorMax).to.be.lessThan(npt.D);
      expect(row.majorMin).to.be.lessThan(row.majorMax);
      expect(row.minorMin).to.be.lessThan(row.minorMax);
      expect(row.minorMax).to.be.lessThan(row.majorMin);
    });
  }

  for (const row of [...flare45Table, ...flare37Table]) {
    it(`flare ${row.tube} ${row.thread}: the designation says what the columns say`, () => {
      const [name, count] = [row.thread.slice(0, row.thread.lastIndexOf('-')), row.thread.split('-').at(-1)!];
      expect(readFraction(name)).to.equal(row.major);
      expect(parseInt(count, 10)).to.equal(row.n);
      if ('nutMinor' in row && row.nutMinor !== null) {
        expect(row.nutMinor).to.be.closeTo(row.major - 1.0825 / row.n, 0.0011);
      }
      if ('dash' in row) expect(row.dash / 16).to.equal(readFraction(row.tube));
    });
  }

  for (const row of lookAlikesTable) {
    it(`look-alike ${row.name}: pitch and threads an inch agree`, () => {
      if (row.n !== null) expect(25.4 / row.n).to.be.closeTo(row.pitch, 0.002);
      const metric = /^M(\d+)x([\d.]+)/.exec(row.name);
      if (metric) expect([row.major, row.pitch]).to.deep.equal([Number(metric[1]), Number(metric[2])]);
    });
  }

  it('37° and 45° flares share threads at 1/8, 3/16, 1/4, 5/16, 1/2 and 5/8 tube, and at no other', () => {
    const shared = flare37Table.filter(({ tube, thread }) =>
      flare45Table.some((row) => row.series === 'sae-45' && row.tube === tube && row.thread === thread),
    );
    expect(shared.map(({ tube }) => tube)).to.deep.equal(['1/8', '3/16', '1/4', '5/16', '1/2', '5/8']);
  });
});

describe('tables of tube', () => {
  for (const row of standardTubes.copper) {
    it(`copper ${row.type} ${row.name}: outside as it is named`, () => {
      const named = row.unit === 'mm' ? Number(row.name) : readFraction(row.name);
      const isNominal = row.type === 'K' || row.type === 'L';
      expect(row.outside).to.be.closeTo(isNominal ? named + 0.125 : named, 0.0006);
      expect(row.wall * 2).to.be.lessThan(row.outside / 2);
    });
  }
  for (const row of standardTubes.polyethylene) {
    it(`PE ${row.size} ${row.system} SDR ${row.sdr}: the wall is outside / SDR`, () => {
      expect(row.minWall).to.be.closeTo(row.outside / row.sdr, 0.0012);
      if (row.system === 'CTS') expect(row.outside).to.be.closeTo(readFraction(row.size) + 0.125, 1e-9);
    });
  }
  it('CSST ranges do not overlap', () => {
    standardTubes.csst.reduce((before, row) => {
      expect(row.overJacketLow).to.be.greaterThan(before);
      expect(row.overJacketHigh).to.be.greaterThan(row.overJacketLow);
      return row.overJacketHigh;
    }, 0);
  });
});

describe('listed threads', () => {
  it('have ids of their own, and sisters that are listed with the same crests', () => {
    const ids = standardThreads.threads.map(({ id }) => id);
    expect(new Set(ids).size).to.equal(ids.length);
    for (const { sisterOf, crest, gender } of standardThreads.threads) {
      if (sisterOf === null) continue;
      expect(find(sisterOf).crest).to.deep.equal(crest);
      expect(find(sisterOf).gender).to.equal(gender);
    }
  });

  for (const thread of standardThreads.threads) {
    it(`${thread.id}: crest ranges are ranges, and go the way of the taper`, () => {
      for (const place of THREAD_PLACES) {
        const [low, high] = getCrestRange(thread, place);
        expect(low).to.be.lessThan(high);
        expect(high - low).to.be.lessThan(4 + 0.2 * getPitch(thread));
      }
      const middle = (place: 'mouth' | 'last') =>
        getCrestRange(thread, place).reduce((sum, each) => sum + each, 0) / 2;
      const change = middle('last') - middle('mouth');
      if (!isTaper(thread)) expect(change).to.equal(0);
      else expect(Math.sign(change)).to.equal(thread.gender === 'male' ? 1 : -1);
    });
  }

  it('an NPT male shows no more than the pipe, and at its mouth E0 + 0.8 p', () => {
    for (const row of nptTable) {
      const thread = find(`npt-${row.size}-male`);
      expect(getCrestRange(thread, 'last')[1]).to.be.at.most(row.D * 25.4 + 0.2001);
      const mouth = (row.E0 + 0.8 / row.n) * 25.4;
      const [low, high] = getCrestRange(thread, 'mouth');
      expect(mouth).to.be.within(low, high);
    }
  });

  it('1/2 and 3/4 pipe threads overlap in both systems, 1-1/4 and 1-1/2 do not', () => {
    const range = (id: string) => getCrestRange(find(id), 'first');
    for (const size of ['1/2', '3/4']) {
      expect(range(`npt-${size}-male`)[0]).to.be.lessThan(range(`r-${size}-male`)[1]);
    }
    expect(range('npt-1-1/4-male')[1]).to.be.lessThan(range('npt-1-1/2-male')[0]);
  });
});
