import { expect } from 'chai';
import { inches } from '../units/length.ts';
import { layOut, makeRun } from '#support/make-run.ts';
import { makeCutSheet } from './cut-sheet.ts';

describe('nipples of a cut sheet', () => {
  // Between two 3/4 elbows the allowances take 1.495: 3.495 leaves a 2 in nipple.
  const sheet = makeCutSheet(
    layOut(
      makeRun([
        [0, 'up', 30],
        [1, 'right', 3.495],
        [2, 'up', 20],
        [3, 'right', 3.495],
        [4, 'up', 20],
      ]),
    ),
  );
  it('are bought, not cut: counted by size and length, and not in the pipe', () => {
    expect(sheet.nipples).to.deep.equal([{ size: '3/4', length: inches(2), count: 2 }]);
    expect(sheet.rows.map(({ nipple }) => nipple)).to.deep.equal([null, inches(2), null, inches(2), null]);
    expect(sheet.sizes[0]).to.include({ pieces: 3, threads: 6 });
  });
});
