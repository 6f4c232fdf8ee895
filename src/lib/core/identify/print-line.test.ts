import { expect } from 'chai';
import { standardTubes } from '#core/catalogue';
import { inches } from '#core/units';
import { checkPrintLine, comparePe, findWall } from './check-print-line.ts';
import { parsePrintLine } from './print-line.ts';

describe('print lines of polyethylene', () => {
  it('are read in any order of their parts', () => {
    const parts = ['1" IPS', 'SDR 11', 'PE2708', 'ASTM D2513', 'GAS', '.120 WALL', '14 MAR 24'];
    for (let turn = 0; turn < parts.length; turn++) {
      const line = parsePrintLine([...parts.slice(turn), ...parts.slice(0, turn)].join(' '));
      expect(line).to.include({
        size: '1',
        system: 'IPS',
        sdr: 11,
        wall: inches(0.12),
        resin: 'PE2708',
        density: 'medium',
        standard: 'ASTM D2513',
        saysGas: true,
        date: '14 MAR 24',
      });
      expect(line.unknown).to.deep.equal([]);
    }
  });
  it('keep words that are not known and guess at none', () => {
    const line = parsePrintLine('1/2 CTS XQ7 .090 WALL PE9999 BLUFF');
    expect(line.unknown).to.deep.equal(['XQ7', 'BLUFF']);
    expect([line.resin, line.density]).to.deep.equal(['PE9999', null]);
    expect(checkPrintLine(line, standardTubes).map(({ code }) => code)).to.deep.equal([
      'pe-resin-unknown',
      'pe-not-marked-gas',
      'pe-words-unknown',
    ]);
  });
  it('of nothing say nothing', () => {
    expect(parsePrintLine('  ')).to.include({ size: null, wall: null, saysGas: false });
    expect(checkPrintLine(parsePrintLine(''), standardTubes).map(({ code }) => code)).to.include(
      'pe-size-not-said',
    );
  });
  it('with a wall that is not the SDR’s are caught', () => {
    const wrong = parsePrintLine('1 IPS SDR 11 0.097 WALL PE2708 D2513 GAS');
    expect(checkPrintLine(wrong, standardTubes)).to.deep.equal([
      { code: 'pe-wall-not-as-sdr', wall: inches(0.097), sdr: 11, asSdr: Math.round(inches(1.315) / 11) },
      { code: 'pe-wall-below-legal', wall: inches(0.097), legal: inches(0.119) },
    ]);
    const right = parsePrintLine('1 IPS SDR 11 0.120 WALL PE2708 D2513 GAS');
    expect(checkPrintLine(right, standardTubes)).to.deep.equal([]);
  });
  it('1 CTS “SDR 11” is sold at 0.099 and 0.101; both pass, and the two match', () => {
    const [thin, thick] = ['0.099', '0.101'].map((wall) =>
      parsePrintLine(`1 CTS SDR 11 ${wall} WALL PE2708 D2513 GAS`),
    );
    expect(checkPrintLine(thin!, standardTubes)).to.deep.equal([]);
    expect(checkPrintLine(thick!, standardTubes)).to.deep.equal([]);
    expect(comparePe(thin!, thick!, standardTubes)).to.deep.equal({ verdict: 'match' });
  });
  it('every listed pipe agrees with itself, and is under the legal wall where the table says so', () => {
    for (const row of standardTubes.polyethylene) {
      const line = parsePrintLine(
        `${row.size} ${row.system} SDR ${row.sdr} ${row.minWall.toFixed(3)} WALL PE2708 D2513 GAS`,
      );
      const codes = checkPrintLine(line, standardTubes).map(({ code }) => code);
      const isThin = row.legalWall !== null && row.minWall < row.legalWall;
      expect(codes, line.text).to.deep.equal(isThin ? ['pe-wall-below-legal'] : []);
      expect(comparePe(line, line, standardTubes)).to.deep.equal({ verdict: 'match' });
      expect(findWall(line, standardTubes)).to.equal(inches(row.minWall));
    }
  });
  /** Two lines of one size: what else must be so. */
  const SIZE = '1 IPS SDR 11';
  const MATCHES = [
    [`${SIZE} PE2708 GAS`, `${SIZE} PE2708 D2513`, { verdict: 'match' }],
    [`${SIZE} PE2708 GAS`, `${SIZE} PE4710 GAS`, { verdict: 'resins', a: 'PE2708', b: 'PE4710' }],
    [`${SIZE} PE2708 GAS`, `${SIZE} GAS`, { verdict: 'resins', a: 'PE2708', b: null }],
    [`${SIZE} PE2708 GAS`, `${SIZE} PE2708`, { verdict: 'not-gas', which: ['b'] }],
    [`${SIZE} PE2708`, `${SIZE} PE2708`, { verdict: 'not-gas', which: ['a', 'b'] }],
    [`${SIZE} PE2708 NOT FOR GAS`, `${SIZE} PE2708 GAS`, { verdict: 'not-gas', which: ['a'] }],
    [`${SIZE} PE2708 D2513 POTABLE WATER`, `${SIZE} PE2708 GAS`, { verdict: 'not-gas', which: ['a'] }],
  ] as const;
  for (const [a, b, found] of MATCHES)
    it(`${a} with ${b}: ${found.verdict}`, () => {
      expect(comparePe(parsePrintLine(a), parsePrintLine(b), standardTubes)).to.deep.equal(found);
    });
  it('1-1/4 CTS of a thin wall is under the legal one', () => {
    const codes = checkPrintLine(parsePrintLine('1-1/4 CTS .090 WALL PE2708 GAS'), standardTubes).map(
      ({ code }) => code,
    );
    expect(codes).to.deep.equal(['pe-wall-below-legal']);
  });
  it('pipe and riser are compared by outside and wall, by number', () => {
    const pipe = parsePrintLine('1 IPS SDR 11');
    const riser = parsePrintLine('1 CTS .099 WALL');
    const found = comparePe(pipe, riser, standardTubes);
    expect(found.verdict).to.equal('differ');
    if (found.verdict === 'differ')
      expect(found.by.map(({ what }) => what)).to.deep.equal(['outside', 'wall']);
    expect(comparePe(parsePrintLine('1 IPS'), pipe, standardTubes)).to.deep.equal({
      verdict: 'not-known',
      missing: ['wall'],
    });
  });
});
