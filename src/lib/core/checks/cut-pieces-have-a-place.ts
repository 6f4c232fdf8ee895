import type { Finding } from './finding.ts';
import { findPiece, type RunLayout } from '#core/runs/layout';

/** A piece that was cut still has its place in the run; if not, it may be stock. */
export function checkCutPiecesHaveAPlace(layout: RunLayout): Finding[] {
  const findings: Finding[] = [];
  for (const [piece, { length, by }] of layout.facts.asCut) {
    if (findPiece(layout, piece)) continue;
    findings.push({ code: 'cut-for-no-place', severity: 'ask', subject: piece, length, by });
  }
  return findings;
}
