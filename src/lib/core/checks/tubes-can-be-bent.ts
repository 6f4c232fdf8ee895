import { RETURN_BEND_FROM } from '#core/bending';
import { getCraft } from '#core/materials';
import type { Piece, TubePath } from '#core/runs/pieces';
import { getStretches, perStretch, type LegStretch, type RunLayout } from '#core/runs/layout';
import type { Finding } from './finding.ts';

/**
 * Tube can be bent as it is laid out: it is soft, no bend is tighter than it may be, none runs into the next. Bends nobody measured cannot be
 * looked at: that is said. No joint lies in a tube for which no fitting is made.
 */
export function checkTubesCanBeBent(layout: RunLayout): Finding[] {
  const { legs } = getStretches(layout);
  return [
    ...legs.flatMap((stretch) => findUnbent(stretch, layout)),
    ...legs.flatMap((stretch) => findJoined(stretch, layout)),
  ];
}

/** A tube goes through legs of other stretches too: it is laid anew with any of them. */
const findUnbent = perStretch(({ pieces }: LegStretch, layout): readonly Finding[] =>
  pieces.flatMap((own) => own.flatMap((piece) => (piece.path ? checkPiece(piece, piece.path, layout) : []))),
);

const findJoined = perStretch(({ legs }: LegStretch): readonly Finding[] => {
  const findings: Finding[] = [];
  for (const { leg, inline } of legs) {
    if (getCraft(leg).turnsBy !== 'bend') continue;
    for (const { id, part } of inline)
      if (!part)
        findings.push({ code: 'no-joint-in-tube', severity: 'stop', subject: id, mark: String(leg.tag) });
  }
  return findings;
});

function checkPiece(piece: Piece, path: TubePath, layout: RunLayout): Finding[] {
  const { id: subject, mark, cut } = piece;
  const findings: Finding[] = [];
  if (path.turns.length > 0 && !path.bending)
    return [{ code: 'tube-too-hard', severity: 'stop', subject, mark, bends: path.turns.length }];
  for (const turn of path.turns) findings.push(...checkTurn(turn, path, layout));
  const needed = path.bending?.between ?? 0;
  const beforeJoint = path.bending?.beforeJoint ?? 0;
  for (const [i, left] of (piece.developed?.left ?? []).entries()) {
    const isBetween = i > 0 && i < path.straights.length - 1;
    const { joint, takeOff } = piece.ends[i === 0 ? 0 : 1];
    if (!isBetween && joint && path.turns.length > 0 && beforeJoint > 0) {
      // From where the tube comes out of the fitting to where its bend begins; of a fitting not measured, from its middle.
      const straight = Math.round(left - (takeOff ?? 0));
      if (straight < beforeJoint)
        findings.push({
          code: 'bend-at-joint',
          severity: 'stop',
          subject,
          mark,
          left: straight,
          needed: beforeJoint,
        });
      continue;
    }
    // Before the first bend and after the last its end needs room of its own: the fitting and the nut.
    if (left >= (isBetween ? needed : 0)) continue;
    const severity = left < 0 ? 'stop' : 'ask';
    findings.push({
      code: 'bends-run-together',
      severity,
      subject,
      mark,
      left: Math.round(left),
      needed: isBetween ? needed : 0,
      isLeast: isLeast(i, path),
    });
  }
  if (path.isRoute) findings.push({ code: 'route-not-measured', severity: 'note', subject, mark });
  if (cut && cut.trim > 0)
    findings.push({ code: 'trimmed-in-place', severity: 'note', subject, mark, trim: cut.trim });
  return findings;
}

/** Whether neither bend beside a straight can be bent any closer. */
const isLeast = (straight: number, { turns, bending }: TubePath): boolean =>
  [turns[straight - 1], turns[straight]].every(
    (turn) => !turn || turn.radius === null || !bending || turn.radius <= bending.least,
  );

function checkTurn(
  { node, degrees, radius }: TubePath['turns'][number],
  { bending }: TubePath,
  { nodes }: RunLayout,
): Finding[] {
  const mark = String(nodes.get(node)!.legs[0]!.tag);
  if (degrees >= RETURN_BEND_FROM)
    return [{ code: 'bend-returns', severity: 'stop', subject: node, mark, degrees }];
  if (radius === null) return [{ code: 'bend-radius-unknown', severity: 'ask', subject: node, mark }];
  if (!bending) return [];
  const limit =
    radius < bending.least ? bending.least : radius < bending.recommended ? bending.recommended : null;
  if (limit === null) return [];
  const severity = limit === bending.least ? 'stop' : 'ask';
  return [{ code: 'bend-too-tight', severity, subject: node, mark, radius, limit }];
}
