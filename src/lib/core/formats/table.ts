import { accept, refuse, type Result } from '#core/outcome';
import { toMillimetres, type Length } from '#core/units';
import type { InputRefusal } from './read-with.ts';

/** A column of a table that comes in and goes out. */
export interface Column {
  readonly name: string;
  /** What stands in it, for those who make such a table. */
  readonly says: string;
  readonly isNeeded: boolean;
  readonly among?: readonly string[];
  readonly isNumber?: boolean;
}

/** Why a table is not taken: headings it lacks, or a line (the headings are line 1), which column of it, and what stood there. */
export type TableRefusal =
  | { readonly code: 'table-headings'; readonly missing: readonly string[] }
  | { readonly code: 'table-cell'; readonly line: number; readonly column: string; readonly read: string }
  | { readonly code: 'table-too-long'; readonly lines: number; readonly most: number }
  | { readonly code: 'table-empty' };

/** A line of a table, by the names of its columns. */
export interface TableLine<Name extends string> {
  /** The headings are line 1. */
  readonly line: number;
  /** What stands in a column, without the blanks round it; empty where there is no such column. */
  readonly cell: (name: Name) => string;
  /** The same as it is written: of free text. */
  readonly raw: (name: Name) => string;
  /** One of these, whatever its case; undefined where it is none. */
  readonly among: <Value extends string>(values: readonly Value[], name: Name) => Value | undefined;
  /** A number with a point or a comma; null where nothing stands, NaN where it is none. */
  readonly number: (name: Name) => number | null;
  /** What stands there cannot be. */
  readonly wrong: (name: Name) => { readonly ok: false; readonly refusal: TableRefusal };
}

/** A table read by its headings, whatever their order; lines in which nothing stands are left out. What is too long is not read before that is said. */
export function openTable<Name extends string>(
  [headings = [], ...lines]: readonly (readonly string[])[],
  columns: readonly (Column & { readonly name: Name })[],
  most: number,
): Result<readonly TableLine<Name>[], TableRefusal> {
  const places = new Map(headings.map((heading, i) => [heading.trim().toLowerCase(), i]));
  const missing = columns.filter(({ name, isNeeded }) => isNeeded && !places.has(name.toLowerCase()));
  if (missing.length > 0) return refuse({ code: 'table-headings', missing: missing.map(({ name }) => name) });
  if (lines.length > most) return refuse({ code: 'table-too-long', lines: lines.length, most });
  const said = lines.flatMap((row, i) =>
    row.every((cell) => cell.trim() === '') ? [] : [readLine<Name>(row, places, i + 2)],
  );
  return said.length > 0 ? accept(said) : refuse({ code: 'table-empty' });
}

function readLine<Name extends string>(
  row: readonly string[],
  places: ReadonlyMap<string, number>,
  line: number,
): TableLine<Name> {
  const raw = (name: Name): string => row[places.get(name.toLowerCase()) ?? -1] ?? '';
  const cell = (name: Name): string => raw(name).trim();
  return {
    line,
    cell,
    raw,
    among: (values, name) => values.find((each) => each === cell(name).toLowerCase()),
    number: (name) => {
      const said = cell(name);
      if (said === '') return null;
      return /^\d+([.,]\d+)?$/.test(said) ? Number(said.replace(',', '.')) : Number.NaN;
    },
    wrong: (name) => refuse({ code: 'table-cell', line, column: name, read: cell(name) }),
  };
}

/** Reads line after line; the first that is wrong refuses the table. */
export function readLines<Name extends string, Value>(
  lines: readonly TableLine<Name>[],
  read: (line: TableLine<Name>) => Result<Value, TableRefusal | InputRefusal>,
): Result<Value[], TableRefusal | InputRefusal> {
  const values: Value[] = [];
  for (const line of lines) {
    const value = read(line);
    if (!value.ok) return value;
    values.push(value.value);
  }
  return accept(values);
}

/** A length as a table has it, millimetres to the nanometre. */
export const writeMillimetres = (length: Length): string => String(Number(toMillimetres(length).toFixed(6)));
