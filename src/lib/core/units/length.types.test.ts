import { expect } from 'chai';
import { inches, millimetres, toMillimetres, type Length, type Millimetres } from './length.ts';

describe('units of length', () => {
  it('are not taken for one another by the compiler', () => {
    const published: Millimetres = 26.67;
    const length: Length = millimetres(published);
    // @ts-expect-error -- a length in nanometres is none in millimetres
    const wrong: Millimetres = length;
    // @ts-expect-error -- nor the other way
    const wrongToo: Length = toMillimetres(length);
    expect([length, wrong, wrongToo]).to.deep.equal([26_670_000, 26_670_000, 26.67]);
    expect(toMillimetres(inches(1))).to.equal(25.4);
  });
});
