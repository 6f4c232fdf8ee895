import { expect } from 'chai';
import { parsePrintLine } from '#core/identify';
import { findOtherThanLaid } from './compare-prints.ts';

it('a print line is another than what was laid by its size, by its system and by its wall; what it does not say is no difference', () => {
  const others = (text: string) => findOtherThanLaid(parsePrintLine(text), '1 IPS SDR 11');
  for (const [text, differs] of [
    ['1 IPS SDR 11 PE2708 ASTM D2513 GAS', []],
    ['PE2708 ASTM D2513 GAS', []],
    ['3/4 IPS SDR 11 GAS', ['size']],
    ['1 CTS SDR 11 GAS', ['size']],
    ['1 IPS SDR 9.3 GAS', ['wall']],
    ['1 IPS SDR 11.1 GAS', []],
    ['3/4 CTS SDR 9.3 GAS', ['size', 'wall']],
  ] as const)
    expect(others(text), text).to.deep.equal(differs);
});
