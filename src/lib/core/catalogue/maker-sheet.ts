import { NOMINAL_SIZES, type LegSize } from '#core/ends';
import { fields, ID, LIMITS, list, nameLine, oneOf, orNull, pattern, type TypeOf } from '#core/shapes';
import type { Length } from '#core/units';
import { JOINS } from './joins/joins.ts';
import { TUBE_JOINS, type TubeJoin } from './part.ts';
import { SHEET_FIGURE_FIELDS, SHEET_FIGURE_NAMES, type SheetFigure } from './sheet-figures.ts';
import { TAPER_FAMILIES, type TaperEnd } from './taper-end.ts';
import { ALL_TUBE_SIZES, getFirstSize, getNominalOfOutside, isCopperSize } from './tube-sizes.ts';

/** Ways of joining whose makers say figures of their own. What is melted is the pipe’s own, and by a procedure. */
export const SHEET_JOINS: readonly TubeJoin[] = TUBE_JOINS.filter((join) => JOINS[join].sheet.length > 0);

const THREAD = fields({
  system: oneOf(TAPER_FAMILIES),
  size: oneOf(NOMINAL_SIZES),
  gender: oneOf(['male', 'female']),
});

const ROW = fields({
  size: oneOf(ALL_TUBE_SIZES),
  /** Of an end fitting: its thread. Null in the lines of everything else. */
  thread: orNull(THREAD),
  ...SHEET_FIGURE_FIELDS,
});
/** What a sheet says of one size, or of the end fitting of a size with one thread; null where it says nothing. */
export type SheetRow = TypeOf<typeof ROW>;

/** A line of which nothing is said yet. */
export const newSheetRow = (size: LegSize, thread: TaperEnd | null = null): SheetRow => ({
  size,
  thread,
  depth: null,
  spacing: null,
  fitting: null,
  leastRadius: null,
  radius: null,
  torque: null,
});

/** The fields of a sheet beside its id. */
export const SHEET_FIELDS = {
  /** Whose parts they are, as the shop calls the maker. */
  maker: nameLine(LIMITS.name),
  join: oneOf(TUBE_JOINS),
  /** Which sheet it is: its title, number or date, so that it can be found again. */
  source: nameLine(LIMITS.place),
  rows: list(ROW, 1, LIMITS.sheetRows),
};

/** What one maker’s sheet says of the parts of one way of joining. It is used for that maker’s parts and for nobody else’s. */
export const MAKER_SHEET = fields({ id: pattern(ID), ...SHEET_FIELDS });
export type MakerSheet = TypeOf<typeof MAKER_SHEET>;
export type SheetSays = Omit<MakerSheet, 'id'>;

/** The sizes that parts of a way of joining are made in, each outside once, by its first name. */
export const listJoinSizes = (join: TubeJoin): readonly LegSize[] =>
  ALL_TUBE_SIZES.filter((size) => getFirstSize(size) === size && JOINS[join].isMadeIn(size));

/** What a size is called on such a sheet: plumbing tube goes by its nominal size where its fittings do. */
export const nameSheetSize = (join: TubeJoin, size: LegSize): LegSize =>
  JOINS[join].isNominal && isCopperSize(size) ? getNominalOfOutside(size) : size;

/** Why a sheet is not taken, and which of its lines it is (from 0). */
export type SheetRefusal = {
  readonly row: number;
  /** The line of the table it was read from; null where it was not. */
  readonly line: number | null;
} & (
  | { readonly code: 'sheet-size'; readonly join: TubeJoin; readonly size: LegSize }
  | { readonly code: 'sheet-figure'; readonly join: TubeJoin; readonly figure: SheetFigure }
  | {
      readonly code: 'sheet-thread' | 'sheet-twice' | 'sheet-radii' | 'sheet-nothing';
      readonly size: LegSize;
    }
);

const getKey = (size: LegSize, thread: TaperEnd | null): string =>
  `${getFirstSize(size)} ${thread ? `${thread.system} ${thread.size} ${thread.gender}` : ''}`;

/**
 * What keeps a sheet from being taken: a size its parts are not made in, a figure such parts do not have, a thread where none is or none where
 * one is, two lines of one thing, a least radius over the one recommended, a line that says nothing. Null where it may be taken.
 */
export function refuseSheet({ join, rows }: Pick<SheetSays, 'join' | 'rows'>): SheetRefusal | null {
  const sizes = new Set(listJoinSizes(join));
  const seen = new Set<string>();
  for (const [row, line] of rows.entries()) {
    const { size, thread } = line;
    if (!sizes.has(size)) return { code: 'sheet-size', row, line: null, join, size };
    const said = SHEET_FIGURE_NAMES.filter((figure) => line[figure] !== null);
    const figure = said.find((each) => !JOINS[join].sheet.includes(each));
    if (figure) return { code: 'sheet-figure', row, line: null, join, figure };
    if (said.length === 0) return { code: 'sheet-nothing', row, line: null, size };
    if (said.some((each) => (each === 'fitting') !== (thread !== null)))
      return { code: 'sheet-thread', row, line: null, size };
    const key = getKey(size, thread);
    if (seen.has(key)) return { code: 'sheet-twice', row, line: null, size };
    seen.add(key);
    if (line.leastRadius !== null && line.radius !== null && line.leastRadius > line.radius)
      return { code: 'sheet-radii', row, line: null, size };
  }
  return null;
}

/** The sheets that are gone by, one a way of joining at the most, each under its name. */
export type Sheets = Readonly<Record<string, SheetSays | undefined>>;
export const NO_SHEETS: Sheets = {};

/** A figure of a sheet, with whose it is. */
export interface SheetSaid {
  readonly value: Length;
  readonly maker: string;
  /** The maker and the sheet. */
  readonly source: string;
}

/** What a sheet says of a size (of the end fitting with a thread); null where none is gone by, and where it does not say it. */
export function findOnSheet(
  sheets: Sheets,
  join: TubeJoin,
  figure: SheetFigure,
  size: LegSize,
  thread: TaperEnd | null = null,
): SheetSaid | null {
  const sheet = sheets[join];
  if (!sheet) return null;
  const key = getKey(size, thread);
  const value = sheet.rows.find((row) => getKey(row.size, row.thread) === key)?.[figure] ?? null;
  return value === null ? null : { value, maker: sheet.maker, source: `${sheet.maker}, ${sheet.source}` };
}
