import { SHOP_PART_KINDS, SHOP_PART_MATERIALS, type ShopPart } from '#core/catalogue';
import type { Result } from '#core/outcome';
import { millimetres } from '#core/units';
import { readEndCode, writeEndCode } from './end-code.ts';
import { LIMITS } from '#core/shapes';
import { shopPartSchema } from './shop-part.schema.ts';
import { readWith, type InputRefusal } from './read-with.ts';
import {
  openTable,
  readLines,
  writeMillimetres,
  type Column,
  type TableLine,
  type TableRefusal,
} from './table.ts';

/** The version of the table below; its schema is published. */
export const SHOP_PARTS_TABLE_VERSION = 1;

/** The columns of a table of a shop's own parts, in order. */
export const SHOP_PART_COLUMNS = [
  { name: 'id', says: 'of a part that is there already, to write over it; empty for a new one', isNeeded: false },
  { name: 'name', says: 'as the shop calls it', isNeeded: true },
  { name: 'kind', says: 'what it is', isNeeded: true, among: SHOP_PART_KINDS },
  { name: 'material', says: 'what it is made of', isNeeded: true, among: SHOP_PART_MATERIALS },
  { name: 'end one', says: 'the id of a listed thread (npt-3/4-male), or tube, socket, fusion-face, flange; after bars what is otherwise than usual (npsm-1/2-female | seat 30)', isNeeded: true },
  { name: 'end two', says: 'likewise', isNeeded: true },
  { name: 'length (mm)', says: 'over all; empty while not measured', isNeeded: false, isNumber: true },
  { name: 'price', says: 'of one, with a point; empty while not said', isNeeded: false, isNumber: true },
  { name: 'note', says: 'anything else', isNeeded: false },
  { name: 'retired', says: 'yes: no longer bought; else no', isNeeded: false, among: ['yes', 'no'] },
] as const satisfies readonly Column[]; // prettier-ignore
type ColumnName = (typeof SHOP_PART_COLUMNS)[number]['name'];

/** The shop's own parts as a table, headings first. Whoever writes the file quotes it. */
export const makeShopPartsTable = (parts: readonly ShopPart[]): string[][] => [
  SHOP_PART_COLUMNS.map(({ name }) => name),
  ...parts.map(({ id, name, kind, material, ends, length, price, note, retired }) => [
    id,
    name,
    kind,
    material,
    writeEndCode(ends[0]),
    writeEndCode(ends[1]),
    length === null ? '' : writeMillimetres(length),
    price === null ? '' : (price / 100).toFixed(2),
    note,
    retired ? 'yes' : 'no',
  ]),
];

/** Reads a table of parts, by its headings, whatever their order. The first cell that is wrong refuses it; new parts get ids of `newId`. */
export function readShopPartsTable(
  rows: readonly (readonly string[])[],
  newId: () => string,
): Result<ShopPart[], TableRefusal | InputRefusal> {
  const lines = openTable(rows, SHOP_PART_COLUMNS, LIMITS.shopParts);
  return lines.ok ? readLines(lines.value, (line) => readRow(line, newId)) : lines;
}

function readRow(
  { cell, raw, among, number, wrong }: TableLine<ColumnName>,
  newId: () => string,
): Result<ShopPart, TableRefusal | InputRefusal> {
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
}
