import type { Length } from '#core/units';

/**
 * Where supports stand along a leg, nm from its near end: one at most `end` from the fitting at each end, the others evenly between, no two
 * farther apart than `spacing`. A leg no longer than twice that has one, in its middle; one that is no longer than `end` hangs from what is
 * beside it and has none.
 *
 *     fitting |--end--x-----------x-----------x--end--| fitting
 */
export function placeSupports(length: Length, spacing: Length, end: Length): readonly Length[] {
  if (length <= end) return [];
  const between = length - 2 * end;
  if (between <= 0) return [Math.round(length / 2)];
  const gaps = Math.ceil(between / spacing);
  return Array.from({ length: gaps + 1 }, (_, i) => end + Math.round((between * i) / gaps));
}
