import { explainJoint } from './explain-joint.ts';
import { explainLength } from './explain-length.ts';
import { explainPiece } from './explain-piece.ts';
import type { Explanation } from './explanation.ts';
import { findEnd, findPiece, type RunLayout } from '#core/runs/layout';

/**
 * The reason behind the numbers of a piece, of a joint, or of a leg's length, built when asked: formula, values, source,
 * confidence and the deciding rule. Null when the id is none of them, or when what is asked is not known.
 */
export function explain(layout: RunLayout, id: string): Explanation | null {
  const piece = findPiece(layout, id);
  if (piece) {
    const workings = explainPiece(piece, layout);
    return workings ? { subject: id, about: 'piece', workings } : null;
  }
  const leg = layout.legs.get(id);
  if (leg) {
    const workings = explainLength(leg, layout);
    return workings.length > 0 ? { subject: id, about: 'leg', workings } : null;
  }
  const end = findEnd(layout, id);
  const workings = end ? explainJoint(end, layout) : null;
  return workings ? { subject: id, about: 'joint', workings } : null;
}
