import { expect } from 'chai';
import { standardThreads, standardTubes } from '#core/catalogue';
import { INCH, inches } from '#core/units';
import { convertSizeName, parseSizeName, writeFraction } from './convert-size-name.ts';

describe('names of sizes', () => {
  for (const [typed, kind] of [
    ['-8', 'dash'],
    ['dash 10', 'dash'],
    ['1/2', 'inches'],
    ['1-1/4', 'inches'],
    ['1 1/4"', 'inches'],
    ['0.625 in', 'inches'],
    ['15 mm', 'millimetres'],
    ['22,5mm', 'millimetres'],
    ['1', 'inches'],
    ['', null],
    ['-0', null],
    ['1/0', null],
    ['half', null],
    ['0 mm', null],
  ] as const) {
    it(`“${typed}” is ${kind ?? 'refused'}`, () => {
      const read = parseSizeName(typed);
      expect(read.ok ? read.value.kind : null).to.equal(kind);
    });
  }

  const mean = (typed: string) => {
    const read = parseSizeName(typed);
    if (!read.ok) throw new Error(typed);
    const meanings = convertSizeName(read.value, standardThreads, standardTubes);
    return new Map(meanings.map((meaning) => [meaning.naming, meaning]));
  };

  it('1/2 measures five different things', () => {
    const meanings = mean('1/2');
    const outsides = (['pipe-nominal', 'copper-nominal', 'tube-outside', 'pe-ips', 'pe-cts'] as const).map(
      (naming) => meanings.get(naming)!.outside,
    );
    expect(outsides).to.deep.equal([0.84, 0.625, 0.5, 0.84, 0.625].map(inches));
  });
  it('dash sizes are sixteenths, and pipe has no -10', () => {
    expect(mean('-8').get('dash-tube')!.outside).to.equal(INCH / 2);
    expect(mean('-8').get('dash-pipe')!.outside).to.equal(inches(0.84));
    expect(mean('-10').get('dash-tube')!.outside).to.equal((10 * INCH) / 16);
    expect(mean('-10').get('dash-pipe')!.outside).to.equal(null);
  });
  it('sixteenths are written as the trade writes them', () => {
    expect([4, 6, 8, 16, 20, 24, 32].map(writeFraction)).to.deep.equal([
      '1/4',
      '3/8',
      '1/2',
      '1',
      '1-1/4',
      '1-1/2',
      '2',
    ]);
  });
});
