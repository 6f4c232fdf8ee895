import { newAppliance } from '#core/runs/document';
import { expect } from 'chai';
import { inches } from '#core/units';
import { planPutPart } from '#core/runs/commands';
import { getPieces } from '#core/runs/layout';
import { applyPlan, getLeg, layOut, makeIds, makeRun, mustBe } from '#support/make-run.ts';
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

describe('what a cut sheet adds up', () => {
  /** A run counted by hand: 3/4 with a union, two elbows, a branch of 1/2 to an appliance out of a reducing tee, a cap. */
  const doc = (() => {
    const run = makeRun([
      [0, 'right', 40],
      [1, 'up', 30],
      [2, 'right', 50],
      [3, 'right', 20, { cap: true }],
      [3, 'down', 24, { size: '1/2', terminal: newAppliance('kiln') }],
    ]);
    const leg = getLeg(run, 1).id;
    return applyPlan(run, mustBe(planPutPart(run, leg, 'union', { share: 0.5 }, makeIds('union'))));
  })();
  const layout = layOut(doc);
  const sheet = makeCutSheet(layout);

  it('counts every bought fitting once, small sizes first, and nothing that is there already', () => {
    expect(sheet.fittings.map(({ kind, size, count }) => [size, kind, count])).to.deep.equal([
      ['3/4', 'cap', 1],
      ['3/4', 'elbow-90', 2],
      ['3/4', 'tee', 1],
      ['3/4', 'union', 1],
    ]);
    const small = makeCutSheet(
      layOut(
        makeRun([
          [0, 'right', 40],
          [1, 'up', 30, { size: '1/2' }],
          [2, 'right', 30, { size: '1/2' }],
          [3, 'up', 30, { size: '1/2', cap: true }],
        ]),
      ),
    );
    expect(small.fittings.map(({ size, kind, count }) => [size, kind, count])).to.deep.equal([
      ['1/2', 'cap', 1],
      ['1/2', 'elbow-90', 2],
      ['3/4', 'elbow-90', 1],
    ]);
  });

  it('counts the joints that are made, the seats, and both as places that may leak', () => {
    // Union 2, elbow 2 and 2, tee 3, cap 1, appliance 1; the source is a bare end.
    expect(sheet.joints).to.deep.equal({ made: 11, seats: 1, leakPoints: 12 });
  });

  it('adds up pipe size by size, the largest first, and says of how many pieces the cut is not known', () => {
    expect(
      sheet.sizes.map(({ size, pieces, threads, unknown }) => [size, pieces, threads, unknown]),
    ).to.deep.equal([
      ['3/4', 5, 10, 0],
      ['1/2', 1, 2, 0],
    ]);
    const [large, small] = sheet.sizes;
    const tape = (size: string) =>
      [...getPieces(layout)].filter((piece) => piece.size === size).map(({ cut }) => cut!.onTape.length);
    expect(large!.length).to.equal(tape('3/4').reduce((a, b) => a + b));
    expect([small!.length]).to.deep.equal(tape('1/2'));
    const { [Object.keys(doc.measures)[2]!]: gone, ...measures } = doc.measures;
    expect(gone).to.not.equal(undefined);
    const unmeasured = makeCutSheet(layOut({ ...doc, measures })).sizes[0]!;
    expect(unmeasured).to.include({ pieces: 5, unknown: 1, threads: 10 });
    expect(unmeasured.length).to.be.below(large!.length);
  });

  it('sorts what is cut by material and size, each with its own rows', () => {
    expect(sheet.groups.map(({ size, rows }) => [size, rows.length])).to.deep.equal([
      ['3/4', 5],
      ['1/2', 1],
    ]);
    expect(sheet.rows.map(({ order }) => order)).to.deep.equal([1, 2, 3, 4, 5, 6]);
    const mixed = makeCutSheet(
      layOut(
        makeRun([
          [0, 'right', 40],
          [1, 'right', 30, { material: 'steel-r' }],
        ]),
      ),
    );
    expect(mixed.groups.map(({ material, rows }) => [material, rows.length])).to.deep.equal([
      ['black-iron', 1],
      ['steel-r', 1],
    ]);
  });

  it('lists nipples by size and length, the smaller first, and no pipe where all is bought', () => {
    // Between two elbows the allowances take 1.24 of 1/2 and 1.495 of 3/4.
    const bought = makeCutSheet(
      layOut(
        makeRun([
          [0, 'up', 30],
          [1, 'right', 3.995],
          [2, 'up', 20],
          [3, 'right', 3.495],
          [4, 'up', 20],
          [5, 'right', 20, { size: '1/2' }],
          [6, 'up', 3.24, { size: '1/2' }],
          [7, 'right', 20, { size: '1/2' }],
        ]),
      ),
    );
    expect(bought.nipples).to.deep.equal([
      { size: '1/2', length: inches(2), count: 1 },
      { size: '3/4', length: inches(2), count: 1 },
      { size: '3/4', length: inches(2.5), count: 1 },
    ]);
  });
});
