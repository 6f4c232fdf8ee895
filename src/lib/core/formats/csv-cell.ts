/** What a spreadsheet takes for the beginning of a formula, in either width. */
const BEGINS_FORMULA = /^[=+\-@\t\r\uFF1D\uFF0B\uFF0D\uFF20]/;
const NUMBER = /^-?\d+(?:\.\d+)?$/;

/** A cell that no spreadsheet takes for a formula: text that looks like one is quoted, a number below nothing stays a number. */
export const guardCell = (cell: string): string =>
  BEGINS_FORMULA.test(cell) && !NUMBER.test(cell) ? `'${cell}` : cell;

/** A cell as it was before it was guarded. */
export const unguardCell = (cell: string): string =>
  cell.startsWith("'") && guardCell(cell.slice(1)) === cell ? cell.slice(1) : cell;
