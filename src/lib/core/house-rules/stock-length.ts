import { FOOT, METRE, type Length } from '#core/units';
import type { HouseRule } from './house-rule.ts';

/** Lengths in which pipe is bought, nm. */
export const STOCK_LENGTHS = {
  '21 ft': 21 * FOOT,
  '10 ft': 10 * FOOT,
  '6 m': 6 * METRE,
} as const satisfies Record<string, Length>;
export type StockOption = keyof typeof STOCK_LENGTHS;

/** How long the pipe is that the shop buys: a leg longer than that is joined by couplings. */
export const stockLengthRule: HouseRule<'stock-length', StockOption> = {
  id: 'stock-length',
  topic: 'lengths',
  options: ['21 ft', '10 ft', '6 m'],
  default: '21 ft',
  outrankedBy: [],
  version: 1,
};
