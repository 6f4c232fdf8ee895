import {
  readTaperEnd,
  JOINS,
  listJoinSizes,
  makeTaperEnd,
  nameSheetSize,
  newSheetRow,
  refuseSheet,
  SHEET_FIGURE_NAMES,
  SHEET_FIGURES,
  SHEET_JOINS,
  type MakerSheet,
  type SheetFigure,
  type SheetRefusal,
  type SheetRow,
  type SheetSays,
  type TubeJoin,
} from '#core/catalogue';
import type { LegSize } from '#core/ends';
import { accept, refuse, type Result } from '#core/outcome';
import { LIMITS } from '#core/shapes';
import { millimetres } from '#core/units';
import { readEndCode, writeEndCode } from './end-code.ts';
import { readSheet } from './maker-sheet.schema.ts';
import type { InputRefusal } from './read-with.ts';
import {
  openTable,
  readLines,
  writeMillimetres,
  type Column,
  type TableLine,
  type TableRefusal,
} from './table.ts';

/** The version of the table below; its schema is published. */
export const SHEETS_TABLE_VERSION = 1;

/** The column of each figure of a sheet. */
export const SHEET_COLUMN_OF = {
  depth: 'depth (mm)',
  spacing: 'spacing (mm)',
  fitting: 'end fitting (mm)',
  leastRadius: 'least radius (mm)',
  radius: 'radius (mm)',
  torque: 'torque (N m)',
} as const satisfies Readonly<Record<SheetFigure, string>>;

/** The columns of a table of makers’ sheets, in order: a line for each size, and for each thread of an end fitting. */
export const SHEET_COLUMNS = [
  { name: 'maker', says: 'whose parts they are, as the shop calls the maker', isNeeded: true },
  { name: 'joins', says: 'the way of joining the line is about', isNeeded: true, among: SHEET_JOINS },
  { name: 'sheet', says: 'which sheet it is: its title, number or date', isNeeded: true },
  { name: 'size', says: 'the size of the tube, as the lists of parts have it', isNeeded: true },
  { name: 'thread', says: 'of an end fitting: the id of its thread (npt-1/2-male); empty in all other lines', isNeeded: false },
  { name: 'depth (mm)', says: 'how far the tube goes in, to its stop', isNeeded: false, isNumber: true },
  { name: 'spacing (mm)', says: 'how much pipe must stand between two pressed fittings', isNeeded: false, isNumber: true },
  { name: 'end fitting (mm)', says: 'from the stop of the tube to the face of the thread, of a male one to its end', isNeeded: false, isNumber: true },
  { name: 'least radius (mm)', says: 'to the centre line: under it the tubing is not bent', isNeeded: false, isNumber: true },
  { name: 'radius (mm)', says: 'to the centre line: what it is bent to where there is room', isNeeded: false, isNumber: true },
  { name: 'torque (N m)', says: 'what the nut is pulled to', isNeeded: false, isNumber: true },
] as const satisfies readonly Column[]; // prettier-ignore
type ColumnName = (typeof SHEET_COLUMNS)[number]['name'];

const writeFigure = (figure: SheetFigure, value: number | null): string => {
  if (value === null) return '';
  return SHEET_FIGURES[figure].is === 'length' ? writeMillimetres(value) : String(value / 1000);
};

/** Sheets as a table, headings first. Whoever writes the file quotes it. */
export const makeSheetsTable = (sheets: readonly MakerSheet[]): string[][] => [
  SHEET_COLUMNS.map(({ name }) => name),
  ...sheets.flatMap(({ maker, join, source, rows }) =>
    rows.map((row) => [
      maker,
      join,
      source,
      nameSheetSize(join, row.size),
      row.thread ? writeEndCode(makeTaperEnd(row.thread.system, row.thread.size, row.thread.gender)) : '',
      ...SHEET_FIGURE_NAMES.map((figure) => writeFigure(figure, row[figure])),
    ]),
  ),
];

interface ReadLine extends Pick<SheetSays, 'maker' | 'join' | 'source'> {
  readonly line: number;
  readonly row: SheetRow;
}

type SheetsTableRefusal = TableRefusal | InputRefusal | SheetRefusal;

/**
 * Reads a table of sheets, by its headings, whatever their order: the lines of one maker, way of joining and sheet are one sheet. The first cell that is wrong
 * refuses all of it. A sheet that is among `known` keeps its id; others get ids of `newId`.
 */
export function readSheetsTable(
  table: readonly (readonly string[])[],
  known: readonly MakerSheet[],
  newId: () => string,
): Result<MakerSheet[], SheetsTableRefusal> {
  const opened = openTable(table, SHEET_COLUMNS, LIMITS.sheetLines);
  if (!opened.ok) return opened;
  const read = readLines(opened.value, readRow);
  if (!read.ok) return read;
  const sorted = new Map<string, ReadLine[]>();
  for (const each of read.value) {
    const key = getSheetKey(each);
    sorted.set(key, [...(sorted.get(key) ?? []), each]);
  }
  const ids = new Map(known.map((sheet) => [getSheetKey(sheet), sheet.id]));
  const sheets: MakerSheet[] = [];
  for (const [key, lines] of sorted) {
    const { maker, join, source } = lines[0]!;
    const rows = lines.map(({ row }) => row);
    const refusal = refuseSheet({ join, rows });
    if (refusal) return refuse({ ...refusal, line: lines[refusal.row]!.line });
    const sheet = readSheet({ id: ids.get(key) ?? newId(), maker, join, source, rows });
    if (!sheet.ok) return sheet;
    sheets.push(sheet.value);
  }
  return accept(sheets);
}

const fold = (text: string): string => text.trim().toLowerCase().replace(/\s+/g, ' ');

/** By what a sheet is known: one maker has one sheet of a name for a way of joining. */
export const getSheetKey = ({ maker, join, source }: Pick<SheetSays, 'maker' | 'join' | 'source'>): string =>
  JSON.stringify([fold(maker), join, fold(source)]);

/** A size as a sheet has it, or as it stands in a run. */
const readSize = (join: TubeJoin, said: string): LegSize | undefined => {
  const sizes = listJoinSizes(join);
  return sizes.find((size) => nameSheetSize(join, size) === said) ?? sizes.find((size) => size === said);
};

function readRow(line: TableLine<ColumnName>): Result<ReadLine, TableRefusal> {
  const { cell, raw, wrong } = line;
  for (const name of ['maker', 'sheet'] as const) if (cell(name) === '') return wrong(name);
  const join = line.among(SHEET_JOINS, 'joins');
  if (!join) return wrong('joins');
  const size = readSize(join, cell('size'));
  if (!size) return wrong('size');
  const end = cell('thread') === '' ? null : readEndCode(cell('thread'));
  const thread = end && readTaperEnd(end);
  if (cell('thread') !== '' && !thread) return wrong('thread');
  const figures: Partial<Record<SheetFigure, number | null>> = {};
  for (const figure of SHEET_FIGURE_NAMES) {
    const column = SHEET_COLUMN_OF[figure];
    const value = line.number(column);
    if (Number.isNaN(value) || (value !== null && !JOINS[join].sheet.includes(figure))) return wrong(column);
    const scaled =
      SHEET_FIGURES[figure].is === 'length' ? millimetres : (each: number) => Math.round(each * 1000);
    figures[figure] = value === null ? null : scaled(value);
  }
  const row: SheetRow = { ...newSheetRow(size, thread), ...figures };
  return accept({ line: line.line, maker: raw('maker').trim(), join, source: raw('sheet').trim(), row });
}
