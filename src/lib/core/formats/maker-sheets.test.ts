import { expect } from 'chai';
import { readFileSync } from 'node:fs';
import { newSheetRow, SHEET_JOINS, type MakerSheet } from '#core/catalogue';
import { inches } from '#core/units';
import { makeRandomSheet } from '#support/make-sheet.ts';
import { makeRandom } from '#support/random-run.ts';
import { makeSheetsTableSchema } from '../../../../scripts/make-json-schema.ts';
import { readSheet } from './maker-sheet.schema.ts';
import { getSheetKey, makeSheetsTable, readSheetsTable } from './maker-sheets-csv.ts';

const SEED = 15_402;
let made = 0;
const newId = (): string => `newsheet${String(made++).padStart(4, '0')}`;
const SHEET: MakerSheet = {
  id: 'sheet00000',
  maker: 'Quillmere',
  join: 'press-copper',
  source: 'sheet 12',
  rows: [{ ...newSheetRow('5/8 ACR'), depth: inches(0.75), spacing: inches(0.5) }],
};

describe('the table of makers’ sheets', () => {
  it(`gives back random sheets of every way of joining, in any order of its columns (seed ${SEED})`, () => {
    const random = makeRandom(SEED);
    for (let i = 0; i < 60; i++) {
      const sheets = SHEET_JOINS.map((join) =>
        makeRandomSheet(random, newId(), join, `Maker ${i}, “${join}”`),
      );
      for (const sheet of sheets) expect(readSheet(sheet)).to.deep.equal({ ok: true, value: sheet });
      const table = makeSheetsTable(sheets);
      for (const each of [table, table.map((row) => row.toReversed())])
        expect(readSheetsTable(each, sheets, newId)).to.deep.equal({ ok: true, value: sheets });
    }
  });

  it('writes a size as the sheet has it, lengths in millimetres and torques in newton metres', () => {
    const torque: MakerSheet = {
      ...SHEET,
      join: 'flare',
      rows: [{ ...newSheetRow('1/2 ACR'), torque: 47_450 }],
    };
    const [headings, press, flare] = makeSheetsTable([SHEET, torque]) as [string[], string[], string[]];
    const read = (row: string[], column: string): string => row[headings.indexOf(column)]!;
    expect([read(press, 'size'), read(press, 'depth (mm)'), read(press, 'spacing (mm)')]).to.deep.equal([
      '1/2 L',
      '19.05',
      '12.7',
    ]);
    expect(read(flare, 'torque (N m)')).to.equal('47.45');
  });

  it('what the shop has keeps its id, whatever blanks and letters its name is written with; lines of one sheet come together', () => {
    const table = makeSheetsTable([SHEET]);
    const again = table.map((row, i) =>
      i === 0 ? row : ['QUILLMERE', row[1]!, ' sheet   12', ...row.slice(3)],
    );
    const read = readSheetsTable(again, [SHEET], newId);
    expect(read.ok && read.value.map(({ id }) => id)).to.deep.equal([SHEET.id]);
    expect(getSheetKey(SHEET)).not.to.equal(getSheetKey({ ...SHEET, join: 'press-steel' }));
    const fresh = readSheetsTable(table, [], newId);
    expect(fresh.ok && fresh.value[0]!.id).to.match(/^newsheet/);
  });

  it('is refused at its line and its column, and nothing of it is taken', () => {
    const [headings, row] = makeSheetsTable([SHEET]) as [string[], string[]];
    const put = (column: string, cell: string, also: string[][] = []) =>
      readSheetsTable(
        [headings, row.map((each, i) => (headings[i] === column ? cell : each)), ...also],
        [],
        newId,
      );
    for (const [column, cell] of [
      ['maker', ''],
      ['sheet', ' '],
      ['joins', 'glue'],
      ['joins', 'fusion'],
      ['size', '9/16'],
      ['thread', 'npt'],
      ['depth (mm)', 'deep'],
      ['spacing (mm)', '-1'],
      ['torque (N m)', '40'],
      ['end fitting (mm)', '3'],
    ] as const) {
      const read = put(column, cell);
      expect(!read.ok && read.refusal, `${column} ${cell}`).to.deep.equal({
        code: 'table-cell',
        line: 2,
        column,
        read: cell.trim(),
      });
    }
    const twice = put('depth (mm)', '1', [row]);
    expect(!twice.ok && twice.refusal).to.deep.include({ code: 'sheet-twice', line: 3 });
    const nothing = readSheetsTable([headings, row.map((each, i) => (i < 4 ? each : ''))], [], newId);
    expect(!nothing.ok && nothing.refusal).to.deep.include({ code: 'sheet-nothing', line: 2 });
    const far = put('depth (mm)', '9999');
    expect(!far.ok && far.refusal).to.deep.include({ code: 'input-invalid', path: 'rows.0.depth' });
    expect(readSheetsTable([headings], [], newId)).to.deep.equal({
      ok: false,
      refusal: { code: 'table-empty' },
    });
    const none = readSheetsTable([['maker']], [], newId);
    expect(!none.ok && none.refusal).to.deep.equal({
      code: 'table-headings',
      missing: ['joins', 'sheet', 'size'],
    });
  });

  it('its published schema is made from its columns (npm run schemas)', () => {
    const published = JSON.parse(
      readFileSync('static/schemas/porthole-makers-1.schema.json', 'utf8'),
    ) as unknown;
    expect(published).to.deep.equal(JSON.parse(JSON.stringify(makeSheetsTableSchema())));
  });
});
