import { expect } from 'chai';
import { readMarking } from './read-marking.ts';

describe('markings', () => {
  for (const [text, families, size] of [
    ['G 3/4 A', ['g'], '3/4'],
    ['1/2 NPT', ['npt'], '1/2'],
    ['NPTF 3/8', ['nptf'], '3/8'],
    ['R1/2', ['r'], '1/2'],
    ['Rp 1', ['rp'], '1'],
    ['BSPT 1-1/4', ['r', 'rc'], '1-1/4'],
    ['M20x1.5', ['metric'], null],
    ['Z19', [], null],
  ] as const) {
    it(`“${text}” says ${families.join(' or ') || 'no family'}, ${size ?? 'no size'}`, () => {
      expect(readMarking(text)).to.deep.equal({ families: [...families], size });
    });
  }
});
