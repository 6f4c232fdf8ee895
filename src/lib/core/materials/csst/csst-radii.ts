import type { NominalSize } from '#core/ends';

/**
 * Bend radii of corrugated stainless tubing, inches, to the centre line. Makers differ in the absolute minimum: the larger figure met is
 * taken until the maker is known. Source: makers' sheets, the range met; approximate.
 */
export const CSST_RADII: readonly {
  readonly size: NominalSize;
  readonly least: number;
  readonly recommended: number;
}[] = [
  { size: '3/8', least: 1.5, recommended: 3 },
  { size: '1/2', least: 1.5, recommended: 3 },
  { size: '3/4', least: 2, recommended: 3 },
  { size: '1', least: 3, recommended: 5 },
  { size: '1-1/4', least: 4, recommended: 5 },
  { size: '1-1/2', least: 4, recommended: 5 },
  { size: '2', least: 6, recommended: 6 },
];
