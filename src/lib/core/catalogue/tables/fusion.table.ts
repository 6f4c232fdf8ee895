import type { BeadRow, OpenTimeRow } from '../ground-tables.ts';

/** How large the bead is, all round, when heating ends; by the pipe's nominal size up to and including. Inches. */
export const beadTable: readonly BeadRow[] = [
  { upTo: '1-1/4', least: 1 / 32, most: 1 / 16, source: 'ASTM F2620', confidence: 'certain' },
  { upTo: '3', least: 1 / 16, most: 1 / 16, source: 'ASTM F2620', confidence: 'certain' },
];

/** How long the ends may be apart between iron and joining, seconds; by the wall, inches, up to and including. */
export const openTimeTable: readonly OpenTimeRow[] = [
  { upTo: 0.17, seconds: 4, source: 'older tables by size: 1-1/4 and smaller 4 s', confidence: 'approximate' },
  { upTo: 0.36, seconds: 8, source: 'ASTM F2620, field', confidence: 'likely' },
  { upTo: 0.55, seconds: 10, source: 'ASTM F2620, field', confidence: 'likely' },
];
