import type { UnionRow } from '../malleable.ts';

/** Malleable unions, assembled end to end, inches: typical, and the range that is met. No standard fixes them: measure. */
export const unionsTable: readonly UnionRow[] = [
  { size: '1/8', endToEnd: 1.45, least: 1.4, most: 1.6, source: 'lengths met of malleable unions', confidence: 'approximate' },
  { size: '1/4', endToEnd: 1.55, least: 1.5, most: 1.65, source: 'lengths met of malleable unions', confidence: 'approximate' },
  { size: '3/8', endToEnd: 1.7, least: 1.6, most: 1.8, source: 'lengths met of malleable unions', confidence: 'approximate' },
  { size: '1/2', endToEnd: 1.88, least: 1.75, most: 1.95, source: 'lengths met of malleable unions', confidence: 'approximate' },
  { size: '3/4', endToEnd: 2.06, least: 1.95, most: 2.15, source: 'lengths met of malleable unions', confidence: 'approximate' },
  { size: '1', endToEnd: 2.28, least: 2.15, most: 2.4, source: 'lengths met of malleable unions', confidence: 'approximate' },
  { size: '1-1/4', endToEnd: 2.52, least: 2.4, most: 2.65, source: 'lengths met of malleable unions', confidence: 'approximate' },
  { size: '1-1/2', endToEnd: 2.7, least: 2.55, most: 2.85, source: 'lengths met of malleable unions', confidence: 'approximate' },
  { size: '2', endToEnd: 3.05, least: 2.9, most: 3.25, source: 'lengths met of malleable unions', confidence: 'approximate' },
  { size: '2-1/2', endToEnd: 3.55, least: 3.4, most: 3.8, source: 'lengths met of malleable unions', confidence: 'approximate' },
  { size: '3', endToEnd: 3.9, least: 3.7, most: 4.2, source: 'lengths met of malleable unions', confidence: 'approximate' },
  { size: '4', endToEnd: 4.7, least: 4.4, most: 5, source: 'lengths met of malleable unions', confidence: 'approximate' },
];
