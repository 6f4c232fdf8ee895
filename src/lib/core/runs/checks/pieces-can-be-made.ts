import { STOCK_LENGTH } from '../../catalogue/pipe.ts';
import type { Finding } from '../finding.ts';
import type { Piece, RunLayout } from '../layout.ts';

/**
 * A piece is longer than nothing, longer than the two threads cut on it (2T), and no longer than a stock length.
 * Nothing left means that the fittings at its ends collide.
 */
export function checkPiecesCanBeMade(layout: RunLayout): Finding[] {
  return [...layout.pieces.values()].flatMap((piece) => checkPiece(piece) ?? []);
}

/** The long id is built for the pieces that have a finding only. */
function checkPiece(piece: Piece): Finding | null {
  const { mark, cut, ends } = piece;
  if (!cut) return null;
  if (cut.exact <= 0) {
    return { code: 'pieces-collide', severity: 'stop', subject: piece.id, mark, by: -cut.exact };
  }
  const needed = ends.reduce((sum, end) => sum + (end.thread?.cutLength ?? 0), 0);
  if (cut.exact < needed) {
    const found = { subject: piece.id, mark, cut: cut.exact, needed };
    return { code: 'piece-shorter-than-threads', severity: 'stop', ...found };
  }
  if (cut.exact <= STOCK_LENGTH) return null;
  return { code: 'longer-than-stock', severity: 'note', subject: piece.id, mark, stock: STOCK_LENGTH };
}
