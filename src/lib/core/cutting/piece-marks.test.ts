import { expect } from 'chai';
import { inches } from '#core/units';
import { getPiece, layOut, makeRun } from '#support/make-run.ts';
import { makeRandomRun } from '#support/random-run.ts';
import { getPieces } from '#core/runs/layout';
import { makeCutSheet } from './cut-sheet.ts';
import { getPieceMarks } from './piece-marks.ts';

describe('marks on a piece', () => {
  it('are the face, the thread and the cut, along one tape', () => {
    const layout = layOut(
      makeRun([
        [0, 'up', 30],
        [1, 'right', 43.25],
        [2, 'down', 20],
      ]),
    );
    expect(getPieceMarks(getPiece(layout, 2))).to.deep.equal([
      { what: 'face', end: 0, at: inches(0.5625) },
      { what: 'thread', end: 0, at: inches(0.75) },
      { what: 'thread', end: 1, at: inches(41.75 - 0.75) },
      { what: 'face', end: 1, at: inches(41.75 - 0.5625) },
      { what: 'cut', end: 1, at: inches(41.75) },
    ]);
  });

  it('stand at the end that has them: an end with nothing on it has none', () => {
    const marksAt = (from: number, to: number) => {
      const doc = makeRun([[0, 'right', 30]]);
      const piece = getPiece(layOut(doc), 1);
      const bare = { ...piece.ends[0], joint: null, thread: null };
      const ends = [
        from ? piece.ends[0] : bare,
        to
          ? { ...piece.ends[1], joint: { ...piece.ends[0].joint, engagement: inches(0.5) }, thread: null }
          : bare,
      ] as unknown as typeof piece.ends;
      return getPieceMarks({ ...piece, ends })!.map(({ what, end, at }) => [what, end, at]);
    };
    const long = getPiece(layOut(makeRun([[0, 'right', 30]])), 1).cut!.onTape.length;
    expect(marksAt(0, 1)).to.deep.equal([
      ['face', 1, long - inches(0.5)],
      ['cut', 1, long],
    ]);
    expect(marksAt(0, 0)).to.deep.equal([['cut', 1, long]]);
  });

  it('of every piece lie on it, in order, the cut last', () => {
    for (const piece of getPieces(layOut(makeRandomRun(60, 4)))) {
      const marks = getPieceMarks(piece)!;
      expect(marks.map(({ at }) => at)).to.deep.equal(marks.map(({ at }) => at).toSorted((a, b) => a - b));
      expect(marks.at(-1)).to.include({ what: 'cut', at: piece.cut!.onTape.length });
      expect(marks[0]!.at).to.be.greaterThan(0);
    }
  });

  it('are none where nothing is left to cut', () => {
    const doc = makeRun([
      [0, 'up', 30],
      [1, 'right', 1.25],
      [2, 'down', 20],
    ]);
    expect(getPieceMarks(getPiece(layOut(doc), 2))).to.equal(null);
  });
});

describe('the cutting order', () => {
  it('goes size by size, the largest first, and from the source on within a size', () => {
    const sheet = makeCutSheet(
      layOut(
        makeRun([
          [0, 'right', 30, { size: '1' }],
          [1, 'right', 30, { size: '1' }],
          [1, 'down', 30, { size: '3/4' }],
          [2, 'up', 30, { size: '1' }],
        ]),
      ),
    );
    expect(sheet.groups.map(({ size }) => size)).to.deep.equal(['1', '3/4']);
    expect(sheet.rows.map(({ piece, order }) => [piece.mark, order])).to.deep.equal([
      ['1', 1],
      ['2', 2],
      ['4', 3],
      ['3', 4],
    ]);
  });

  it('adds what the saw takes at every cut, and says how many lengths hold it at least', () => {
    const legs = Array.from({ length: 6 }, (_, i) => [i, i % 2 === 0 ? 'right' : 'up', 60] as const);
    const doc = {
      ...makeRun(legs),
      ruleChoices: { 'saw-kerf': { option: 'saw', width: inches(0.125) } },
    } as const;
    const [total] = makeCutSheet(layOut(doc)).sizes;
    expect(total!.kerf).to.equal(6 * inches(0.125));
    expect(total!.stockAtLeast).to.equal(Math.ceil((total!.length + total!.kerf) / inches(252)));
  });

  it('buys a length more where the saw alone takes what the last one had left', () => {
    // One bare pipe as long as the stock (21 ft) to the hair.
    const bare = makeRun([[0, 'right', 252]]);
    const cut = (width: number) =>
      makeCutSheet(layOut({ ...bare, ruleChoices: { 'saw-kerf': { option: 'saw', width: inches(width) } } }))
        .sizes[0]!;
    expect([cut(0.001).length, cut(0.001).stockAtLeast]).to.deep.equal([inches(252), 2]);
    const wheel = makeCutSheet(layOut({ ...bare, ruleChoices: { 'saw-kerf': { option: 'wheel-cutter' } } }));
    expect([wheel.sizes[0]!.kerf, wheel.sizes[0]!.stockAtLeast]).to.deep.equal([0, 1]);
  });
});
