import { SHOP_PART_KINDS, SHOP_PART_MATERIALS, type ShopPart } from '#core/catalogue';
import { accept, refuse, type Result } from '#core/outcome';
import { toMillimetres, type Length, millimetres } from '#core/units';
import { readEndCode, writeEndCode } from './end-code.ts';
import { LIMITS } from '#core/shapes';
import { shopPartSchema } from './shop-part.schema.ts';
import { readWith, type InputRefusal } from './read-with.ts';

/** The version of the table below; its schema is published. */
export const SHOP_PARTS_TABLE_VERSION = 1;

interface Column {
  readonly name: string;
  /** What stands in it, for those who make such a table. */
  readonly says: string;
  readonly isNeeded: boolean;
  readonly among?: readonly string[];
}

/** The columns of a table of a shop's own parts, in order. */
export const SHOP_PART_COLUMNS = [
  { name: 'id', says: 'of a part that is there already, to write over it; empty for a new one', isNeeded: false },
  { name: 'name', says: 'as the shop calls it', isNeeded: true },
  { name: 'kind', says: 'what it is', isNeeded: true, among: SHOP_PART_KINDS },
  { name: 'material', says: 'what it is made of', isNeeded: true, among: SHOP_PART_MATERIALS },
  { name: 'end one', says: 'the id of a listed thread (npt-3/4-male), or tube, socket, fusion-face, flange; after bars what is otherwise than usual (npsm-1/2-female | seat 30)', isNeeded: true },
  { name: 'end two', says: 'likewise', isNeeded: true },
  { name: 'length (mm)', says: 'over all; empty while not measured', isNeeded: false },
  { name: 'price', says: 'of one, with a point; empty while not said', isNeeded: false },
  { name: 'note', says: 'anything else', isNeeded: false },
  { name: 'retired', says: 'yes: no longer bought; else no', isNeeded: false, among: ['yes', 'no'] },
] as const satisfies readonly Column[]; // prettier-ignore
type ColumnName = (typeof SHOP_PART_COLUMNS)[number]['name'];

/** A line of a table that is no part: which line (the headings are line 1), which column, and what stood there. */
export type TableRefusal =
  | { readonly code: 'parts-table-headings'; readonly missing: readonly string[] }
  | {
      readonly code: 'parts-table-cell';
      readonly line: number;
      readonly column: string;
      readonly read: string;
    }
  | { readonly code: 'parts-table-too-long'; readonly lines: number; readonly most: number }
  | { readonly code: 'parts-table-empty' };

/** The shop's own parts as a table, headings first. Whoever writes the file quotes it. */
export const makeShopPartsTable = (parts: readonly ShopPart[]): string[][] => [
  SHOP_PART_COLUMNS.map(({ name }) => name),
  ...parts.map(({ id, name, kind, material, ends, length, price, note, retired }) => [
    id, name, kind, material, writeEndCode(ends[0]), writeEndCode(ends[1]), length === null ? '' : writeMillimetres(length),
    price === null ? '' : (price / 100).toFixed(2), note, retired ? 'yes' : 'no',
  ]),
]; // prettier-ignore

const writeMillimetres = (length: Length): string => String(Number(toMillimetres(length).toFixed(6)));

/** Reads a table of parts, by its headings, whatever their order. The first cell that is wrong refuses it; new parts get ids of `newId`. */
export function readShopPartsTable(
  rows: readonly (readonly string[])[],
  newId: () => string,
): Result<ShopPart[], TableRefusal | InputRefusal> {
  const [headings = [], ...lines] = rows;
  const places = new Map(headings.map((heading, i) => [heading.trim().toLowerCase(), i]));
  const missing = SHOP_PART_COLUMNS.filter(({ name, isNeeded }) => isNeeded && !places.has(name)).map(({ name }) => name);
  if (missing.length > 0) return refuse({ code: 'parts-table-headings', missing });
  // What is too long is not read line by line before that is said.
  if (lines.length > LIMITS.shopParts)
    return refuse({ code: 'parts-table-too-long', lines: lines.length, most: LIMITS.shopParts });
  const parts: ShopPart[] = [];
  for (const [i, row] of lines.entries()) {
    if (row.every((cell) => cell.trim() === '')) continue;
    // What is free text stays as it is written; all else is read without the blanks round it.
    const raw = (name: ColumnName): string => row[places.get(name) ?? -1] ?? '';
    const read = readRow((name) => raw(name).trim(), raw, i + 2, newId);
    if (!read.ok) return read;
    parts.push(read.value);
  }
  return parts.length > 0 ? accept(parts) : refuse({ code: 'parts-table-empty' });
} // prettier-ignore

function readRow(
  cell: (name: ColumnName) => string,
  raw: (name: ColumnName) => string,
  line: number,
  newId: () => string,
): Result<ShopPart, TableRefusal | InputRefusal> {
  const wrong = (column: ColumnName) => refuse({ code: 'parts-table-cell', line, column, read: cell(column) } as const);
  const among = <Value extends string>(values: readonly Value[], name: ColumnName): Value | undefined =>
    values.find((each) => each === cell(name).toLowerCase());
  const number = (name: ColumnName): number | null => (cell(name) === '' ? null : /^\d+([.,]\d+)?$/.test(cell(name)) ? Number(cell(name).replace(',', '.')) : Number.NaN);
  const kind = among(SHOP_PART_KINDS, 'kind');
  if (!kind) return wrong('kind');
  const material = among(SHOP_PART_MATERIALS, 'material');
  if (!material) return wrong('material');
  const [one, other] = [readEndCode(cell('end one')), readEndCode(cell('end two'))];
  if (!one) return wrong('end one');
  if (!other) return wrong('end two');
  const [length, price] = [number('length (mm)'), number('price')];
  if (Number.isNaN(length) || length === 0) return wrong('length (mm)');
  if (Number.isNaN(price)) return wrong('price');
  const retired = among(['yes', 'no', ''], 'retired');
  if (retired === undefined) return wrong('retired');
  if (cell('name') === '') return wrong('name');
  return readWith(shopPartSchema, {
    id: cell('id') || newId(),
    name: raw('name'),
    kind,
    material,
    ends: [one, other],
    length: length === null ? null : millimetres(length),
    price: price === null ? null : Math.round(price * 100),
    note: raw('note'),
    retired: retired === 'yes',
  });
} // prettier-ignore
