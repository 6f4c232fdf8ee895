import {
  JOINS,
  nameSheetSize,
  SHEET_FIGURE_NAMES,
  SHEET_FIGURES,
  type SheetFigure,
  type SheetRow,
  type SheetSaid,
  type SheetSays,
  type TaperEnd,
  type TubeJoin,
} from '#core/catalogue';
import type { LegSize } from '#core/ends';
import { toTorqueUnit, type LengthUnit, type Torque } from '#core/units';
import { sayNumber, sayTyped } from './length-text.ts';
import { MATERIAL_OF_PART } from './parts.ts';

const TUBES = {
  copper: 'copper',
  steel: MATERIAL_OF_PART.steel,
  csst: 'CSST',
  polyethylene: MATERIAL_OF_PART.polyethylene,
} as const;

/** The parts a sheet is of: `press fittings, copper`. */
export function nameSheetJoin(join: TubeJoin): string {
  const { name, tube } = JOINS[join];
  return name === TUBES[tube] ? `${name} and its fittings` : `${name} fittings, ${TUBES[tube]}`;
}

/** What a sheet says of a size, as its field is called. */
export const SHEET_FIGURE_WORDS: Readonly<Record<SheetFigure, string>> = {
  depth: 'tube goes in',
  spacing: 'pipe between two fittings',
  fitting: 'stop to face of the thread',
  leastRadius: 'least radius',
  radius: 'radius where there is room',
  torque: 'nut pulled to',
};

/** `28 lb·ft`, `38 N·m` */
export const sayTorque = (torque: Torque, unit: LengthUnit): string =>
  `${sayNumber(toTorqueUnit(torque, unit), 1)} ${unit === 'in' ? 'lb·ft' : 'N·m'}`;

const sayFigureOfSheet = (figure: SheetFigure, value: number, unit: LengthUnit): string =>
  SHEET_FIGURES[figure].is === 'torque' ? sayTorque(value, unit) : sayTyped(value, unit);

/** `1/2 NPT male` */
export const nameThread = ({ size, system, gender }: TaperEnd): string => `${size} ${system} ${gender}`;

/** What a line of a sheet is about: a size, or the end fitting of one with a thread. */
export const nameSheetRow = (join: TubeJoin, { size, thread }: Pick<SheetRow, 'size' | 'thread'>): string =>
  `${nameSheetSize(join, size)}${thread ? ` × ${nameThread(thread)}` : ''}`;

/** What a line says, as a list: `least radius 3 1/2 in, nut pulled to 38 lb·ft`. */
export const saySheetRow = (row: SheetRow, unit: LengthUnit): string =>
  SHEET_FIGURE_NAMES.flatMap((figure) => {
    const value = row[figure];
    return value === null ? [] : [`${SHEET_FIGURE_WORDS[figure]} ${sayFigureOfSheet(figure, value, unit)}`];
  }).join(', ');

/** Whose parts, by which sheet. */
export const nameSheet = ({ maker, source }: Pick<SheetSays, 'maker' | 'source'>): string =>
  `${maker}: ${source}`;

/** What a maker says of how tight, as a sentence. */
export const sayMakersTorque = ({ value, source }: SheetSaid, unit: LengthUnit): string =>
  `To ${sayTorque(value, unit)} by the maker’s sheet (${source}).`;

/** What nobody has said yet: then what is published of all makers holds. */
export const NO_MAKER = 'not said: what is published of all makers';

const inLine = (line: number | null, row: number): string =>
  line === null ? `Line ${row + 1} of the sheet` : `Line ${line} of the table`;

/** Why a sheet is not taken. */
export const SHEET_REFUSALS = {
  'sheet-size': ({
    line,
    row,
    join,
    size,
  }: {
    line: number | null;
    row: number;
    join: TubeJoin;
    size: LegSize;
  }) => `${inLine(line, row)}: ${nameSheetJoin(join)} are not made in ${size}. Choose one of their sizes.`,
  'sheet-figure': ({
    line,
    row,
    join,
    figure,
  }: {
    line: number | null;
    row: number;
    join: TubeJoin;
    figure: SheetFigure;
  }) =>
    `${inLine(line, row)}: “${SHEET_FIGURE_WORDS[figure]}” is nothing that a sheet of ${nameSheetJoin(join)} says. Leave it empty.`,
  'sheet-thread': ({ line, row, size }: { line: number | null; row: number; size: LegSize }) =>
    `${inLine(line, row)}, ${size}: a thread is said of an end fitting and of nothing else. Give the end fitting a line of its own, with its thread.`,
  'sheet-twice': ({ line, row, size }: { line: number | null; row: number; size: LegSize }) =>
    `${inLine(line, row)}: ${size} stands on the sheet twice. Put what is said of it in one line.`,
  'sheet-radii': ({ line, row, size }: { line: number | null; row: number; size: LegSize }) =>
    `${inLine(line, row)}, ${size}: the least radius is over the one where there is room. Look which is which.`,
  'sheet-nothing': ({ line, row, size }: { line: number | null; row: number; size: LegSize }) =>
    `${inLine(line, row)}: nothing is said of ${size}. Fill in a figure, or leave the line out.`,
  'sheet-named-twice': ({ maker, source }: { maker: string; source: string }) =>
    `The shop has a sheet “${source}” of ${maker} for these fittings already. Edit that one, or call this one otherwise.`,
  'sheets-full': ({ most }: { most: number }) =>
    `The shop keeps ${most} sheets, which is all that are kept. Take one away that nobody uses.`,
} as const;
