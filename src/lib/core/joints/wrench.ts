import { NOMINAL_SIZES, type NominalSize } from '#core/ends';

/** Pipe wrench for a size, inches of wrench length: least and most. */
export interface WrenchSize {
  readonly least: number;
  readonly most: number;
}

/** Rows: up to and including this pipe size, that wrench. Shop practice; a wrench too long takes away the feel. */
const WRENCHES: readonly [upTo: NominalSize, WrenchSize][] = [
  ['1/2', { least: 10, most: 12 }],
  ['3/4', { least: 14, most: 14 }],
  ['1', { least: 14, most: 18 }],
  ['1-1/2', { least: 18, most: 24 }],
  ['2', { least: 24, most: 24 }],
  ['2-1/2', { least: 24, most: 36 }],
  ['3-1/2', { least: 36, most: 48 }],
  ['4', { least: 48, most: 60 }],
];

/** The usual pipe wrench for a nominal size. */
export function getWrench(size: NominalSize): WrenchSize {
  const place = NOMINAL_SIZES.indexOf(size);
  const row = WRENCHES.find(([upTo]) => NOMINAL_SIZES.indexOf(upTo) >= place);
  if (!row) throw new Error(`no wrench for ${size}`);
  return row[1];
}
