import type { NippleRow } from '../nipple.ts';

/** Lengths in which threaded nipples are bought, inches: the close one, then the standard lengths. */
export const nipplesTable: readonly NippleRow[] = [
  { size: '1/8', close: 0.75, standard: [1.5, 2, 2.5, 3, 3.5, 4, 4.5, 5, 5.5, 6, 7, 8, 9, 10, 11, 12], source: 'lengths of bought nipples', confidence: 'likely' },
  { size: '1/4', close: 0.875, standard: [1.5, 2, 2.5, 3, 3.5, 4, 4.5, 5, 5.5, 6, 7, 8, 9, 10, 11, 12], source: 'lengths of bought nipples', confidence: 'likely' },
  { size: '3/8', close: 1, standard: [1.5, 2, 2.5, 3, 3.5, 4, 4.5, 5, 5.5, 6, 7, 8, 9, 10, 11, 12], source: 'lengths of bought nipples', confidence: 'likely' },
  { size: '1/2', close: 1.125, standard: [1.5, 2, 2.5, 3, 3.5, 4, 4.5, 5, 5.5, 6, 7, 8, 9, 10, 11, 12], source: 'lengths of bought nipples', confidence: 'likely' },
  { size: '3/4', close: 1.375, standard: [1.5, 2, 2.5, 3, 3.5, 4, 4.5, 5, 5.5, 6, 7, 8, 9, 10, 11, 12], source: 'lengths of bought nipples', confidence: 'likely' },
  { size: '1', close: 1.5, standard: [2, 2.5, 3, 3.5, 4, 4.5, 5, 5.5, 6, 7, 8, 9, 10, 11, 12], source: 'lengths of bought nipples', confidence: 'likely' },
  { size: '1-1/4', close: 1.625, standard: [2, 2.5, 3, 3.5, 4, 4.5, 5, 5.5, 6, 7, 8, 9, 10, 11, 12], source: 'lengths of bought nipples', confidence: 'likely' },
  { size: '1-1/2', close: 1.75, standard: [2, 2.5, 3, 3.5, 4, 4.5, 5, 5.5, 6, 7, 8, 9, 10, 11, 12], source: 'lengths of bought nipples', confidence: 'likely' },
  { size: '2', close: 2, standard: [2.5, 3, 3.5, 4, 4.5, 5, 5.5, 6, 7, 8, 9, 10, 11, 12], source: 'lengths of bought nipples', confidence: 'likely' },
  { size: '2-1/2', close: 2.5, standard: [3, 3.5, 4, 4.5, 5, 5.5, 6, 7, 8, 9, 10, 11, 12], source: 'lengths of bought nipples', confidence: 'likely' },
  { size: '3', close: 2.625, standard: [3, 3.5, 4, 4.5, 5, 5.5, 6, 7, 8, 9, 10, 11, 12], source: 'lengths of bought nipples', confidence: 'likely' },
  { size: '3-1/2', close: 2.75, standard: [4, 4.5, 5, 5.5, 6, 7, 8, 9, 10, 11, 12], source: 'lengths of bought nipples', confidence: 'approximate' },
  { size: '4', close: 2.875, standard: [4, 4.5, 5, 5.5, 6, 7, 8, 9, 10, 11, 12], source: 'lengths of bought nipples', confidence: 'likely' },
];
