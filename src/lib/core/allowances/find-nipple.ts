import { INCH, type Length } from '../units/length.ts';

/** Bought lengths vary by about this much, and a joint takes it up: the default tolerance. */
export const NIPPLE_TOLERANCE: Length = INCH / 16;
/** What the machine or vise must hold beside the two threads; 1 in unless the shop's own machine needs another. */
export const GRIP: Length = INCH;

/** The bought nipple nearest to a cut that is too short to thread; `off` is nipple minus cut, nm. */
export interface NearestNipple {
  readonly length: Length;
  readonly off: Length;
  readonly fits: boolean;
}

/** Finds it among the lengths a size is bought in (nm, any order); null when none is. Of two equally near, the longer. */
export function findNearestNipple(cut: Length, lengths: readonly Length[]): NearestNipple | null {
  let nearest: Length | null = null;
  for (const length of lengths) {
    const [now, before] = [Math.abs(length - cut), nearest === null ? Infinity : Math.abs(nearest - cut)];
    if (now < before || (now === before && length > (nearest ?? 0))) nearest = length;
  }
  if (nearest === null) return null;
  const off = nearest - cut;
  return { length: nearest, off, fits: Math.abs(off) <= NIPPLE_TOLERANCE };
}
