import { expect } from 'chai';
import { type PE_SIZES, LEG_SIZES, type LegSize } from '#core/ends';
import { TUBE_JOINS, type TubeJoin } from './part.ts';
import type { BoughtKind } from './part-kinds.ts';
import { standardCatalogue } from './standard-catalogue.ts';
import { JOINS } from './joins/joins.ts';
import { getPeFigures } from './tube-sizes.ts';

const { tubes } = standardCatalogue;
const listPairs = (join: TubeJoin, kind: BoughtKind) =>
  LEG_SIZES.flatMap((a) =>
    LEG_SIZES.flatMap((b) => (a !== b && tubes.find(kind, join, [a, b]) ? [[a, b] as const] : [])),
  );

describe('sizes that are sold together', () => {
  it('no coupling is made by crossing sizes: few of all pairs are', () => {
    for (const join of TUBE_JOINS) {
      const equal = new Set(LEG_SIZES.flatMap((size) => tubes.find('coupling', join, [size])?.id ?? [])).size;
      const made = new Set(listPairs(join, 'coupling').map((pair) => tubes.find('coupling', join, pair)!.id));
      const reducing = [...made].filter((id) => id.includes('x')).length;
      expect(reducing, `${join}: ${reducing} of ${equal ** 2}`).to.be.below(Math.max(16, equal ** 2 * 0.55));
    }
    // Of 26 × 26 sizes of polyethylene.
    expect(listPairs('stab', 'coupling').length).to.be.below(60);
    expect(listPairs('fusion', 'coupling').length).to.be.below(60);
  });

  it('what was met and is not sold is not there', () => {
    const NONE: readonly (readonly [TubeJoin, BoughtKind, readonly LegSize[]])[] = [
      ['csst', 'coupling', ['3/8', '1-1/4']],
      ['flare', 'coupling', ['1/8 ACR', '3/4 ACR']],
      ['stab', 'coupling', ['1/2 CTS SDR 7', '2 IPS SDR 11']],
      ['fusion', 'coupling', ['1 IPS SDR 11', '1 IPS SDR 9.3']],
      ['fusion', 'coupling', ['1/2 CTS SDR 7', '3/4 IPS SDR 11']],
      ['compression', 'elbow-90', ['22 mm', '8 mm']],
      ['csst', 'tee', ['2', '2', '3/8']],
      ['press-steel', 'elbow-90', ['2', '1']],
    ];
    for (const [join, kind, sizes] of NONE)
      expect(tubes.find(kind, join, sizes), `${join} ${kind} ${sizes.join()}`).to.equal(null);
    const SOLD: readonly (readonly [TubeJoin, BoughtKind, readonly LegSize[]])[] = [
      ['csst', 'coupling', ['1/2', '3/4']],
      ['csst', 'tee', ['3/4', '3/4', '1/2']],
      ['flare', 'coupling', ['3/8 ACR', '1/2 ACR']],
      ['flare', 'coupling', ['1/4 ACR', '1/2 ACR']],
      ['compression', 'reducing-set', ['8 mm', '15 mm']],
      ['capillary', 'coupling', ['22 mm', '15 mm']],
      ['press-copper', 'tee', ['3/4 L', '3/4 L', '1/2 L']],
      ['stab', 'coupling', ['1 IPS SDR 11', '3/4 IPS SDR 11']],
      ['stab', 'coupling', ['1 CTS SDR 11.4', '1 IPS SDR 11']],
      ['fusion', 'coupling', ['1-1/4 IPS SDR 11', '3/4 IPS SDR 11']],
    ];
    for (const [join, kind, sizes] of SOLD)
      expect(tubes.find(kind, join, sizes), `${join} ${kind} ${sizes.join()}`).not.to.equal(null);
  });

  it('what takes one size takes it the other way round, but for tees, and equal ones are as they were', () => {
    for (const join of TUBE_JOINS) {
      const pairs = new Set(listPairs(join, 'coupling').map((pair) => pair.join()));
      for (const pair of pairs) expect(pairs.has(pair.split(',').reverse().join()), pair).to.equal(true);
      for (const size of LEG_SIZES.filter(JOINS[join].isMadeIn))
        if (JOINS[join].kinds.includes('coupling'))
          expect(tubes.find('coupling', join, [size])).not.to.equal(null);
    }
  });

  it('a fitting for polyethylene has one wall to each size that reduces, and never two walls of one size', () => {
    for (const join of ['stab', 'fusion'] as const)
      for (const [a, b] of listPairs(join, 'coupling')) {
        const [one, other] = [a, b].map((size) => getPeFigures(size as (typeof PE_SIZES)[number]));
        expect(`${one!.nominal} ${one!.system}`, `${a} ${b}`).not.to.equal(
          `${other!.nominal} ${other!.system}`,
        );
        if (join === 'fusion') expect(one!.sdr).to.equal(other!.sdr);
      }
  });

  it('press fittings for copper go by the nominal size, and never by that of air-conditioning tube', () => {
    for (const size of LEG_SIZES.filter(JOINS['press-copper'].isMadeIn)) {
      const [port] = tubes.find('coupling', 'press-copper', [size])!.ports;
      expect(port!.end.kind === 'socket' && port!.end.takes.name, size).to.match(/ (?:L|mm)$/);
    }
    const { end } = tubes.find('elbow-90', 'press-copper', ['5/8 ACR'])!.ports[0]!;
    expect(end.kind === 'socket' && end.takes.name).to.equal('1/2 L');
  });
});
