import { expect } from 'chai';
import { makeRandom } from '#support/random-run.ts';
import { placeReadings, type ReadingHandle } from './place-readings.ts';

describe('readings beside the handles of the tape', () => {
  it('stand on the side wanted, on the other where there is no room, and the first goes first', () => {
    const handle = (id: string, x: number, side: 1 | -1): ReadingHandle => ({
      id,
      row: 'face',
      x,
      text: '3 ft',
      side,
    });
    expect(placeReadings([handle('a', 100, 1)], 400)).to.deep.include({
      id: 'a',
      row: 'face',
      text: '3 ft',
      side: 1,
      from: 118,
      to: 158,
    });
    expect(placeReadings([handle('a', 390, 1)], 400)[0]!.side).to.equal(-1);
    expect(
      placeReadings([handle('held', 120, 1), handle('b', 100, -1)], 400).map(({ id }) => id),
    ).to.deep.equal(['held', 'b']);
    expect(placeReadings([handle('held', 30, 1), handle('b', 10, 1)], 100).map(({ id }) => id)).to.deep.equal(
      ['held'],
    );
  });

  const SEED = 20_275;
  it(`never lie on one another, on a handle of their row, or beside the sheet, seed ${SEED}`, () => {
    const random = makeRandom(SEED);
    for (let round = 0; round < 200; round++) {
      const width = 200 + random() * 700;
      const handles = Array.from({ length: 12 }, (_, i): ReadingHandle => ({
        id: `h${i}`,
        row: i % 3 === 0 ? 'face' : 'end',
        x: random() * width,
        text: '1 ft 3 1/16 in',
        side: random() < 0.5 ? 1 : -1,
      }));
      const placed = placeReadings(handles, width);
      for (const a of placed) {
        expect(a.from).to.be.at.least(0);
        expect(a.to).to.be.at.most(width);
        for (const b of placed)
          if (a !== b && a.row === b.row) expect(a.to < b.from || a.from > b.to).to.equal(true);
        for (const { id, row, x } of handles)
          if (id !== a.id && row === a.row) expect(x < a.from || x > a.to).to.equal(true);
      }
    }
  });
});
