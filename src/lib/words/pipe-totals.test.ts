import { expect } from 'chai';
import type { SizeTotal } from '#core/cutting';
import { inches } from '#core/units';
import { sayCount } from './counts.ts';
import { sayPipeTotal, sayUnknownCuts } from './pipe-totals.ts';

const COUNTS = [0, 1, 2] as const;

describe('the pipe of one size, in words', () => {
  it('counts none, one and several with the noun that goes with them', () => {
    expect(COUNTS.map((count) => sayCount(count, 'bend'))).to.eql(['no bends', '1 bend', '2 bends']);
    expect(sayCount(1, 'leg', 'legs')).to.equal('1 leg');
  });

  it('says of cuts that are not known how many there are, beside a sum and in its place', () => {
    const said = [
      [2, 0],
      [2, 1],
      [2, 2],
      [1, 1],
    ].map(([pieces, unknown]) => sayUnknownCuts({ pieces: pieces!, unknown: unknown! }));
    expect(said).to.eql([
      '',
      '1 piece more, not known and not in it',
      '2 pieces, no cut known yet',
      '1 piece, no cut known yet',
    ]);
  });

  it('agrees in number whatever there is of it, and gives no sum of nothing', () => {
    for (const pieces of [1, 2])
      for (const unknown of COUNTS.filter((each) => each <= pieces))
        for (const threads of COUNTS)
          for (const bends of COUNTS)
            for (const stockAtLeast of [null, 1, 2]) {
              const total: SizeTotal = {
                size: '3/4',
                material: 'black-iron',
                pieces,
                unknown,
                threads,
                bends,
                stockAtLeast,
                length: inches(10),
                kerf: inches(0.1),
              };
              const said = sayPipeTotal(total, 'in', '21 ft');
              if (unknown === pieces) expect(said).to.equal(null);
              else {
                expect(said).not.to.match(
                  /\b1 (?:pieces|threads|bends|lengths)\b|\b(?:no|2) (?:piece|thread|bend|length)\b|\b0 /,
                );
                expect(said).to.include(`in ${sayCount(pieces - unknown, 'piece')}`);
              }
            }
  });
});
