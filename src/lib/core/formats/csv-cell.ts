/** What a spreadsheet takes for the beginning of a formula, in either width. */
const FORMULA = '[=+\\-@\\uFF1D\\uFF0B\\uFF0D\\uFF20]';
/**
 * Where a cell begins, or could begin for a spreadsheet that parts cells by something else than we do: after a semicolon, a comma, a tab or a line.
 * Blanks before the sign do not hide it; apostrophes before it are counted, so that one more can be taken off again.
 */
const BEGINS = new RegExp(`(^|[;,\\t\\r\\n|])('*)( *${FORMULA})`, 'g');
const GUARDED = new RegExp(`(^|[;,\\t\\r\\n|])'('*)( *${FORMULA})`, 'g');
const NUMBER = /^-?\d+(?:\.\d+)?$/;

/** A cell that no spreadsheet takes for a formula, nor any part of it: an apostrophe stands before what looks like one; a number below nothing stays a number. */
export const guardCell = (cell: string): string =>
  NUMBER.test(cell) ? cell : cell.replace(BEGINS, "$1'$2$3");

/** A cell as it was before it was guarded. */
export const unguardCell = (cell: string): string => cell.replace(GUARDED, '$1$2$3');
