import type { Length } from '#core/units';

/** The bought nipple nearest to a cut; `off` is nipple minus cut, nm. */
export interface NearestNipple {
  readonly length: Length;
  readonly off: Length;
  readonly fits: boolean;
}

/**
 * Finds it among the lengths a size is bought in (nm, any order); null when none is. Of two equally near, the longer.
 * It fits when it is no further off than `tolerance` (nm).
 */
export function findNearestNipple(
  cut: Length,
  lengths: readonly Length[],
  tolerance: Length,
): NearestNipple | null {
  let nearest: Length | null = null;
  for (const length of lengths) {
    const [now, before] = [Math.abs(length - cut), nearest === null ? Infinity : Math.abs(nearest - cut)];
    if (now < before || (now === before && length > (nearest ?? 0))) nearest = length;
  }
  if (nearest === null) return null;
  const off = nearest - cut;
  return { length: nearest, off, fits: Math.abs(off) <= tolerance };
}
