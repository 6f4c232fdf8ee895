import { expect } from 'chai';
import { inches, millimetres } from '#core/units';
import { makeRandomSheet } from '#support/make-sheet.ts';
import { makeRandom } from '#support/random-run.ts';
import { withSheets } from './catalogue.ts';
import { JOINS } from './joins/joins.ts';
import {
  findOnSheet,
  listJoinSizes,
  nameSheetSize,
  newSheetRow,
  refuseSheet,
  SHEET_JOINS,
  type SheetRow,
} from './maker-sheet.ts';
import { PART_KINDS } from './part-kinds.ts';
import { TUBE_JOINS, type Part, type TubeJoin } from './part.ts';
import { SHEET_FIGURE_NAMES, SHEET_FIGURES } from './sheet-figures.ts';
import { standardCatalogue } from './standard-catalogue.ts';

const SEED = 15_401;

/** Every fitting of a way of joining whose openings are of one size, and what brings each size to its threads. */
function listParts(catalogue: typeof standardCatalogue, join: TubeJoin): Part[] {
  const { tubes } = catalogue;
  return listJoinSizes(join).flatMap((size) => [
    ...PART_KINDS.flatMap((kind) => tubes.find(kind, join, [size]) ?? []),
    ...JOINS[join].adapters.flatMap((kind) =>
      tubes
        .listThreads(join, size)
        .flatMap((thread) =>
          (['male', 'female'] as const).flatMap(
            (gender) => tubes.findAdapter(kind, join, size, { ...thread, gender }) ?? [],
          ),
        ),
    ),
  ]);
}

describe('what a maker’s sheet says', () => {
  it('is asked of every way of joining but what is melted', () => {
    expect(TUBE_JOINS.filter((join) => !SHEET_JOINS.includes(join))).to.deep.equal(['fusion']);
    for (const join of SHEET_JOINS) {
      const names = listJoinSizes(join).map((size) => nameSheetSize(join, size));
      expect(new Set(names).size, join).to.equal(names.length);
      expect(names.length, join).to.be.greaterThan(3);
    }
  });

  for (const join of SHEET_JOINS)
    it(`${join}: its depths are those of all fittings of the size, and no fitting joined otherwise is touched (seed ${SEED})`, () => {
      const random = makeRandom(SEED);
      const sheet = makeRandomSheet(random, 'sheet00000', join);
      const catalogue = withSheets(standardCatalogue, { [join]: sheet });
      let held = 0;
      for (const other of TUBE_JOINS) {
        const [before, after] = [standardCatalogue, catalogue].map((each) => listParts(each, other));
        if (other !== join) {
          expect(after, other).to.deep.equal(before);
          continue;
        }
        for (const [i, part] of after!.entries())
          for (const [p, port] of part.ports.entries()) {
            const was = before![i]!.ports[p]!;
            expect([port.id, port.end, port.way]).to.deep.equal([was.id, was.end, was.way]);
            if (port.depth === null) continue;
            const said = sheet.rows.find(({ size, thread }) => size === part.size && thread === null)?.depth;
            if (said === null || said === undefined) continue;
            held++;
            expect(port.depth, part.id).to.deep.include({ standing: 'maker', length: said });
          }
      }
      if (JOINS[join].sheet.includes('depth')) expect(held).to.be.greaterThan(0);
    });

  it('an end fitting is as long from the stop of its tube to the face of its thread as the sheet says, whether its depth is known or not', () => {
    const thread = { system: 'NPT', size: '1/2', gender: 'male' } as const;
    for (const depth of [null, millimetres(11)]) {
      const rows: SheetRow[] = [{ ...newSheetRow('1/2', thread), fitting: inches(1.75) }];
      if (depth !== null) rows.push({ ...newSheetRow('1/2'), depth });
      const sheet = { maker: 'Quillmere', join: 'csst', source: 'sheet 1', rows } as const;
      const { tubes } = withSheets(standardCatalogue, { csst: sheet });
      const [tube, out] = tubes.findAdapter('adapter', 'csst', '1/2', thread)!.ports;
      const lengths = [tube!.reach, out!.reach, tube!.depth!].map((each) =>
        each.standing === 'unknown' ? Number.NaN : each.length,
      );
      expect(lengths[0]! + lengths[1]! - lengths[2]!).to.equal(inches(1.75));
      // With another thread it is another fitting, of which nothing is said.
      const other = tubes.findAdapter('adapter', 'csst', '1/2', { ...thread, gender: 'female' })!;
      expect(other.ports[0]!.reach).to.deep.equal({ standing: 'unknown' });
    }
  });

  it('is found for the size and the thread it was said of, and for no other', () => {
    const random = makeRandom(SEED + 1);
    for (const join of SHEET_JOINS) {
      const sheet = makeRandomSheet(random, 'sheet00000', join);
      for (const size of listJoinSizes(join))
        for (const figure of SHEET_FIGURE_NAMES)
          for (const thread of [null, { system: 'NPT', size: '1/2', gender: 'male' }] as const) {
            const row = sheet.rows.find(
              (each) => each.size === size && each.thread?.gender === thread?.gender,
            );
            const found = findOnSheet({ [join]: sheet }, join, figure, size, thread);
            expect(found?.value ?? null).to.equal(row?.[figure] ?? null);
            for (const other of SHEET_JOINS)
              if (other !== join)
                expect(findOnSheet({ [join]: sheet }, other, figure, size, thread)).to.equal(null);
          }
    }
  });

  it('is refused where it does not hold together, by its line', () => {
    const row = newSheetRow('1/2');
    const male = { system: 'NPT', size: '1/2', gender: 'male' } as const;
    const rows: readonly (readonly [string, TubeJoin, readonly SheetRow[]])[] = [
      ['sheet-size', 'csst', [{ ...newSheetRow('15 mm'), depth: 1 }]],
      ['sheet-figure', 'csst', [{ ...row, spacing: 1 }]],
      ['sheet-figure', 'press-steel', [{ ...row, torque: 1 }]],
      ['sheet-nothing', 'csst', [row]],
      ['sheet-thread', 'csst', [{ ...row, fitting: 1 }]],
      ['sheet-thread', 'csst', [{ ...row, thread: male, depth: 1 }]],
      ['sheet-twice', 'csst', [{ ...row, depth: 1 }, { ...row, depth: 2 }]],
      ['sheet-radii', 'csst', [{ ...row, leastRadius: inches(4), radius: inches(3) }]],
    ]; // prettier-ignore
    for (const [code, join, lines] of rows)
      expect(refuseSheet({ join, rows: lines }), code).to.deep.include({ code, row: lines.length - 1 });
    for (const join of SHEET_JOINS) {
      for (const figure of SHEET_FIGURE_NAMES) {
        const thread = figure === 'fitting' ? male : null;
        const one = { ...newSheetRow(listJoinSizes(join)[0]!, thread), [figure]: inches(1) };
        const refused = refuseSheet({ join, rows: [one] });
        expect(refused === null, `${join} ${figure}`).to.equal(JOINS[join].sheet.includes(figure));
      }
      expect(refuseSheet(makeRandomSheet(makeRandom(SEED), 'sheet00000', join)), join).to.equal(null);
    }
    expect(Object.values(SHEET_FIGURES).map(({ is }) => is)).to.include.members(['length', 'torque']);
  });
});
