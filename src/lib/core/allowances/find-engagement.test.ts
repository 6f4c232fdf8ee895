import { expect } from 'chai';
import { standardCatalogue } from '#core/catalogue';
import type { NominalSize } from '#core/ends';
import { inches, toInches } from '#core/units';
import { findEngagement } from './find-engagement.ts';

/** Typed in from ASME B1.20.1, not through the catalogue: hand-tight engagement L1 (in) and threads an inch. */
const HAND_TIGHT: readonly (readonly [size: NominalSize, l1: number, perInch: number])[] = [
  ['1/2', 0.32, 14],
  ['3/4', 0.339, 14],
  ['1', 0.4, 11.5],
  ['2', 0.436, 11.5],
  ['2-1/2', 0.682, 8],
];

describe('how far a pipe goes in', () => {
  const thread = (size: NominalSize) => standardCatalogue.findThread(size, 'NPT')!;

  for (const [size, l1, perInch] of HAND_TIGHT)
    for (const [upTo2in, above2in] of [
      [2, 2],
      [3, 1.5],
    ] as const)
      it(`is L1 and ${upTo2in} turns (${above2in} above 2 in) of a ${size} thread`, () => {
        const found = findEngagement(thread(size), { option: 'hand-tight-plus-turns', upTo2in, above2in });
        const turns = size === '2-1/2' ? above2in : upTo2in;
        expect(found.ok && toInches(found.value)).to.be.closeTo(l1 + turns / perInch, 0.0005);
      });

  it('is the shop’s own figure where it has one, and refused where it was not measured', () => {
    const choice = { option: 'own-measured', figures: { '3/4': inches(0.6) } } as const;
    expect(findEngagement(thread('3/4'), choice)).to.deep.equal({ ok: true, value: inches(0.6) });
    expect(findEngagement(thread('1'), choice)).to.deep.equal({
      ok: false,
      refusal: { code: 'engagement-not-measured', size: '1' },
    });
  });
});
