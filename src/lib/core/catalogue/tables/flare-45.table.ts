import type { FlareRow } from '../small-threads.ts';

/**
 * Threads of 45° flare fittings by tube outside diameter, and those of gas appliance connectors. Inches.
 * The connector for 1 in tube is left out: its thread is not known with confidence.
 */
export const flare45Table: readonly FlareRow[] = [
  { series: 'sae-45', tube: '1/8', tubeOutside: 0.125, thread: '5/16-24 UNF', major: 0.3125, n: 24, nutMinor: 0.267, acrossFlats: '3/8', source: 'SAE J512 and J513', confidence: 'certain' },
  { series: 'sae-45', tube: '3/16', tubeOutside: 0.1875, thread: '3/8-24 UNF', major: 0.375, n: 24, nutMinor: 0.33, acrossFlats: '7/16', source: 'SAE J512 and J513', confidence: 'certain' },
  { series: 'sae-45', tube: '1/4', tubeOutside: 0.25, thread: '7/16-20 UNF', major: 0.4375, n: 20, nutMinor: 0.383, acrossFlats: '9/16', source: 'SAE J512 and J513', confidence: 'certain' },
  { series: 'sae-45', tube: '5/16', tubeOutside: 0.3125, thread: '1/2-20 UNF', major: 0.5, n: 20, nutMinor: 0.446, acrossFlats: '5/8', source: 'SAE J512 and J513', confidence: 'certain' },
  { series: 'sae-45', tube: '3/8', tubeOutside: 0.375, thread: '5/8-18 UNF', major: 0.625, n: 18, nutMinor: 0.565, acrossFlats: '3/4', source: 'SAE J512 and J513', confidence: 'certain' },
  { series: 'sae-45', tube: '7/16', tubeOutside: 0.4375, thread: '11/16-16 UN', major: 0.6875, n: 16, nutMinor: 0.62, acrossFlats: '13/16', source: 'SAE J512 and J513', confidence: 'likely' },
  { series: 'sae-45', tube: '1/2', tubeOutside: 0.5, thread: '3/4-16 UNF', major: 0.75, n: 16, nutMinor: 0.682, acrossFlats: '7/8', source: 'SAE J512 and J513', confidence: 'certain' },
  { series: 'sae-45', tube: '5/8', tubeOutside: 0.625, thread: '7/8-14 UNF', major: 0.875, n: 14, nutMinor: 0.798, acrossFlats: '1-1/16', source: 'SAE J512 and J513', confidence: 'certain' },
  { series: 'sae-45', tube: '3/4', tubeOutside: 0.75, thread: '1-1/16-14 UNS', major: 1.0625, n: 14, nutMinor: 0.985, acrossFlats: '1-1/4', source: 'SAE J512 and J513', confidence: 'certain' },
  { series: 'sae-45', tube: '7/8', tubeOutside: 0.875, thread: '1-1/4-12 UNF', major: 1.25, n: 12, nutMinor: 1.16, acrossFlats: '1-7/16', source: 'SAE J512 and J513', confidence: 'likely' },
  { series: 'sae-45', tube: '1', tubeOutside: 1, thread: '1-3/8-12 UNF', major: 1.375, n: 12, nutMinor: 1.285, acrossFlats: '1-5/8', source: 'SAE J512 and J513', confidence: 'likely' },
  { series: 'connector', tube: '3/8', tubeOutside: 0.375, thread: '5/8-18 UNF', major: 0.625, n: 18, nutMinor: null, acrossFlats: null, source: 'gas connector practice', confidence: 'approximate' },
  { series: 'connector', tube: '1/2', tubeOutside: 0.5, thread: '3/4-16 UNF', major: 0.75, n: 16, nutMinor: null, acrossFlats: null, source: 'gas connector practice', confidence: 'approximate' },
  { series: 'connector', tube: '1/2', tubeOutside: 0.5, thread: '13/16-16 UN', major: 0.8125, n: 16, nutMinor: null, acrossFlats: null, source: 'gas connector practice', confidence: 'approximate' },
  { series: 'connector', tube: '5/8', tubeOutside: 0.625, thread: '15/16-16 UN', major: 0.9375, n: 16, nutMinor: 0.87, acrossFlats: '1-1/16', source: 'gas connector practice', confidence: 'certain' },
];
