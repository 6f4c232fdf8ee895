import { findLeg, getLegs } from '#core/runs/document';
import type { LaidEnd } from '#core/runs/measuring';
import type { RunLayout } from '#core/runs/layout';

/** What turns when a fitting is screwed on: everything that is made up on it already. */
export interface TurnedWith {
  /** Another piece of the same leg, beyond a part that stands in it. */
  readonly restOfLeg: boolean;
  /** Numbers of the other legs, in rising order. */
  readonly tags: readonly number[];
  /** The line comes round to the pipe itself: held on both sides, the fitting cannot be turned. */
  readonly closes: boolean;
}

/** What hangs on the part at an end of a piece, away from that piece. Null where the end meets no part. */
export function findTurned(layout: RunLayout, end: LaidEnd): TurnedWith | null {
  const pieces = layout.pieces.get(end.leg) ?? [];
  const at = pieces.findIndex(({ ends }) => ends.some(({ id }) => id === end.id));
  const piece = pieces[at];
  const leg = findLeg(layout.doc, end.leg);
  if (!piece || !leg || !end.joint) return null;
  const isFar = piece.ends[1].id === end.id;
  const [start, other] = isFar ? [leg.to, leg.from] : [leg.from, leg.to];
  const restOfLeg = isFar ? at < pieces.length - 1 : at > 0;
  const meeting = new Map<string, string[]>();
  const legs = [...getLegs(layout.doc).values()];
  for (const { id, from, to } of legs) {
    if (id === leg.id) continue;
    for (const node of [from, to]) meeting.set(node, [...(meeting.get(node) ?? []), id]);
  }
  const nodes = new Set([start]);
  const turned = new Set<string>();
  for (const node of nodes) {
    for (const id of meeting.get(node) ?? []) {
      const { from, to } = layout.doc.legs[id]!;
      turned.add(id);
      nodes.add(from).add(to);
    }
  }
  const tags = [...turned].map((id) => layout.doc.legs[id]!.tag).sort((a, b) => a - b);
  return { restOfLeg, tags, closes: nodes.has(other) };
}
