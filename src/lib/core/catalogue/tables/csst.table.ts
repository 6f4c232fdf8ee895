import type { CsstRow } from '../tubes.ts';

/**
 * Corrugated stainless steel tubing: the outside over the jacket differs by maker, so a range is given. Inches.
 */
export const csstTable: readonly CsstRow[] = [
  { size: '3/8', ehd: '13 (some 15)', overJacketLow: 0.58, overJacketHigh: 0.66, source: 'makers’ sheets, range met', confidence: 'approximate' },
  { size: '1/2', ehd: '18, 19', overJacketLow: 0.76, overJacketHigh: 0.85, source: 'makers’ sheets, range met', confidence: 'approximate' },
  { size: '3/4', ehd: '23, 25', overJacketLow: 1.02, overJacketHigh: 1.12, source: 'makers’ sheets, range met', confidence: 'approximate' },
  { size: '1', ehd: '30, 31', overJacketLow: 1.28, overJacketHigh: 1.4, source: 'makers’ sheets, range met', confidence: 'approximate' },
  { size: '1-1/4', ehd: '37, 39', overJacketLow: 1.55, overJacketHigh: 1.7, source: 'makers’ sheets, range met', confidence: 'approximate' },
  { size: '1-1/2', ehd: '46, 48 (47 in some)', overJacketLow: 1.88, overJacketHigh: 2.05, source: 'makers’ sheets, range met', confidence: 'approximate' },
  { size: '2', ehd: '60, 62', overJacketLow: 2.42, overJacketHigh: 2.62, source: 'makers’ sheets, range met', confidence: 'approximate' },
];
