import type { Flare37Row } from '../small-threads.ts';

/**
 * Threads of 37° flare fittings by tube outside diameter and dash size (sixteenths). Inches. Hydraulic: not for gas tube.
 */
export const flare37Table: readonly Flare37Row[] = [
  { tube: '1/8', dash: 2, thread: '5/16-24 UNF', major: 0.3125, n: 24, source: 'SAE J514', confidence: 'certain' },
  { tube: '3/16', dash: 3, thread: '3/8-24 UNF', major: 0.375, n: 24, source: 'SAE J514', confidence: 'certain' },
  { tube: '1/4', dash: 4, thread: '7/16-20 UNF', major: 0.4375, n: 20, source: 'SAE J514', confidence: 'certain' },
  { tube: '5/16', dash: 5, thread: '1/2-20 UNF', major: 0.5, n: 20, source: 'SAE J514', confidence: 'certain' },
  { tube: '3/8', dash: 6, thread: '9/16-18 UNF', major: 0.5625, n: 18, source: 'SAE J514', confidence: 'certain' },
  { tube: '1/2', dash: 8, thread: '3/4-16 UNF', major: 0.75, n: 16, source: 'SAE J514', confidence: 'certain' },
  { tube: '5/8', dash: 10, thread: '7/8-14 UNF', major: 0.875, n: 14, source: 'SAE J514', confidence: 'certain' },
  { tube: '3/4', dash: 12, thread: '1-1/16-12 UN', major: 1.0625, n: 12, source: 'SAE J514', confidence: 'certain' },
  { tube: '7/8', dash: 14, thread: '1-3/16-12 UN', major: 1.1875, n: 12, source: 'SAE J514', confidence: 'likely' },
  { tube: '1', dash: 16, thread: '1-5/16-12 UN', major: 1.3125, n: 12, source: 'SAE J514', confidence: 'certain' },
  { tube: '1-1/4', dash: 20, thread: '1-5/8-12 UN', major: 1.625, n: 12, source: 'SAE J514', confidence: 'certain' },
  { tube: '1-1/2', dash: 24, thread: '1-7/8-12 UN', major: 1.875, n: 12, source: 'SAE J514', confidence: 'certain' },
  { tube: '2', dash: 32, thread: '2-1/2-12 UN', major: 2.5, n: 12, source: 'SAE J514', confidence: 'certain' },
];
