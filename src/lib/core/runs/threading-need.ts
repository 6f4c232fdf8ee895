import { findNearestNipple, GRIP } from '../allowances/find-nipple.ts';
import type { Catalogue } from '../catalogue/catalogue.ts';
import type { Length } from '../units/length.ts';
import type { Piece } from './layout.ts';

/** The least length (nm) that can be threaded at both ends: its two threads and the grip of the machine. */
export const getThreadingNeed = ({ ends }: Piece): Length =>
  ends.reduce((sum, end) => sum + (end.thread?.cutLength ?? 0), 0) + GRIP;

/** The nipple to buy for a piece that is too short to thread, nm; null for pipe that is cut, and where none is as long. */
export function findNipple(piece: Piece, catalogue: Catalogue): Length | null {
  if (!piece.cut || piece.cut.exact <= 0 || piece.cut.exact >= getThreadingNeed(piece)) return null;
  const nearest = findNearestNipple(piece.cut.exact, catalogue.getNippleLengths(piece.size));
  return nearest?.fits ? nearest.length : null;
}
