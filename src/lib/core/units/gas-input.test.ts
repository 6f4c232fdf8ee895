import { expect } from 'chai';
import { isBasisAsked, parseGasInput } from './gas-input.ts';

describe('the input of an appliance', () => {
  for (const [typed, amount, unit, basis] of [
    ['80,000 Btu/h', 80_000, 'Btu/h', null],
    ['80 000 btu', 80_000, 'Btu/h', null],
    ['80 kBtu/h', 80_000, 'Btu/h', null],
    ['80k', 80_000, 'Btu/h', null],
    ['80 MBH', 80_000, 'Btu/h', null],
    ['24 kW', 24, 'kW', null],
    ['24.5 kw net', 24.5, 'kW', 'net'],
    ['24 kW (gross)', 24, 'kW', 'gross'],
    ['2500 W', 2.5, 'kW', null],
    ['26 MJ/h', 26, 'MJ/h', null],
    ['450 g/h', 450, 'g/h', null],
    ['1.2 kg/h', 1200, 'g/h', null],
  ] as const) {
    it(`${typed}: ${amount} ${unit}${basis ? ` ${basis}` : ''}`, () => {
      const read = parseGasInput(typed);
      expect(read.ok && read.value).to.deep.equal({ amount, unit, basis, typed });
    });
  }

  for (const [typed, code] of [
    ['', 'input-not-read'],
    ['big', 'input-not-read'],
    ['80 therms', 'input-not-read'],
    ['-5 kW', 'input-not-read'],
    ['80000', 'input-without-unit'],
    ['0 Btu/h', 'input-out-of-range'],
    ['1e9 Btu/h', 'input-out-of-range'],
    ['1000000000 Btu/h', 'input-out-of-range'],
    ['80000 kW', 'input-out-of-range'],
    ['8 Btu/h', 'input-out-of-range'],
  ] as const) {
    it(`refuses “${typed}”: ${code}`, () => {
      const read = parseGasInput(typed);
      expect(read.ok ? null : read.refusal.code).to.equal(code);
    });
  }

  it('asks whether kilowatts are net or gross, never guesses; other units print one', () => {
    const asks = (typed: string) => {
      const read = parseGasInput(typed);
      return read.ok && isBasisAsked(read.value);
    };
    expect(asks('24 kW')).to.equal(true);
    expect(asks('24 kW net')).to.equal(false);
    expect(asks('80,000 Btu/h')).to.equal(false);
  });
});
