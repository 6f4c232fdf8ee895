import { findNearestNipple } from '../../allowances/find-nipple.ts';
import { STOCK_LENGTH } from '../../catalogue/pipe.ts';
import type { Finding } from '../finding.ts';
import type { Piece, RunLayout } from '../layout.ts';
import { getThreadingNeed } from '../threading-need.ts';

/**
 * A piece is longer than nothing and no longer than a stock length. One that is shorter than its two threads and the
 * grip of the machine (2T + grip) is bought as a nipple where one is as long; otherwise something must move. Nothing
 * left means that the fittings at its ends collide.
 */
export function checkPiecesCanBeMade(layout: RunLayout): Finding[] {
  return [...layout.pieces.values()].flatMap((piece) => checkPiece(piece, layout) ?? []);
}

/** The long id is built for the pieces that have a finding only. */
function checkPiece(piece: Piece, { catalogue }: RunLayout): Finding | null {
  const { mark, cut, size } = piece;
  if (!cut) return null;
  const { exact } = cut;
  if (exact <= 0) return { code: 'pieces-collide', severity: 'stop', subject: piece.id, mark, by: -exact };
  const needed = getThreadingNeed(piece);
  if (exact < needed) {
    const nearest = findNearestNipple(exact, catalogue.getNippleLengths(size));
    if (nearest?.fits) {
      const { length: nipple, off } = nearest;
      return {
        code: 'nipple-fits',
        severity: 'note',
        subject: piece.id,
        mark,
        size,
        cut: exact,
        nipple,
        off,
      };
    }
    return {
      code: 'too-short-to-thread',
      severity: 'stop',
      subject: piece.id,
      mark,
      cut: exact,
      needed,
      nearest: nearest?.length ?? null,
      move: nearest?.off ?? null,
    };
  }
  if (exact <= STOCK_LENGTH) return null;
  return { code: 'longer-than-stock', severity: 'note', subject: piece.id, mark, stock: STOCK_LENGTH };
}
