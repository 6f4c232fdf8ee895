import type { Millimetres } from '#core/units';
/** How a tube lies in what is made for a tube of another size. */
export type FitInSocket = 'same' | 'smaller' | 'larger' | 'lost';

/** Tubes are drawn to a tenth of a millimetre and better. */
const SAME = 0.12;
/** Less than this share of what is wanted, and nothing touches. */
const LOST = 0.6;

/** Judges a tube (outside, mm) by the outside of the tube that is wanted. */
export function judgeFit(outside: Millimetres, wanted: Millimetres): FitInSocket {
  if (Math.abs(outside - wanted) <= SAME) return 'same';
  if (outside > wanted) return 'larger';
  return outside < wanted * LOST ? 'lost' : 'smaller';
}
