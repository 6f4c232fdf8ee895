import { findNearestNipple, type NearestNipple } from '#core/allowances';
import type { Catalogue } from '#core/catalogue';
import type { NominalSize } from '#core/ends';
import { type HouseRules, getGrip } from '#core/house-rules';
import type { Length } from '#core/units';
import type { PieceEnds } from '../craft.ts';

/**
 * The least length (nm) that can be threaded at both ends: its two threads and the grip of the machine. A shop that
 * threads its own nipples holds them by the first thread: the two threads alone.
 */
export function getThreadingNeed(near: PieceEnds[0], far: PieceEnds[1], rules: HouseRules): Length {
  const threads = (near.thread?.cutLength ?? 0) + (far.thread?.cutLength ?? 0);
  return rules.nipples.option === 'cut-in-house' ? threads : threads + getGrip(rules);
}

/** The bought nipple nearest to a cut (nm), by the house rule on nipples; null where none is bought. */
export const findNearest = (
  cut: Length,
  size: NominalSize,
  near: PieceEnds[0],
  rules: HouseRules,
  catalogue: Catalogue,
): NearestNipple | null =>
  rules.nipples.option === 'cut-in-house' || !near.thread
    ? null
    : findNearestNipple(cut, catalogue.getNippleLengths(size, near.thread.family), rules.nipples.tolerance);

/** The nipple to buy in place of a cut (nm); null for pipe that is cut, and where none is as long. */
export function findNipple(
  cut: Length,
  size: NominalSize,
  near: PieceEnds[0],
  far: PieceEnds[1],
  rules: HouseRules,
  catalogue: Catalogue,
): Length | null {
  if (cut <= 0) return null;
  if (rules.nipples.option !== 'bought-to-12' && cut >= getThreadingNeed(near, far, rules)) return null;
  const nearest = findNearest(cut, size, near, rules, catalogue);
  return nearest?.fits ? nearest.length : null;
}
