import { expect } from 'chai';
import { isWithin, keepDifferent, MOST, type Chain } from './chain.ts';

/** A chain of these kinds of part. */
const chainOf = (...sorts: string[]) =>
  ({ links: sorts.map((sort) => ({ chainPart: { sort } })) }) as unknown as Chain;

describe('chains that are really different', () => {
  it('a list is within another where each of it is there as often', () => {
    for (const [few, many, is] of [
      ['', 'ab', true],
      ['ab', 'ab', true],
      ['ab', 'aabb', true],
      ['aab', 'ab', false],
      ['b', 'abc', true],
      ['d', 'abc', false],
      ['abc', 'ab', false],
    ] as const)
      expect(isWithin([...few], [...many]), `${few} in ${many}`).to.equal(is);
  });

  it('are kept from the best on, none with more put in, and no more than are shown', () => {
    const [nipple, pair, other] = [chainOf('nipple'), chainOf('nipple', 'socket'), chainOf('socket')];
    expect(keepDifferent([nipple, pair, other])).to.deep.equal([nipple, other]);
    expect(keepDifferent([pair, nipple])).to.deep.equal([pair, nipple]);
    const many = Array.from({ length: MOST + 3 }, (_, i) => chainOf(`sort${i}`));
    expect(keepDifferent(many)).to.deep.equal(many.slice(0, MOST));
  });
});
