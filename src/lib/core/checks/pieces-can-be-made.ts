import type { Finding } from './finding.ts';
import type { Piece } from '#core/runs/pieces';
import { getStretches, perStretch, type LegStretch, type RunLayout } from '#core/runs/layout';
import { findOnSheet } from '#core/catalogue';
import { getCraft } from '#core/materials';

/**
 * A piece is longer than nothing. One that is shorter than its two threads and the grip of the machine (2T + grip) is
 * bought as a nipple where one is as long; otherwise something must move. Nothing left means that the fittings at its
 * ends collide. A leg longer than the stock is joined by couplings.
 */
export function checkPiecesCanBeMade(layout: RunLayout): Finding[] {
  const { legs } = getStretches(layout);
  return [
    ...legs.flatMap((stretch) => findUnmade(stretch, layout)),
    ...legs.flatMap((stretch) => findLong(stretch, layout)),
  ];
}

const findUnmade = perStretch(({ pieces }: LegStretch, layout): readonly Finding[] =>
  pieces.flatMap((own) => own.flatMap((piece) => checkPiece(piece, layout) ?? [])),
);

const findLong = perStretch(({ legs }: LegStretch, layout): readonly Finding[] => {
  const findings: Finding[] = [];
  for (const { id, leg, inline } of legs) {
    const couplings = inline.length === 0 ? 0 : inline.filter(({ placedBy }) => placedBy === 'stock').length;
    if (couplings === 0) continue;
    findings.push({
      code: 'longer-than-stock',
      severity: 'note',
      subject: id,
      mark: String(leg.tag),
      stock: getCraft(leg).getStock(layout.rules),
      couplings,
    });
  }
  return findings;
});

/** What forbids to cut a piece: nothing is left of it, or it is too short to be made; null where it may be made. */
export function findForbidden(piece: Piece, layout: RunLayout): Finding | null {
  const finding = checkPiece(piece, layout);
  return finding?.severity === 'stop' ? finding : null;
}

/** What is to be said of one piece; null where it can be made as it is. The long id is built for pieces that have a finding only. */
function checkPiece(piece: Piece, { catalogue, rules, legs }: RunLayout): Finding | null {
  const { cut } = piece;
  if (!cut) return null;
  const { exact, nipple } = cut;
  if (exact <= 0)
    return { code: 'pieces-collide', severity: 'stop', subject: piece.id, mark: piece.mark, by: -exact };
  const { leg } = legs.get(piece.leg)!;
  const craft = getCraft(leg);
  const needed = craft.getLeastPiece(piece.ends, rules, leg, catalogue);
  if (exact >= needed) return null;
  const { mark, size } = piece;
  if (!craft.screws) {
    const join = craft.findJoin(leg);
    const spacing = join && findOnSheet(catalogue.sheets, join, 'spacing', leg.size);
    const maker = spacing?.maker ?? null;
    return { code: 'tube-too-short', severity: 'stop', subject: piece.id, mark, cut: exact, needed, maker };
  }
  if (nipple !== null) {
    const off = nipple - exact;
    return { code: 'nipple-fits', severity: 'note', subject: piece.id, mark, size, cut: exact, nipple, off };
  }
  const nearest = craft.findNearestBought(exact, leg, piece.ends, rules, catalogue);
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
